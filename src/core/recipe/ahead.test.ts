import { describe, expect, it } from 'vitest';
import { leadIn } from './ahead';
import { importRecipe } from './index';

/** Own sentences of what cooks write; what follows from them: common practice. */
const stagesOf = (method: string) => {
  const found = importRecipe(
    `Pork with fennel\nServes 4\n\n1.2 kg pork shoulder, in chunks\n2 tsp salt\n1 tbsp fennel seeds\n2 onions, sliced\n300 ml stock\n\n${method}\nPut the pork, onions and stock in the pot. High pressure 35 minutes, natural release.\n`,
  );
  if (!found.ok) throw new Error(found.problems[0]?.message);
  return found.value.dish.stages;
};
const before = (method: string) =>
  stagesOf(method)
    .filter((s) => s.id !== 'prepare' && s.kind !== 'pressure')
    .map((s) => [s.kind, 'minutes' in s ? s.minutes : null, 'chilled' in s]);

describe('work that is told to be done before', () => {
  it.each([
    ['Salt the pork an hour ahead and leave it in the fridge.', 60, true],
    ['The night before, rub the pork with salt and fennel seeds.', 480, true],
    ['Season the pork with salt at least 4 hours ahead.', 240, true],
    ['Rub the fennel seeds into the pork the evening before and refrigerate.', 480, true],
    ['Salt the pork 20 minutes before cooking, then rinse.', 20, false],
    ['Salt the pork well in advance, ideally 6 hours.', 360, true],
    ['Two hours before you start, rub the salt into the pork, at room temperature.', 120, false],
    ['Rub the pork with salt a day ahead.', 480, true],
  ])('is a few minutes of hands, and then a wait: %s', (method, minutes, chilled) => {
    const [work, wait, ...more] = before(method);
    expect(more).toEqual([]);
    expect(work?.[0]).toBe('prep');
    expect(work?.[1]).toBeLessThanOrEqual(10);
    expect(wait).toEqual(['rest', minutes, chilled]);
  });

  it('another wait with minutes of its own is one more', () => {
    expect(
      before('Salt the pork an hour ahead. Leave the pork on the counter for 40 minutes.'),
    ).toEqual([
      ['prep', 4, false],
      ['rest', 60, false],
      ['rest', 40, false],
    ]);
  });

  it('taken out of the fridge, it only stands', () => {
    expect(before('An hour before cooking, take the pork out of the fridge.')).toEqual([
      ['rest', 60, false],
    ]);
  });

  it('what may be done before is not waited for', () => {
    expect(before('Up to a day ahead, toast the fennel seeds, 3 minutes.')).toEqual([
      ['brown', 3, false],
    ]);
    expect(leadIn('Can be made a day ahead.')?.isAllowed).toBe(true);
  });

  it('minutes before something else is done are no such wait', () => {
    expect(leadIn('Ten minutes before the lamb is done, put in the beans.')).toBeNull();
    expect(leadIn('Simmer for 20 minutes before adding the beans.')).toBeNull();
  });

  it('hands cut meanwhile what a short wait leaves time for, and the heat waits for both', () => {
    const stages = stagesOf('Salt the pork an hour ahead.');
    const at = (id: string) => stages.find((s) => s.id === id);
    expect(at('prepare')?.after).toEqual(['prep']);
    expect(at('pressure')?.after).toEqual(['rest', 'prepare']);
  });
});
