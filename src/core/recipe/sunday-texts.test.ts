/** Ways to tell of roasting, sides, waits and limits that were read as something else. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText } from '../../../tests/support/imported';

const stages = (method: string, list = '1 kg beef shin\n250 ml stock') =>
  imported(list, method).dish.stages.map((s) => [s.kind, 'minutes' in s ? s.minutes : null]);

describe('how long on each side', () => {
  it('each of so many sides takes the minutes told', () =>
    expect(stages('Brown the beef, 4 minutes on each of its four sides.')[0]).toEqual([
      'brown',
      16,
    ]));

  it('two sides where nobody says how many', () =>
    expect(stages('Brown the beef, 4 minutes on each side.')[0]).toEqual(['brown', 8]));
});

it('roasted at a heat is in the oven, however it looks then', () => {
  const [stage] = imported('1.5 kg bones', 'Roast bones 220C fan 35 mins till deep brown.').dish
    .stages;
  expect(stage).toMatchObject({ kind: 'oven', minutes: 35, celsius: 220 });
});

describe('limits are no waits', () => {
  it('“must be below 5 °C within 4 hours” is read as no step of four hours', () => {
    const told = stages('High pressure 3 hours. Strain it. It must be under 5C within 4 hrs.');
    expect(told.every(([, minutes]) => minutes !== 240)).toBe(true);
  });

  it('chilled within 90 minutes lies there for as long', () =>
    expect(
      stages('High pressure 30 minutes, quick release. Chill to 8C within 90 min.'),
    ).toContainEqual(['rest', 90]));
});

it('“w.” is with, and ends no sentence', () => {
  const { dish } = imported(
    '1 kg bones\n2 tbsp vinegar',
    'Leave the bones 30 min w. vinegar before starting. HP 3 hrs.',
  );
  expect(dish.stages[0]).toMatchObject({ kind: 'rest', minutes: 30 });
  expect(dish.stages[0]?.text).toMatch(/w vinegar before starting/);
});

describe('while it rests', () => {
  const told = stages(
    'High pressure 95 minutes, natural release. Lift out the beef and rest for 20 minutes. Boil the sauce down on sauté while it rests, 10 minutes or so.',
  );

  it('the minutes are of what is done meanwhile', () => {
    expect(told).toContainEqual(['simmer', 10]);
    expect(told.filter(([kind]) => kind === 'rest')).toEqual([['rest', 20]]);
  });

  it('left in a colander takes nobody’s hands', () =>
    expect(
      stages('Salt the aubergine and leave in a colander for 20 mins.', '2 aubergines')[0],
    ).toEqual(['rest', 20]));
});

it('“till morning” is a night', () =>
  expect(stages('Rub the beef with salt; leave it in the fridge till morning.')).toContainEqual([
    'rest',
    480,
  ]));

it('“take it out an hour before you begin” is a wait of the method, and nothing said of the whole', () => {
  const { dish } = importedText(
    'Brisket\nServes 6\n\n2 kg brisket\n300 ml stock\n\nSunday, take it out an hour before you begin. Put everything into the pot. High pressure 95 minutes, natural release.',
  );
  expect(dish.stages).toContainEqual(expect.objectContaining({ kind: 'rest', minutes: 60 }));
});

it('what it is nice with is no step of it, and is kept', () => {
  const { dish, leftOut } = imported(
    '1 kg beef\n250 ml stock',
    'High pressure 40 minutes, natural release. Nice with buttered cabbage (6 minutes in a lidded pan).',
  );
  expect(dish.stages.map((s) => s.kind)).toEqual(['pressure']);
  expect(`${dish.notes ?? ''} ${leftOut.map((l) => JSON.stringify(l)).join(' ')}`).toMatch(
    /buttered cabbage/,
  );
});

describe('slow cooking behind a cycle', () => {
  const cooked = (more: string) =>
    imported(
      '250 g black lentils\n1.4 l water\n60 g butter',
      `35 min at high pressure, natural release. Tip in half of the butter. ${more}`,
    ).dish;

  it('is the next step where the dish is finished behind it', () =>
    expect(
      cooked('Slow cook on low 2-6 hours, lid on. Finish with the rest of the butter.').stages,
    ).toContainEqual(expect.objectContaining({ kind: 'slow', minutes: 120, setting: 'low' })));

  it('is the other way where it is told instead, or at the end', () => {
    const other = cooked('Or slow cook on low for 8 hours. Stir in the butter.');
    expect(other.stages.map((s) => s.kind)).not.toContain('slow');
    expect(cooked('Slow cook on low for 8 hours.').stages.map((s) => s.kind)).not.toContain('slow');
  });
});

it('“drain the soaked pulses” soaks all that the list says is soaked, once', () => {
  const { dish, questions } = imported(
    'Whole urad (black gram) 250g, soaked 8 hours or overnight\n50 g kidney beans (soak with the urad)\n1.4 l water',
    'Drain and rinse the soaked pulses. Put into the pot with the water. High pressure 35 minutes, natural release.',
  );
  expect(dish.stages.filter((s) => s.kind === 'soak')).toEqual([
    expect.objectContaining({
      minutes: 480,
      uses: [dish.ingredients[0]?.id, dish.ingredients[1]?.id],
    }),
  ]);
  expect(questions).toEqual([]);
});

describe('lines of the list', () => {
  it('a semicolon within brackets begins nothing', () => {
    const { dish } = imported(
      '1 small kabocha squash (2 lb.; 900 g), peeled\n250 ml stock',
      'Add everything. High pressure 5 minutes, quick release.',
    );
    expect(dish.ingredients).toHaveLength(2);
  });

  it('what stands in brackets makes no sentence of a food', () => {
    const { dish } = importedText(
      'Farro\nServes 4\n\n270 g farro\n900 ml broth\nKosher salt (coarse... or half as much table salt)\n\nPressure-cook on HIGH 9 minutes. Quick-release.',
    );
    expect(dish.ingredients.map((i) => i.food)).toContain('Kosher salt');
  });

  it('a litre that is told with something else is an ingredient', () => {
    const { dish } = importedText(
      'Rice pudding\n\nYou take 150 grams of pudding rice, rinse it, and put it in the buttered pot with a litre of whole milk and 60 g of sugar. Set it for 12 minutes on low pressure, natural release. For four.',
    );
    expect(dish.ingredients).toContainEqual(
      expect.objectContaining({ food: 'whole milk', amount: 1, unit: 'l' }),
    );
  });

  it('“for 6 individual moulds (150 ml each)” is for six', () =>
    expect(
      importedText(
        'Sponges\n\nFor 6 individual moulds (150 ml each)\n\n115 g butter\n\nLow pressure 22 minutes.',
      ).serves,
    ).toBe(6));
});

describe('a whole cauliflower', () => {
  const { dish } = imported(
    '1 whole cauliflower\n1 l vegetable stock\n1 tsp turmeric',
    'Bring the stock and turmeric to the boil in the cooker (sauté high, 6-8 min). Lower the cauliflower in on the trivet. Pressure: low, 3 minutes. Quick release immediately — it goes from firm to mush in a minute. Lift onto a lined tray, let the steam off for 5 minutes, then brush all over with oil.',
  );

  it('what would become of it is no hold, and steam that leaves it on the tray no release', () =>
    expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
      level: 'low',
      holdMinutes: 3,
      release: { kind: 'quick' },
    }));

  it('minutes in brackets behind a setting are of the boiling', () =>
    expect(dish.stages.filter((s) => s.kind === 'simmer' || s.kind === 'brown')).toEqual([
      expect.objectContaining({ kind: 'simmer', minutes: 6 }),
    ]));
});

it('“PC HI 11 | NR 10 → QR” is eleven minutes on high', () => {
  const { dish } = imported('12 chicken thighs\n150 ml stock', 'PC HI 11 | NR 10 → QR.');
  expect(dish.stages.find((s) => s.kind === 'pressure')).toMatchObject({
    level: 'high',
    holdMinutes: 11,
    release: { kind: 'timed', minutes: 10 },
  });
});

it('“the oxtail” behind “about 2 kilos of oxtail” is that one', () => {
  const { dish } = importedText(
    'Oxtail\n\nYou want about 2 kilos of oxtail for six people, cut through the joint. Brown it for 10 minutes. Then 400 ml beef stock, 3 sprigs of thyme, two bay leaves and the oxtail. 50 minutes on high, natural release.',
  );
  expect(dish.ingredients.filter((i) => /oxtail/.test(i.food))).toEqual([
    expect.objectContaining({ amount: 2, unit: 'kg' }),
  ]);
});

it('“Lemon curd (2 jars)” over all the rest is its name', () => {
  const { dish } = importedText(
    'Lemon curd (2 jars)\n\n4 lemons, zest and juice\n200 g sugar\n3 eggs\n\nWhisk everything in a bowl. High pressure 10 minutes, 10 minutes natural release.',
  );
  expect(dish.name).toMatch(/^Lemon curd/);
  expect(dish.ingredients).toHaveLength(3);
});

describe('a pudding told from beginning to end', () => {
  const { dish, serves } = importedText(
    'Rice pudding\n\nYou take 150 grams of pudding rice, rinse it, and put it in the buttered pot with a litre of whole milk (less a cupful, keep that back) and 60 g of sugar. Give it a stir, close it up and set it for 12 minutes on low. Leave it for 15 minutes before you let the last of the steam go. Stir in the cup of milk. Enough for five, or four greedy ones.',
  );

  it('what goes into the pot is told as its step, and the milk is in it', () => {
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    expect(cycle?.text).toMatch(/buttered pot/);
    const milk = dish.ingredients.find((i) => /milk/.test(i.food));
    expect(cycle?.uses).toContain(milk?.id);
  });

  it('for how many it is enough is no work', () => {
    expect(serves).toBe(5);
    expect(dish.stages.map((s) => s.text).join(' ')).not.toMatch(/Enough for/);
  });
});

describe('otherwise', () => {
  const hold = (method: string) =>
    imported('800 g tripe\n200 ml stock', method).dish.stages.find((s) => s.kind === 'pressure');

  it('behind slow cooking it is the way that is planned', () =>
    expect(
      hold(
        'Slow cook if you like: 7 hours on low. Otherwise high pressure 45 minutes, natural release.',
      ),
    ).toMatchObject({ level: 'high', holdMinutes: 45, release: { kind: 'natural' } }));

  it('behind another time it is another case', () =>
    expect(
      hold(
        'High pressure 20 minutes. If it is still tough, lid back on; otherwise high pressure 5 minutes.',
      ),
    ).toMatchObject({ holdMinutes: 20 }));
});
