import { describe, expect, it } from 'vitest';
import { readInstructions } from './read';

/** Stages and cycles in short: `brown 12`, `pressure high 22 timed12`. */
const stages = (...steps: string[]): string =>
  readInstructions(steps)
    .stages.map(({ kind, minutes, to, celsius, cycle, place }) => {
      if (!cycle) {
        const time = minutes === null ? [] : [to === null ? minutes : `${minutes}-${to}`];
        return [
          kind,
          ...time,
          ...(celsius === null ? [] : [`${celsius}C`]),
          ...(place ? [place] : []),
        ].join(' ');
      }
      const { level, holdMinutes, holdTo, release, perPound, extra } = cycle;
      const hold = `${holdMinutes}${holdTo === null ? '' : `-${holdTo}`}${perPound === null ? '' : '/lb'}${extra === undefined ? '' : `+${extra}`}`;
      const how = release.kind === 'timed' ? `timed${release.minutes}` : release.kind;
      return `${kind} ${level ?? '?'} ${hold} ${how}${cycle.pan ? ' pan' : ''}`;
    })
    .join(', ');
const left = (...steps: string[]): string[] => readInstructions(steps).left;

// Ways that people really write; the sentences are our own (common practice).
describe('each time belongs to what the pot is doing', () => {
  it.each([
    ['Stock in, lid on, 22 on high; leave it 12, then open the valve.', 'pressure high 22 timed12'],
    ['Lid on. High, 90 minutes. Let it come down by itself.', 'pressure high 90 natural'],
    ['Lid on, 2 minutes low, quick release.', 'pressure low 2 quick'],
    ['HP 22, NR 10.', 'pressure high 22 timed10'],
    ["HP 40', NR", 'pressure high 40 natural'],
    ['30 high + 10 NPR.', 'pressure high 30 timed10'],
    ['Cook 30 min @ high pressure. Natural release (abt 20-25 min).', 'pressure high 30 natural'],
    ['PRESSURE HI 20 mins. QR.', 'pressure high 20 quick'],
    ['Lid. 5 min high. Quick release.', 'pressure high 5 quick'],
    [
      'Seal and set to Manual, Low Pressure, 5 minutes. Natural release 5 minutes, then quick.',
      'pressure low 5 timed5',
    ],
    [
      'It takes about 12 minutes to come to pressure. Cook at high pressure for 20 minutes, quick release.',
      'pressure high 20 quick',
    ],
    ['Under pressure for 9 minutes on high. Wait until the pin drops.', 'pressure high 9 natural'],
    ['Cook 9 minutes at high pressure and let the steam straight out.', 'pressure high 9 quick'],
    [
      'High pressure 9 minutes; do not wait for a natural release but open the valve.',
      'pressure high 9 quick',
    ],
    [
      'High pressure, 8 minutes to the pound plus 5 minutes. Natural release.',
      'pressure high 8/lb+5 natural',
    ],
    ['Pressure cook on high for 8 to 10 minutes, quick release.', 'pressure high 8-10 quick'],
  ])('%s', (step, expected) => {
    expect(stages(step)).toBe(expected);
  });

  it('a level that nobody names is not known', () => {
    expect(stages('Lid on, 4 mins pressure, quick release.')).toBe('pressure ? 4 quick');
  });

  it('a lid that goes back on for a rest is no second cycle; one that is sealed again is', () => {
    const first = 'Pressure cook on high for 22 minutes, quick release.';
    expect(stages(first, 'Stir in the peas, put the lid back on and let stand 5 minutes.')).toBe(
      'pressure high 22 quick, finish, rest 5',
    );
    expect(stages(first, 'Seal again, 3 minutes on high, quick release.')).toBe(
      'pressure high 22 quick, pressure high 3 quick',
    );
  });
});

describe('work on the heat', () => {
  it.each([
    [
      'Brown the meat on saute, takes about 10 min. throw in the onions for like 3 min.',
      'brown 13',
    ],
    ['Sear the cheeks hard, 3 batches x 4 min.', 'brown 12'],
    ['Brown in two batches, 6 minutes each.', 'brown 12'],
    ['Brown the chops 4 minutes a side.', 'brown 8'],
    ['Brown the lamb for 8 minutes, in two goes.', 'brown 8'],
    ['Boil the salsify for a quarter of an hour in another pan.', 'burner 15 burner'],
    ['Thicken with a slurry and boil 2 minutes.', 'thicken 2'],
    ['Crisp the bacon on sauté, 6 minutes.', 'brown 6'],
    ['Simmer till wilted, 3ish minutes.', 'simmer 3'],
    ['Oven at 230, ten minutes, to crisp the edges.', 'oven 10 230C'],
    ['Cover the beans with water and leave 8-10 hours.', 'soak 480-600'],
  ])('%s', (step, expected) => {
    expect(stages(step)).toBe(expected);
  });

  it('what is sautéed after a cycle simmers', () => {
    expect(stages('High pressure 9 minutes, quick release.', 'Sauté 10 min.')).toBe(
      'pressure high 9 quick, simmer 10',
    );
  });

  it('shells that stay shut are no lid, and a double batch is another case', () => {
    const first = 'Pressure cook on high for 2 minutes, quick release.';
    expect(
      stages(first, 'Throw out any mussels that are still closed, wait 4 minutes, serve.'),
    ).toBe('pressure high 2 quick, finish, rest 4, finish');
    expect(stages(first, 'For a double batch keep the time, brown in four goes.')).toBe(
      'pressure high 2 quick',
    );
  });

  it('what is set to sauté once it is open is no release', () => {
    expect(
      stages(
        'Lid on, 45 mins on high and let it come down by itself.',
        'Open it up, add the beans and set it to sauté for 10 till thick.',
      ),
    ).toBe('pressure high 45 natural, simmer 10');
  });

  it('storing and heating again are no step', () => {
    expect(stages('Fry for 5 minutes.', 'Keeps 3 days; reheat for 4 minutes.')).toBe('brown 5');
  });

  it('an oven that was heated first is the one that bakes later', () => {
    expect(stages('Heat oven to 200C.', 'Glaze in the oven for 15-20 mins.')).toBe(
      'oven 15-20 200C',
    );
  });

  it('a tin on a rack is cooked in a pan', () => {
    expect(
      stages(
        'Set the tin on the trivet over 2 cups of water.',
        'High pressure 30 minutes, natural release.',
      ),
    ).toBe('pressure high 30 natural pan');
  });
});

describe('what is for another case', () => {
  const HOLD = 'Pressure cook on high for 20 minutes, natural release.';

  it.each<[string, number]>([
    ['If it is still hard, give it another 3 minutes at high pressure.', 3],
    ['Too soupy? Simmer with the lid off for 10 minutes.', 10],
  ])('%s is a check of the step before, and no stage', (step, minutes) => {
    expect(stages(HOLD, step)).toBe('pressure high 20 natural');
    expect(left(HOLD, step)).toEqual([]);
    expect(readInstructions([HOLD, step]).stages[0]?.checks).toEqual([{ text: step, minutes }]);
  });

  it.each([
    'No cooker? An hour and a half in a covered pan does it.',
    'If you use frozen meat, 10 minutes more.',
  ])('%s is told with its step, and no stage', (step) => {
    expect(stages(HOLD, step)).toBe('pressure high 20 natural');
    expect(readInstructions([HOLD, step]).cases).toHaveLength(1);
    expect(readInstructions([HOLD, step]).stages[0]?.sentences).toContain(step);
  });

  it('nothing is left of what was understood', () => {
    expect(left(HOLD, 'Rest 5 before you carve.', 'Fry the crumbs for 2 minutes.')).toEqual([]);
  });
});

it('a range of minutes that nobody called minutes is a hold all the same, and never none', () => {
  const [cycle] = readInstructions(['Cook at pressure for 18 to 20, NPR.']).stages;
  expect(cycle?.cycle).toMatchObject({ holdMinutes: 18, holdTo: 20 });
});
