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

describe('what lies there after it was worked on', () => {
  it('takes nobody’s hands while it lies, and each half is told once', () => {
    const text = `Rabbit\nServes 4\n\n1 rabbit\n2 tbsp mustard\n1 cup stock\n\nRub the rabbit with the mustard and leave for at least 1 hour, or overnight in the fridge. Add the stock. High pressure 20 min, quick release.`;
    const read = importRecipe(text);
    const [rub, lie] = read.ok ? read.value.dish.stages : [];
    expect(rub).toMatchObject({ kind: 'prep', text: 'Rub the rabbit with the mustard' });
    expect(lie).toMatchObject({ kind: 'soak', minutes: 60 });
    expect(lie?.text).toBe('Leave for at least 1 hour, or overnight in the fridge.');
  });

  it('deglazing and reducing are two', () => {
    const [deglaze, reduce] = stagesOf('Deglaze with the stock and reduce by half, 4-5 min.');
    expect([deglaze?.text, reduce?.text].filter(Boolean).join(' | ')).not.toMatch(
      /Deglaze.*Deglaze/,
    );
  });
});

describe('how many it feeds', () => {
  it.each([
    ['makes 1 x 7-inch dish, feeds 6', 6],
    ['Makes 2 loaves, serves 12', 12],
    ['Makes 12', 12],
    ['Feeds about 8 of us', 8],
  ])('%s: %i', (line, people) => {
    const read = importRecipe(
      `Pudding\n${line}\n\n200 g bread\n2 eggs\n1 cup milk\n\nMix. High pressure 25 minutes, natural release.`,
    );
    expect(read.ok && read.value.dish.servings).toBe(people);
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
