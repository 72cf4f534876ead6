/** What usual recipes of magazines and blogs say in ways of their own. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText } from '../../../tests/support/imported';

const BEANS = '1 lb dried cannellini beans\n10 cups cold water, divided\n2 tbsp salt';
const SOAK = 'Dissolve the salt in 6 cups of the water, add the beans and soak 8 hours. Drain.';
const COOK =
  'Beans and remaining 4 cups water into the pot. High pressure 9 minutes, quick release.';

describe('water that is poured off after the soak', () => {
  const { dish, ingredients } = imported(BEANS, `${SOAK} ${COOK}`);
  const used = (kind: string) =>
    dish.stages
      .filter((s) => s.kind === kind)
      .flatMap((s) => s.uses)
      .flatMap((id) => dish.ingredients.filter((i) => i.id === id && i.food === 'cold water'))
      .map((i) => [i.amount, i.unit]);

  it('is not in the pot, and what is left of it is', () => {
    expect(used('soak')).toEqual([[6, 'cup']]);
    expect(used('pressure')).toEqual([[4, 'cup']]);
  });

  it('the list that was read stays as it was written', () =>
    expect(ingredients.filter((i) => i.food?.id === 'water').map((i) => i.line.amount)).toEqual([
      10,
    ]));

  it('nothing is parted where the soak takes all of it, or more than is listed, or nobody says', () => {
    const waters = (soak: string) =>
      imported(BEANS, `${soak} ${COOK}`).dish.ingredients.filter((i) => i.food === 'cold water');
    for (const soak of [
      'Soak the beans in 10 cups of the water for 8 hours.',
      'Soak the beans in 12 cups of water for 8 hours.',
      'Soak the beans for 8 hours.',
    ])
      expect(
        waters(soak).map((i) => i.amount),
        soak,
      ).toEqual([10]);
  });
});

describe('what usual recipes say', () => {
  it('“rinse the dal and soak overnight in plenty of water”: the dal is soaked, in no listed water', () => {
    const { dish } = imported(
      '200 g urad dal\n3½ cups water, for cooking',
      'Rinse the urad dal and soak overnight in plenty of water. Drain. Add the water. High 30 minutes, natural release.',
    );
    const soak = dish.stages.find((s) => s.kind === 'soak');
    expect(soak?.uses.map((id) => dish.ingredients.find((i) => i.id === id)?.food)).toEqual([
      'urad dal',
    ]);
  });

  it.each(['kadai', 'karahi', 'skillet', 'wok'])('a %s stands on the stove', (pan) => {
    const method = `Lentils and water in. High 10 minutes, natural release. In a ${pan}, fry the onion in the ghee for 7 minutes. Stir it in.`;
    const { dish } = imported('200 g lentils\n600 ml water\n1 onion\n2 tbsp ghee', method);
    expect(dish.stages.filter((s) => 'minutes' in s && s.minutes === 7).map((s) => s.kind)).toEqual(
      ['burner'],
    );
  });

  it('TIP in capitals is a note, and “tip in” is work', () => {
    const text = (line: string) =>
      importedText(
        `Chickpeas\nserves 4\n\n250 g soaked chickpeas\n500 ml water\nrice, to serve\n\nTip in the chickpeas and water. High pressure 15 min, quick release.\nServe with rice.\n${line}`,
      ).dish;
    const isStep = (line: string, words: RegExp) =>
      text(line).stages.some((s) => words.test(s.text));
    expect(isStep('TIP Using tinned chickpeas? Cook for 4 min instead.', /tinned/)).toBe(false);
    expect(text('TIP Using tinned chickpeas? Cook for 4 min instead.').notes).toContain('tinned');
    expect(isStep('', /Tip in the chickpeas/)).toBe(true);
  });

  it('“this masala” is fried beside the pot before it goes into it', () => {
    const { dish } = imported(
      '200 g lentils\n600 ml water\n1 onion\n2 tbsp ghee\n100 ml cream',
      'Lentils and water in. High 10 minutes, natural release. In a kadai, fry the onion in the ghee for 7 minutes. Add this masala to the lentils and simmer 25 minutes. Stir in the cream.',
    );
    const [fried] = dish.stages.filter((s) => s.kind === 'burner');
    const at = dish.stages.findIndex((s) => 'minutes' in s && s.minutes === 25);
    expect(dish.stages[at]?.after ?? [dish.stages[at - 1]?.id]).toContain(fried?.id);
  });

  it('what goes into the kadai next is fried there, until it goes to what cooked apart', () => {
    const { dish } = imported(
      '200 g lentils\n600 ml water\n1 onion\n2 cloves garlic\n2 tbsp ghee',
      'Lentils and water in. High 10 minutes, natural release. In a kadai, fry the onion in the ghee for 5 minutes. Add the garlic and sauté till golden, 2 minutes. Add this to the lentils and simmer 10 minutes on sauté.',
    );
    const heat = dish.stages.flatMap((s) =>
      s.kind === 'burner' || s.kind === 'simmer' ? [[s.kind, s.minutes]] : [],
    );
    expect(heat).toEqual([
      ['burner', 7],
      ['simmer', 10],
    ]);
    const at = dish.stages.findIndex((s) => s.kind === 'simmer');
    expect(dish.stages[at]?.after).toHaveLength(2);
  });

  it('what goes into the pot again is cooked there, whatever was toasted in a skillet', () => {
    const { dish } = imported(
      '200 g lentils\n600 ml water\n1 onion\n50 g panko',
      'Lentils and water in. High 10 minutes, natural release. In a skillet toast the panko 3 minutes. Stir in the onion and cook 5 minutes on sauté. Serve with the panko.',
    );
    expect(dish.stages.flatMap((s) => (s.kind === 'burner' ? [s.minutes] : []))).toEqual([3]);
  });

  it.each(['Soak time: overnight', 'Soaking: 8 hours | Prep: 15 minutes'])(
    '“%s” at the head is the soak of the pulses, and no step of its own',
    (head) => {
      const { dish } = importedText(
        `Red peas\nserves 6\n${head}\n\n2 cups dried red kidney beans\n1 can chickpeas\n5 cups water\n\nDrain the beans. Add to the cooker with the water. High 25 min, natural release. Stir in the chickpeas.`,
      );
      const soaks = dish.stages.filter((s) => s.kind === 'soak');
      expect(soaks.map((s) => s.minutes)).toEqual([480]);
      expect(soaks[0]?.uses.map((id) => dish.ingredients.find((i) => i.id === id)?.food)).toEqual([
        'red kidney beans',
      ]);
      expect(dish.stages.some((s) => /soak(?:ing)?(?: time)?:/i.test(s.text))).toBe(false);
    },
  );

  it('“eat warm or chill 3 hrs”: nobody has to wait', () => {
    const told = (end: string) =>
      imported('200 g rice\n600 ml milk', `Rice and milk in. High 10 min, natural release. ${end}`)
        .dish.stages;
    const waits = (end: string) => told(end).some((s) => 'minutes' in s && s.minutes === 180);
    expect(waits('Eat warm or chill 3 hrs.')).toBe(false);
    expect(waits('Chill 3 hrs.')).toBe(true);
  });

  it('“the meats” are those of the list', () => {
    const { dish, questions } = imported(
      '300 g beef mince\n300 g pork mince\n1 onion\n200 ml stock',
      'On sauté, soften the onion 5 minutes. Add the meats and brown 12 minutes. Stock in. High 30 minutes, natural release.',
    );
    expect(questions.filter((q) => q.about.kind === 'place')).toEqual([]);
    expect(dish.stages.find((s) => s.kind === 'brown')?.uses).toHaveLength(3);
  });

  it('“leave it alone 15, vent” is a timed release, whatever is beaten for a minute after it', () => {
    const { dish } = imported(
      '180 g rice\n1.6 l water',
      'Rice and water in. Low pressure 18 min, leave it alone 15, vent. Beat hard for a minute.',
    );
    expect(dish.stages.flatMap((s) => (s.kind === 'pressure' ? [s.release] : []))).toEqual([
      { kind: 'timed', minutes: 15 },
    ]);
  });

  it('what is salted the night before waits for the night', () => {
    const { dish } = imported(
      '1.2 kg pork neck\nsalt\n200 ml water',
      'Salt the neck the night before. Water in the pot, neck on the rack. High 55 min, natural.',
    );
    const at = dish.stages.findIndex((s) => s.kind === 'pressure');
    expect(dish.stages.slice(0, at).some((s) => 'minutes' in s && s.minutes === 480)).toBe(true);
    expect(dish.stages[at]?.text).not.toMatch(/night before/);
  });

  it('what is covered meanwhile is left to stand after it was poured over, and not before', () => {
    const { dish } = imported(
      '500 g lamb, diced\n300 ml stock\n300 g couscous\n375 ml boiling water',
      'Brown the lamb 8 minutes. Stock in. High 20 minutes, natural release. Meanwhile put the couscous in a bowl, pour over the boiling water, cover and leave for 10 minutes. Serve together.',
    );
    const at = dish.stages.findIndex((s) => s.kind === 'rest');
    const [before, rest] = dish.stages.slice(at - 1);
    expect(before?.text).toMatch(/pour over the boiling water/);
    expect(rest?.after ?? [before?.id]).toEqual([before?.id]);
  });

  it('that it may be done a day ahead is no step', () => {
    const method =
      'Rub the lamb with the spices. (Do this up to a day ahead and keep in the fridge.) Stock in. High 20 minutes, natural release.';
    const { dish } = imported('500 g lamb, diced\n1 tsp spices\n300 ml stock', method);
    expect(dish.stages.some((s) => /day ahead/.test(s.text))).toBe(false);
    expect(dish.notes).toContain('day ahead');
  });

  it.each([
    ['50 g walnuts, toasted if you like', false],
    ['1 cup pot barley (soaked if you like)', false],
    ['50 g walnuts, if you like', true],
    ['1 chilli (if you like)', true],
    ['1 tsp dried mint if you like', true],
  ])('%s: may be left out %s', (line, isOptional) =>
    expect(imported(line, 'Simmer 5 minutes.').ingredients[0]?.line.optional).toBe(isOptional),
  );

  it.each([
    ['a good handful of coriander stalks, chopped', 'handful coriander stalks', 'good, chopped'],
    ['a large bunch of dill', 'bunch dill', 'large'],
  ])('%s', (line, food, preparation) =>
    expect(imported(line, 'Simmer 5 minutes.').dish.ingredients[0]).toMatchObject({
      ...{ food, preparation },
    }),
  );

  it.each([
    ['300 g carnaroli rice', 8],
    ['300 g orzo', 8],
    ['300 g gnocchi', 8],
    ['300 g basmati rice', 30],
  ])('%s waits %i minutes', (line, minutes) =>
    expect(
      imported(`${line}\n700 ml stock`, 'All in. High pressure 5 minutes, quick release. Serve.')
        .dish.wait.maxMinutes,
    ).toBe(minutes),
  );
});
