import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoHousehold } from '../../demo/household';
import { dishSchema } from '../dish';
import { findDurations, findTemperature } from './durations';
import { importRecipe, summarise, toJsonLd, toText } from './index';

const { dishes } = demoHousehold(Date.UTC(2026, 10, 25, 9));
const STYLE = { system: 'metric', scale: 'C' } as const;

function read(text: string) {
  const imported = importRecipe(text);
  if (!imported.ok) throw new Error(imported.problems[0]?.message);
  return imported.value;
}
const under = (sentence: string): string =>
  summarise(read(`A dish\nServes 4\n500 g carrots\n500 ml broth\n${sentence}`))
    .cycles.map(
      (c) =>
        `${c.level} ${c.holdMinutes}${c.perPound ? '/lb' : ''} ${c.release.kind}${c.release.minutes ?? ''}`,
    )
    .join(', ');

describe('times as people write them', () => {
  it.each([
    ['8 minutes', 8, null],
    ['1 hour 10 minutes', 70, null],
    ['an hour and a half', 90, null],
    ['half an hour', 30, null],
    ['10–12 min', 10, 12],
    ['5 to 7 minutes', 5, 7],
    ['0 minutes', 0, null],
    ['zero minutes', 0, null],
    ['90 seconds', 1.5, null],
    ['2½ hours', 150, null],
    ['5 more minutes', 5, null],
    ['a quarter of an hour', 15, null],
  ])('%s', (text, from, to) => {
    expect(findDurations(`cook for ${text}.`)[0]).toMatchObject({ from, to });
  });

  it('minutes by weight, for a pound whatever is written', () => {
    expect(findDurations('8 min per lb')[0]?.perPound).toBe(8);
    expect(findDurations('20 minutes per kilo')[0]?.perPound).toBeCloseTo(9.07, 2);
    expect(findDurations('8 minutes')[0]?.perPound).toBeNull();
  });

  it.each([
    ['at 400°F', 204],
    ['at 200 C', 200],
    ['350 degrees', 177],
    ['180°C/350°F', 180],
    ['gas mark 6', 200],
    ['gas 4', 180],
    ['180 fan', 180],
    ['oven to 220', 220],
    ['until the middle reads 74 °C', null],
    ['for 20 minutes', null],
  ])('%s', (text, celsius) => {
    expect(findTemperature(text)).toBe(celsius);
  });
});

describe('cycles as people tell them', () => {
  it.each([
    ['Pressure cook on high for 8 minutes, quick release.', 'high 8 quick'],
    ['Seal the lid and cook 4 min at low. Let it come down by itself.', 'low 4 natural'],
    ['50 minutes high pressure, natural 10 then quick.', 'high 50 timed10'],
    ['Cook on HIGH pressure for 5 minutes; NR 10 minutes.', 'high 5 timed10'],
    ['Cook for zero minutes on high pressure. Vent immediately.', 'high 0 quick'],
    [
      'Cook under pressure for one hour, then leave it to depressurize naturally.',
      'high 60 natural',
    ],
    [
      'Lock lid in place. Set to 35 minutes at high pressure. Turn the pot off and let sit 15 minutes. Open vent.',
      'high 35 timed15',
    ],
    ['Bring to high pressure. Cook 6 minutes. Release the pressure quickly.', 'high 6 quick'],
    [
      'Close the lid. Select Manual and program 8 minutes. When it beeps, wait 10 minutes, then quick-release the rest.',
      'high 8 timed10',
    ],
    ['Cook at maximum pressure for 12 minutes, natural or quick release.', 'max 12 either'],
    [
      'Pressure cook 15 minutes at high. Quick release. Seal again, 4 min at low, quick release.',
      'high 15 quick, low 4 quick',
    ],
    ['Simmer for 20 minutes.', ''],
    ['Slow cook on low for 8 hours.', ''],
  ])('%s', (sentence, cycles) => {
    expect(under(sentence)).toBe(cycles);
  });
});

describe('what pieces weigh', () => {
  it.each([
    ['1 (2-lb) pork shoulder', 2, 'lb'],
    ['2 hake fillets (150 g each)', 300, 'g'],
    ['3 courgettes (600 g), sliced', 600, 'g'],
    ['4 (6-ounce) salmon fillets', 24, 'oz'],
    ['4 salmon fillets', 4, 'piece'],
  ])('%s', (line, amount, unit) => {
    const { dish } = read(`Dish\nServes 2\n${line}\n1 cup water\nCook on high pressure 3 minutes.`);
    expect(dish.ingredients[0]).toMatchObject({ amount, unit });
  });
});

describe('out and in again', () => {
  it.each(dishes.map((d) => [d.name, d] as const))('%s comes back as it went', (_name, dish) => {
    const document = JSON.stringify(toJsonLd(dish, STYLE));
    expect(read(document).dish).toEqual(dish);
    // A reader that knows nothing of ours finds the same cycles in the words.
    const words = summarise(read(toText(dish, dish.servings, STYLE)));
    const own = dish.stages.flatMap((s) =>
      s.kind === 'pressure' ? [[s.level, s.holdMinutes, s.release.kind]] : [],
    );
    expect(words.cycles.map((c) => [c.level, c.holdMinutes, c.release.kind])).toEqual(own);
    expect(words.ingredients.length).toBe(dish.ingredients.length);
  });

  it('an id that is taken gets a number', () => {
    const [dish] = dishes;
    if (!dish) throw new Error('no dish');
    const imported = importRecipe(JSON.stringify(toJsonLd(dish, STYLE)), {
      takenIds: new Set([dish.id]),
    });
    expect(imported.ok && imported.value.dish.id).toBe(`${dish.id}-2`);
  });
});

describe('bad input', () => {
  it.each([
    ['', /empty/],
    ['\u0000\u0001PNG', /not a text file/],
    ['Hello.', /no recipe/],
    ['{"@type":"Article","name":"x"}', /JSON without a recipe/],
    ['x'.repeat(5_000_001), /larger than 5 MB/],
    ['Stir it for 5 minutes. '.repeat(6000), /lines and sentences/],
    [Array.from({ length: 1200 }, (_, i) => `${i + 1} g salt`).join('\n'), /lines in one part/],
  ])('%#: refused in words', (text, message) => {
    const refused = importRecipe(text);
    expect(refused.ok).toBe(false);
    if (!refused.ok) {
      expect(refused.problems[0]?.message).toMatch(message);
      expect(refused.problems[0]?.remedy).toBeTruthy();
    }
  });

  it('no script, handler or markup comes through', () => {
    const { dish } = read(
      `<h1>Soup<script>alert(1)</script></h1><h2>Ingredients</h2><ul><li onclick="x()">1 cup <b>peas</b></li></ul><h2>Method</h2><p>Cook on high pressure for 2 minutes <img src=x onerror=alert(1)>, quick release.</p>`,
    );
    expect(JSON.stringify(dish)).not.toMatch(/[<>]|alert|onerror|onclick/);
    expect(dish.name).toBe('Soup');
  });

  it('a hold of 9,999 minutes is asked about, amounts that are none stay in the text', () => {
    const { dish, questions, ingredients } = read(
      `Odd\nServes 2\n-2 cups broth\n1/0 cup peas\n1 lb beef\nPressure cook on high for 9999 minutes, quick release.`,
    );
    expect(questions.some((q) => q.id === 'pressure.long')).toBe(true);
    expect(dish.stages[0]).toMatchObject({ holdMinutes: 480 });
    expect(ingredients.map((i) => i.line.amount)).toEqual([null, null, 1]);
  });

  it('right-to-left text and emoji go through whole', () => {
    const { dish } = read(
      `مجدرة 🍲\nServes 4\n1 cup lentils 🫘\n2 cups water\nCook on high pressure for 10 minutes. Natural release.`,
    );
    expect(dish.name).toBe('مجدرة 🍲');
    expect(dish.ingredients[0]?.food).toContain('🫘');
  });

  it('JSON nested for ever ends', () => {
    const deep = `${'['.repeat(20_000)}${']'.repeat(20_000)}`;
    expect(importRecipe(deep).ok).toBe(false);
  });

  it('any text gives a valid dish or a refusal, and never hangs (fuzz)', () => {
    const words = fc.constantFrom(
      'high',
      'low',
      'pressure',
      'cook',
      'for',
      '8',
      'minutes',
      'release',
      'natural',
      'quick',
      '.',
      ',',
      '\n',
      '½',
      'cup',
      'lentils',
      '<b>',
      '</script>',
      '&amp;',
      'bake',
      '400°F',
      'Ingredients',
      'Method',
      'per lb',
      '-2',
      '1/0',
      'serves',
      '🍋',
      '{',
      '}',
      '"@type"',
      'Recipe',
      ':',
      'then',
      'seal',
      'lid',
      'rest',
      '99999',
      'hours',
      '\u202e',
      '(',
      ')',
    );
    fc.assert(
      fc.property(
        fc.array(fc.oneof(words, fc.string({ maxLength: 8 })), { maxLength: 120 }),
        (parts) => {
          const imported = importRecipe(parts.join(' '));
          if (imported.ok) expect(dishSchema.safeParse(imported.value.dish).success).toBe(true);
          else expect(imported.problems[0]?.remedy).toBeTruthy();
        },
      ),
      { seed: 11, numRuns: process.env.SOAK ? 5000 : 400 },
    );
  });
});

describe('a marinade', () => {
  it.each([
    ['Marinate the lamb for 2 to 24 hours.', { kind: 'soak', minutes: 120, maxMinutes: 1440 }],
    [
      'Soak the chickpeas for 8 to 12 hours.',
      { kind: 'soak', minutes: 480, maxMinutes: undefined },
    ],
  ])('%s', (sentence, expected) => {
    const read = importRecipe(
      `X\nServes 4\n\n500 g lamb\n300 g chickpeas\n500 ml water\n\n${sentence}\nPressure cook on high for 20 minutes, natural release.`,
    );
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const stage = read.value.dish.stages.find((s) => s.kind === 'soak');
    expect({ maxMinutes: undefined, ...stage }).toMatchObject(expected);
  });
});

describe('how people write', () => {
  const read = (text: string) => {
    const imported = importRecipe(text);
    if (!imported.ok) throw new Error(imported.problems[0]?.message);
    return imported.value.dish;
  };
  const LIST = `BEAN POT — for 8
[ ] 650 g dried white beans
[x] 3 Tbs. oil

• HP 22 min, NPR 15 then QR.
• Leaves in, lid on, keep warm 5 min.`;

  it('boxes to tick are no part of a line, and a title may say for how many', () => {
    const dish = read(LIST);
    expect(dish.name).toContain('BEAN POT');
    expect(dish.servings).toBe(8);
    expect(dish.ingredients.map((i) => [i.food, i.amount, i.unit])).toEqual([
      ['white beans', 650, 'g'],
      ['oil', 3, 'tbsp'],
    ]);
  });

  it('a short release keeps its minutes, and keeping warm is no second cycle', () => {
    const cycles = read(LIST).stages.filter((s) => s.kind === 'pressure');
    expect(cycles).toMatchObject([{ holdMinutes: 22, release: { kind: 'timed', minutes: 15 } }]);
  });

  it.each(['fifty-five', 'fifty five'])('%s minutes are not five', (words) => {
    const dish = read(`X\n500 g beef\n\nPressure cook on high for ${words} minutes.`);
    expect(dish.stages).toMatchObject([{ kind: 'pressure', holdMinutes: 55 }]);
  });

  it('work told without a list is never put away as a note', () => {
    const dish = read(
      'My thing, serves 5.\nA kilo of ox tail and a fat leek.\nFull whack for an hour.',
    );
    const places = [...dish.ingredients.map((i) => i.food), ...(dish.unread ?? [])].join(' ');
    expect(places).toMatch(/ox tail/);
    expect(dish.notes).not.toMatch(/ox tail|Full whack/);
  });
});

describe('nothing given is lost', () => {
  const unread = (text: string): string[] => {
    const imported = importRecipe(text);
    if (!imported.ok) throw new Error(imported.problems[0]?.message);
    return imported.value.dish.unread;
  };
  const recipe = (...steps: string[]) =>
    `Beans\nServes 4\n\nIngredients\n500 g white beans\n1 l stock\n\nMethod\n${steps.join('\n')}`;
  const HOLD = 'Pressure cook on high for 20 minutes, natural release.';

  it('a time that no figure carries is shown as not read; one that is carried isn’t', () => {
    expect(unread(recipe('Simmer for 5 minutes, then fry the leeks 7 minutes.', HOLD))).toEqual([]);
    // Another case is told in the words of its step.
    expect(unread(recipe(HOLD, 'If you use chicken, simmer it for 3 minutes.'))).toEqual([]);
    // What is looked at is a check of its step.
    expect(unread(recipe(HOLD, 'If it is too thin, simmer it for 3 minutes.'))).toEqual([]);
  });

  it('times of a stage that are added up are carried', () => {
    expect(unread(recipe('Simmer for 5 minutes.', 'Simmer for 7 minutes more.', HOLD))).toEqual([]);
  });

  it('the far end of a range counts, too', () => {
    expect(unread(recipe('Simmer for 5 to 7 minutes.', HOLD))).toEqual([]);
    expect(
      unread(recipe('Pressure cook on high for 20 minutes, natural release 10 to 15 minutes.')),
    ).toHaveLength(1);
  });

  it('a food that only the method names is an ingredient, unless the list has it', () => {
    const foods = (step: string) =>
      read(recipe(step, HOLD)).ingredients.map(({ line }) => [line.food, line.amount, line.unit]);
    const listed = [
      ['white beans', 500, 'g'],
      ['stock', 1, 'l'],
    ];
    expect(foods('Add 500 g white beans and half a cup of the stock.')).toEqual(listed);
    expect(foods('Add a tablespoon of paprika.')).toEqual([...listed, ['paprika', 1, 'tbsp']]);
    expect(foods('Keep 1 cup of the cooking liquid.')).toEqual(listed);
  });

  it('a prime is minutes', () => {
    expect(unread(recipe("HP 40', NR"))).toEqual([]);
    expect(importRecipe(recipe('HP 40′, NR'))).toMatchObject({
      ok: true,
      value: { dish: { stages: [{ kind: 'pressure', holdMinutes: 40 }] } },
    });
  });

  it('data of a page with a comma too many, or a broken line, is read all the same', () => {
    const page = `<script type="application/ld+json">{"@type":"Recipe","name":"Barley, [the],best",
"recipeYield":"5","recipeIngredient":["350 g pearl barley",],"recipeInstructions":[{"text":"Pressure
cook on high for 16 minutes, quick release."},],}</script><p>11 people are cooking</p>`;
    expect(importRecipe(page)).toMatchObject({
      ok: true,
      value: { serves: 5, dish: { name: 'Barley, [the],best', stages: [{ holdMinutes: 16 }] } },
    });
  });
});

describe('a slow cooker', () => {
  const cooked = (method: string) =>
    read(`Ox cheek
Serves 4

Ingredients
1 kg ox cheek

Method
${method}`);

  it('alone it is the work itself, with its hours and its setting', () => {
    const { dish } = cooked('1. Brown the ox cheek for 8 minutes.\n2. Slow cook on low 8-9 hours.');
    expect(dish.stages.at(-1)).toMatchObject({ kind: 'slow', minutes: 480, setting: 'low' });
    expect(dish.slow).toBeUndefined();
  });

  it('without a setting it is asked', () => {
    const { questions } = cooked('1. Put it all into the slow cooker for 8 hours.');
    expect(questions.map((q) => q.id)).toContain('slow.setting');
  });

  it('beside a cycle under pressure it is the other way, and no stage', () => {
    const { dish } = cooked(
      '1. Pressure cook on high for 50 minutes, natural release.\n2. Or slow cook on low for 8 hours.',
    );
    expect(dish.stages.map((s) => s.kind)).toEqual(['pressure']);
    expect(dish.slow).toEqual({ hours: 8, setting: 'low' });
  });
});
