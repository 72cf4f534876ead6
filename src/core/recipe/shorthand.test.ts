/** How home cooks shorten what they write down: marks, columns, sizes and cases. Facts are common practice. */
import { describe, expect, it } from 'vitest';
import { imported, importedText } from '../../../tests/support/imported';
import { parseLine } from './line';
import { findYield, servingsIn } from './lines/yields';

const LIST = '500 g beef chuck, diced\n1 onion\n300 ml stock';
const cyclesOf = (method: string) =>
  imported(LIST, method).dish.stages.flatMap((s) =>
    s.kind === 'pressure' ? [[s.level, s.holdMinutes, s.release]] : [],
  );
const kindsOf = (method: string) => imported(LIST, method).dish.stages.map((s) => s.kind);
const foodsOf = (text: string) =>
  importedText(text).dish.ingredients.map((i) => [i.amount, i.unit, i.food]);

describe('a cycle, shortened', () => {
  it('“NR x 10” is ten minutes of natural release', () =>
    expect(cyclesOf('All in. Lock the lid. HIGH x 20 min, NR x 10, QR remaining.')).toEqual([
      ['high', 20, { kind: 'timed', minutes: 10 }],
    ]));

  it('“15# pressure” is high', () =>
    expect(cyclesOf('All in. 15# pressure 55 min. Let come down by itself.')).toEqual([
      ['high', 55, { kind: 'natural' }],
    ]));

  it('minutes for other sizes are told in the words, and are neither hold nor release', () => {
    const method =
      'All in. High 10 min (medium ones), 13 min for large, 15 for giants; quick release.';
    expect(cyclesOf(method)).toEqual([['high', 10, { kind: 'quick' }]]);
  });

  it('minutes for who likes it softer as well', () =>
    expect(cyclesOf('All in. Pressure low 5 min - 8 if you like them soft. Natural 10.')).toEqual([
      ['low', 5, { kind: 'timed', minutes: 10 }],
    ]));

  it('“18 minutes more” is at the level of before, and a cycle of its own is asked about', () => {
    const first = 'Beef in. Pressure cook 40 minutes on Low, quick release. Add the onion.';
    expect(cyclesOf(`${first} Pressure cook 18 minutes more, quick release.`)[1]?.[0]).toBe('low');
    const { questions } = imported(LIST, `${first} Pressure cook 18 minutes, quick release.`);
    expect(questions.some((q) => q.about.kind === 'level')).toBe(true);
  });

  it('a lid on top of what is done holds no pressure', () => {
    const method =
      'All in. High pressure 5 minutes, quick release. Beat in the butter, lid on the top for two minutes.';
    expect(cyclesOf(method)).toHaveLength(1);
    expect(kindsOf(method)).toContain('rest');
  });

  it('what is said for who has no such cooker is no minute of this one', () =>
    expect(
      cyclesOf(
        'All in. High 30 minutes. Natural release.\nWithout a pressure cooker: steam 2 hours.',
      ),
    ).toEqual([['high', 30, { kind: 'natural' }]]));
});

describe('minutes of one and of the other', () => {
  it('“30 min (pale) to 40 min (deep)” is one time, from and to', () => {
    const { questions, dish } = imported(
      LIST,
      'All in. Cook 30 min (pale) to 40 min (deep) on High. Natural release.',
    );
    expect(dish.stages.map((s) => s.kind)).not.toContain('brown');
    expect(questions.some((q) => /30 or up to 40 min/.test(q.text))).toBe(true);
  });

  it('“12 min. 5 min nat. release” are a hold and its release', () =>
    expect(cyclesOf('All in. High 12 min. 5 min nat. release, then quick.')).toEqual([
      ['high', 12, { kind: 'timed', minutes: 5 }],
    ]));

  it.each([
    ['Brown the beef 6 min first side, 4 the second.', 10],
    ['Brown the beef 8 min on one side, 6 on the other side.', 14],
    ['Brown the beef 4 min a side.', 8],
  ])('%s', (sentence, minutes) => {
    const { dish } = imported(LIST, `${sentence} All in. High 30 min, natural.`);
    expect(dish.stages.find((s) => s.kind === 'brown')).toMatchObject({ minutes });
  });

  it('“HP 30 min if you like them firm, 35 for creamy”: the first stands', () =>
    expect(
      cyclesOf('All in, HP 30 min if you like them firm, 35 for creamy (I do 35). NR.'),
    ).toEqual([['high', 30, { kind: 'natural' }]]));

  it('“High / 30 / NR 15” is a level, a hold and a release', () =>
    expect(cyclesOf('All in. High / 30 / NR 15.')).toEqual([
      ['high', 30, { kind: 'timed', minutes: 15 }],
    ]));

  it('a minute more for each 100 g is neither a hold nor a release', () =>
    expect(
      cyclesOf('All in. Low pressure 4 min (add 1 min for every 100 g over 700). Quick release.'),
    ).toEqual([['low', 4, { kind: 'quick' }]]));

  it('a steam setting with its valve open holds no pressure', () =>
    expect(
      cyclesOf('All in. Steam setting, valve open, 15 mins. Then High pressure 25 mins. NPR.'),
    ).toEqual([['high', 25, { kind: 'natural' }]]));

  it('“or 2 more minutes” is looked at, and no work', () => {
    const { dish } = imported(
      LIST,
      'All in. High 15 min, quick release. 165 F inside or 2 more minutes.',
    );
    expect(dish.stages.map((s) => s.kind)).not.toContain('finish');
    expect(dish.stages.flatMap((s) => s.checks ?? [])).toMatchObject([{ minutes: 2 }]);
  });

  it('from frozen it takes longer: told, and no rest', () =>
    expect(
      kindsOf(
        'All in. High 12 min, natural.\n(Freezing raw: on a tray, then bag. From frozen 20 min.)',
      ),
    ).not.toContain('rest'));
});

describe('work, shortened', () => {
  it('what is boiled meanwhile is boiled beside the pot that is shut; its own sauce is not', () => {
    const placeOf = (sentence: string) =>
      imported(
        `${LIST}\n500 g potatoes`,
        `All in. High 30 min, natural. ${sentence}`,
      ).dish.stages.at(-1)?.kind;
    expect(placeOf('Meanwhile, steam or boil the potatoes for 15 minutes.')).toBe('burner');
    expect(placeOf('Meanwhile, boil the sauce down on sauté for 15 minutes.')).toBe('simmer');
  });

  it('“Crisp lid, 4 min” is under the lid', () =>
    expect(kindsOf('All in. High 5 min, quick release. Crisp lid or hot grill, 4 min.')).toContain(
      'crisp',
    ));

  it('“Slash the fish” is work', () =>
    expect(
      importedText(
        'Bream\nFor 2\n\n1 sea bream\n30 g ginger\n\nSlash the fish 3 times each side. Half of the ginger inside.\n250 ml water, trivet, plate. Low pressure 4 min. Quick release.',
      ).dish,
    ).toMatchObject({ unread: [], ingredients: [{ food: 'sea bream' }, { food: 'ginger' }, {}] }));

  it('what stands before “serves” is work, and how it keeps is none', () => {
    const { dish } = importedText(
      'Pot\n\n1 leek\n300 ml stock\n\n1. Leek and stock in, high 3 min, quick release.\n2. Stir in cream. Over rice. Serves 4 generously.\nFreeze: up to 3 months. Defrost overnight in fridge, reheat till piping hot.',
    );
    expect(dish.servings).toBe(4);
    expect(dish.stages.map((s) => s.sentence).join(' ')).toMatch(/Over rice/);
    expect(dish.stages.some((s) => /Defrost/.test(s.text))).toBe(false);
  });

  it('nuts are toasted in a dry pan, not left to stand', () =>
    expect(
      kindsOf('All in. High 5 min, quick release. A handful of walnuts toasted in dry pan 4 min.'),
    ).toContain('burner'));

  it('“reduce to medium” turns the heat down, and nothing is boiled away', () =>
    expect(kindsOf('Brown the beef 8 min. Reduce to medium. Add the onion, 5 min.')).not.toContain(
      'simmer',
    ));

  it('“another 10 min bubbling” is on the heat', () =>
    expect(kindsOf('All in. High 5 min, quick release. Then another 10 min bubbling.')).toContain(
      'simmer',
    ));

  it('as long as the packet says, less a minute: nobody knows how long', () => {
    const { dish, questions } = imported(
      LIST,
      'All in. High 30 min. Boil the pasta in a big pan for as long as the packet says, less a minute.',
    );
    const stage = dish.stages.find((s) => s.kind === 'burner');
    expect(questions.some((q) => q.about.kind === 'minutes' && q.about.stage === stage?.id)).toBe(
      true,
    );
  });

  it('so long that a delayed start may be is no wait', () =>
    expect(
      kindsOf('All in. Use delay start: 6 hours is fine with water only. High 10 min, natural.'),
    ).not.toContain('rest'));

  it('three days in the icebox, turned each day, are done before, and not told of keeping', () => {
    const { dish } = imported(
      LIST,
      'Pour vinegar over meat in a crock; 2 days in icebox, turn each day. High 55 min, natural.',
    );
    expect(dish.stages.some((s) => s.kind === 'soak' && s.minutes === 2880)).toBe(true);
  });

  it('bread is toasted in no pot', () =>
    expect(kindsOf('All in. High 15 min, quick release. Toast buns. Pile high.')).not.toContain(
      'brown',
    ));
});

describe('what goes in where', () => {
  it('what something is done for is no food that goes in', () => {
    const { dish } = importedText(
      'Rice pudding\nServes 4\n\n100 g pudding rice\n1 litre whole milk\n\nRinse the inner pot with water (this stops the milk from scorching). Add rice and milk. High 12 min, natural.',
    );
    const [milk] = dish.ingredients.filter((i) => /milk/.test(i.food));
    const used = dish.stages.filter((s) => s.uses.includes(milk?.id ?? '')).map((s) => s.kind);
    expect(used).toEqual(['pressure']);
  });

  it('a dressing told behind the work is made there, and is not cooked with the rest', () => {
    const { dish } = importedText(
      'the beetroot thing\ndoes 4\n\n6 beetroot, 250ml water\n\nput them on the rack over the water, high 25 min then quick release. leave to cool 10 mins.\ncut in wedges. dressing = 3 tbsp walnut oil, 1 tbsp sherry vinegar, 1 tsp mustard s+p',
    );
    const cycle = dish.stages.find((s) => s.kind === 'pressure');
    const oil = dish.ingredients.find((i) => /walnut oil/.test(i.food));
    expect(oil).toBeDefined();
    expect(cycle?.uses).not.toContain(oil?.id);
    expect(dish.ingredients.map((i) => i.food)).toContain('salt');
  });

  it('of a dressing told among the work only what is not listed is new, and what is done with it stays', () => {
    const { dish } = importedText(
      'Leek salad\nfor 4\n\n6 leeks\n1 lemon\n4 tbsp olive oil\n250 ml water\n\nLeeks on the rack over the water. Low pressure 4 min, quick release.\nDressing: 4 tbsp oil and the juice of 1 lemon. Toss while warm.',
    );
    expect(dish.ingredients).toHaveLength(4);
    expect(dish.stages.find((s) => s.kind === 'pressure')?.uses).not.toContain('lemon');
    expect(dish.stages.map((s) => s.sentence).join(' ')).toMatch(/Toss while warm/);
  });

  it('what is pulled apart on a board keeps the hands busy before the sauce goes on', () =>
    expect(
      kindsOf(
        'All in. High 25 min, natural. Put the beef on a board, pull it apart. Sauce on sauté, simmer 5 min.',
      ).slice(-2),
    ).toEqual(['prep', 'simmer']));
});

describe('a list, shortened', () => {
  it('things side by side, each with its amount, are one each; an amount far to the right is one', () => {
    const text = (row: string) => `Pot\nServes 4\n\n${row}\n\nAll in. High 10 min, natural.`;
    expect(foodsOf(text('2 c. vinegar      2 onions    1/4 c. sugar'))).toEqual([
      [2, 'cup', 'vinegar'],
      [2, 'piece', 'onions'],
      [0.25, 'cup', 'sugar'],
    ]);
    expect(foodsOf(text('Arborio      300 g'))).toEqual([[300, 'g', 'Arborio']]);
  });

  it('what stands before a colon is the part, and each thing behind it is one', () => {
    const text = (line: string) => `Pot\nServes 4\n\n${line}\n\nAll in. High 10 min, natural.`;
    expect(
      foodsOf(text('POLENTA: 1 litre veg stock · 200 g coarse polenta · 30 g butter')),
    ).toEqual([
      [1, 'l', 'veg stock'],
      [200, 'g', 'coarse polenta'],
      [30, 'g', 'butter'],
    ]);
    expect(
      foodsOf(text('Pan (7-inch): 1 cup jasmine rice, rinsed; 1 cup water; pinch salt')),
    ).toEqual([
      [1, 'cup', 'jasmine rice'],
      [1, 'cup', 'water'],
      [1, 'pinch', 'salt'],
    ]);
  });

  it('what is listed together with one number is so many of each', () => {
    const text = (line: string) => `Pot\nServes 4\n\n${line}\n\nAll in. High 10 min, natural.`;
    expect(foodsOf(text('Carrot, onion, celery: 1 each, rough'))).toEqual([
      [1, 'piece', 'Carrot'],
      [1, 'piece', 'onion'],
      [1, 'piece', 'celery'],
    ]);
    expect(foodsOf(text('½ lb each: raisins, sultanas')).map((f) => f[0])).toEqual([0.5, 0.5]);
    expect(
      foodsOf(text('2 dried guajillo + 2 ancho chiles, stems & seeds out')).map((f) => f[0]),
    ).toEqual([2, 2]);
  });

  it('a basin is no food, and what came out of the pot is not bought', () => {
    const { dish } = importedText(
      'Sponge\nServes 6\n\n150 g flour\n2 eggs\n\nMix. Into a buttered 1.2 litre basin, foil lid. Rack + 500 ml water. High 25 min, natural. Strain the stock, keep 750ml. Peas + the 750ml stock in the pot, High 10, natural.',
    );
    expect(dish.ingredients.some((i) => /basin|stock/.test(i.food))).toBe(false);
  });

  it.each([
    ['Lamb leg, boneless, 4 cm pieces – 1 kg', 1, 'kg', 'Lamb leg'],
    ['juice 1/2 lime', 0.5, null, 'lime'],
    ['1 Tb cider vinegar + more for table', 1, 'tbsp', 'cider vinegar'],
    ['1.2kg beef brisket in one piece', 1.2, 'kg', 'beef brisket'],
    ['pinch of saffron in 1 tbsp warm milk', 1, 'pinch', 'saffron'],
    ['2 btl red wine (750 ml each)', 2, 'package', 'red wine'],
    ['1 T ghee + 1 T at the end', 2, 'tbsp', 'ghee'],
    ['Octopus (cleaned) ×2 @ 1.4 kg', 2, null, 'Octopus'],
  ])('%s', (line, amount, unit, food) =>
    expect(parseLine(line)).toMatchObject({ amount, unit, food }),
  );

  it('“2 teaspoons” of the listed tablespoon are a part of it', () => {
    const { dish } = imported(
      '1 tbsp salt\n1 onion\n300 ml stock',
      'Add 2 teaspoons salt. High 9 min.',
    );
    expect(dish.unread).toEqual([]);
    const more = imported('1 tsp salt\n1 onion\n300 ml stock', 'Add 2 teaspoons salt. High 9 min.');
    expect(more.dish.unread).toEqual(['2 teaspoons salt']);
  });

  it('“fifty grams of butter and fifty of parmesan” are grams both, and a glass is what it is said to hold', () => {
    const { dish } = importedText(
      'So today we’re making my risotto, enough for four. One onion, sauté three minutes. Three hundred grams of arborio and a small glass of white wine, that’s a hundred and twenty five mil, let that go. Lid on, high pressure, five minutes, quick release. Beat in fifty grams of butter and fifty of parmesan.',
    );
    expect(dish.ingredients).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ amount: 50, unit: 'g', food: 'parmesan' }),
        expect.objectContaining({ amount: 125, unit: 'ml' }),
      ]),
    );
  });

  it('“squash them” is work, and no food', () => {
    const { dish } = importedText(
      'Tomato beans\nfor 2\n\nfry 2 tbsp oil with a tin of toms (squash em) 5 min. add a tin of beans and 100 ml stock. high 5 min, quick release.',
    );
    const foods = dish.ingredients.map((i) => i.food);
    expect(foods).toContain('tomatoes');
    expect(foods.some((food) => /squash/.test(food))).toBe(false);
  });
});

describe('a head, shortened', () => {
  const text = (head: string) =>
    importedText(`Leek pot\n${head}\n\n2 leeks\n300 ml stock\n\nAll in. High 3 min, quick release.`)
      .dish;

  it.each(['Serves 2  |  45 mins', 'Serves 2 · 40 min + cooling'])(
    '%s: a time is no food',
    (head) => {
      expect(text(head).servings).toBe(2);
      expect(text(head).ingredients.map((i) => i.food)).toEqual(['leeks', 'stock']);
    },
  );
});

describe('for how many, shortened', () => {
  it.each([
    ['its for 4 ish', 4],
    ['Makes 12, i.e. 4 people', 4],
    ['4 starters.', 4],
    ['12 cov', 12],
    ['I get asked for this a lot. It’s for 4 to 5 people.', 4],
    ['For: 6-8', 6],
    ['makes two (each feeds 6)', 12],
    ['This is for when my brother comes, so eleven or twelve of us.', 11],
    ['Per person:', 1],
  ])('%s', (text, people) => {
    const { dish } = importedText(
      `Leek pot\n${text}\n\n2 leeks\n300 ml stock\n\nAll in. High 3 min, quick release.`,
    );
    expect(dish.servings).toBe(people);
  });

  it('what a serving holds is no number of people', () =>
    expect(servingsIn(findYield('Per serving: 350 kcal, 20 g protein'))).toBeNull());
});

describe('texts of the usual kind', () => {
  it('bowls that it is divided between are no yield, and stay in the words', () => {
    const { dish } = importedText(
      'Laksa\nServes 4\n\n400ml stock\n150g rice vermicelli\n\nStock in. HIGH, 3 min, quick release.\nMeanwhile soak the vermicelli in boiling water for 3 min; drain and divide between two bowls.',
    );
    expect(dish.servings).toBe(4);
    expect(dish.stages.map((s) => s.sentence).join(' ')).toMatch(/between two bowls/);
  });

  it('a saucepan is left for the cooker by its name, or by a lid that is locked', () => {
    for (const cooker of ['Add 1 cup water to the pressure cooking pot.', 'Add 1 cup water.']) {
      const { dish } = importedText(
        `Custards\nServes 6\n\n2 cups cream\n5 egg yolks\n\nIn a small saucepan, bring the cream to a simmer. Whisk in the yolks. Pour into 6 custard cups. ${cooker} Place the cups on the trivet. Lock the lid. Select High Pressure. Set timer for 6 minutes. Use a natural pressure release for 15 minutes, then do a quick release.`,
      );
      const cycles = dish.stages.filter((s) => s.kind === 'pressure');
      expect(cycles).toMatchObject([
        { holdMinutes: 6, release: { kind: 'timed', minutes: 15 }, inPan: {} },
      ]);
    }
  });

  it('how it is the next day is no work of this one', () => {
    const { dish } = imported(
      LIST,
      'All in. High 10 min, natural. It’s even better the next day: reheat for 15 minutes on sauté low.',
    );
    expect(dish.stages.map((s) => s.kind)).not.toContain('simmer');
    expect([dish.notes, ...dish.unread].join(' ')).toMatch(/reheat for 15 minutes/);
    // What is left until then is work.
    const soaked =
      'Cover the great northern beans with water and leave until the next day. High 9 min.';
    expect(
      imported(LIST, soaked)
        .dish.stages.map((s) => s.sentence)
        .join(' '),
    ).toMatch(/next day/);
  });

  it('fat that is scraped off the meat loosens nothing from the pot', () =>
    expect(
      kindsOf('Scrape the fat off the beef. Brown it 5 min. All in, high 9 min.'),
    ).not.toContain('loosen'));

  it('greens that are stirred in and wilt are in what is hot', () =>
    expect(
      kindsOf(
        'All in. High 6 min, quick release. Stir in spinach, lid on loosely 2 minutes till wilted.',
      ),
    ).toContain('simmer'));

  it('“quick-soak the beans:” is the name of what follows', () => {
    const { dish, questions } = importedText(
      'Beans\nServes 8\n\n1 lb dried red beans\n8 cups water\n\nQuick-soak the beans: combine beans and 4 cups water. Cook at high pressure for 2 minutes; let stand 1 hour, then release.',
    );
    expect(dish.stages.map((s) => s.kind)).not.toContain('soak');
    expect(questions.some((q) => q.about.kind === 'minutes')).toBe(false);
  });

  it('what is for decoration is a food, and a time in the head is none', () => {
    const { dish } = importedText(
      'Pots\nReady in 25 | Serves 2\n\n8 oz chocolate, melted\nWhipped cream and shaved chocolate for decoration\n\nAll in. High 6 min, natural.',
    );
    expect(dish.ingredients.map((i) => i.food)).toEqual([
      'chocolate',
      'Whipped cream',
      'shaved chocolate',
    ]);
  });
});

describe('what it is called', () => {
  it.each([
    ['Recipe: Leeks in cider', 'Leeks in cider'],
    ['Beans with duck — I did this in the 8 litre one at New Year', 'Beans with duck'],
    ['ok so my leek & bean thing everyone asks for', 'Leek & bean thing'],
  ])('%s', (title, name) => {
    const { dish } = importedText(
      `${title}\n\nServes 4\n2 leeks\n300 ml stock\n\nAll in. High 3 min, quick release.`,
    );
    expect(dish.name).toBe(name);
    expect(dish.ingredients).toHaveLength(2);
  });
});
