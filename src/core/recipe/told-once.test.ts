import { describe, expect, it } from 'vitest';
import { importRecipe } from './index';

const stagesOf = (method: string) => {
  const text = `Potatoes with spinach\nServes 4\n\n1 lb potatoes\n1 cup stock\n2 cups spinach\n1 head cauliflower\n\nCook potatoes and stock at high pressure for 4 minutes, quick release. ${method}`;
  const read = importRecipe(text);
  if (!read.ok) throw new Error(read.problems[0]?.message);
  return read.value.dish.stages.slice(1).map((s) => ({
    ...{ kind: s.kind, text: s.text, uses: s.uses },
    minutes: s.kind === 'pressure' ? s.holdMinutes : s.minutes,
  }));
};

describe('two things in one sentence', () => {
  it.each([
    [
      'Stir in the spinach and let stand 5 minutes with the lid on.',
      'Let stand 5 minutes with the lid on.',
    ],
    ['Stir in the spinach, cover, and rest 5 minutes.', 'Rest 5 minutes.'],
  ])('%s: each is told once, and the food goes in once', (method, second) => {
    const [stir, rest] = stagesOf(method);
    expect(stir).toMatchObject({ kind: 'finish', uses: ['spinach'] });
    expect(stir?.text).toMatch(/^Stir in the spinach/);
    expect(rest).toEqual({ kind: 'rest', text: second, uses: [], minutes: 5 });
  });
});

describe('roasting', () => {
  it.each([
    'Meanwhile roast the cauliflower at 425°F for 25 minutes. Toss with the spinach.',
    'Meanwhile, roast cauliflower at 425 F for 25 minutes. Toss with the spinach.',
    'At the same time roast the cauliflower at 425°F for 25 minutes. Toss with the spinach.',
  ])('%s is in the oven, whatever comes before the verb', (method) => {
    const [roast, toss] = stagesOf(method);
    expect(roast).toMatchObject({ kind: 'oven', minutes: 25 });
    expect(toss?.kind).toBe('finish');
  });
});

describe('another way to do the same, in brackets', () => {
  it('is no second cycle; a release in brackets still counts', () => {
    const one = stagesOf('Porridge setting 30 min (or manual high 25). Natural release.');
    expect(one.filter((s) => s.kind === 'pressure').map((s) => s.minutes)).toEqual([30]);
    const timed = stagesOf('High pressure 12 minutes (or 14 if frozen), quick release.');
    expect(timed.filter((s) => s.kind === 'pressure').map((s) => s.minutes)).toEqual([12]);
  });
});
