import { describe, expect, it } from 'vitest';
import { importRecipe, summarise, type RecipeSummary } from '$core/recipe';
import { FOUR } from './four';
import { ONE, type LibraryRecipe } from './one';
import { THREE } from './three';
import { TWO } from './two';

const LIBRARY: readonly LibraryRecipe[] = [...ONE, ...TWO, ...THREE, ...FOUR];
/** Precision and recall that amounts, times and releases have to reach. */
const WANTED = 0.95;

function read(recipe: LibraryRecipe): RecipeSummary {
  const imported = importRecipe(recipe.text);
  if (!imported.ok) throw new Error(imported.problems[0]?.message);
  return summarise(imported.value);
}
const list = (text: string | undefined): string[] =>
  (text ?? '')
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean);
const figure = (n: number): string => String(Math.round(n * 1000) / 1000);

const found = {
  amounts: (s: RecipeSummary): string[] =>
    s.ingredients.map((i) =>
      i.amount === null
        ? '-'
        : `${figure(i.amount)}${i.amountTo === null ? '' : `-${figure(i.amountTo)}`} ${i.unit ?? ''}`.trim(),
    ),
  times: (s: RecipeSummary): string[] => [
    ...s.cycles.map(
      (c) =>
        `${c.level} ${figure(c.perPound ?? c.holdMinutes ?? Number.NaN)}${c.holdTo === null ? '' : `-${figure(c.holdTo)}`}${c.perPound === null ? '' : '/lb'}`,
    ),
    ...s.oven.map(
      (o) => `oven ${o.celsius === null ? '?' : figure(o.celsius)} ${o.minutes ?? '?'}`,
    ),
  ],
  releases: (s: RecipeSummary): string[] =>
    s.cycles.map((c) =>
      `${c.release.kind} ${c.release.kind === 'timed' ? c.release.minutes : ''}`.trim(),
    ),
  stages: (s: RecipeSummary): string[] => s.stages,
};
const expected = {
  amounts: (r: LibraryRecipe): string[] => list(r.amounts),
  times: (r: LibraryRecipe): string[] => [
    ...list(r.cycles).map((c) => c.split(' ').slice(0, 2).join(' ')),
    ...list(r.oven).map((o) => `oven ${o}`),
  ],
  releases: (r: LibraryRecipe): string[] =>
    list(r.cycles).map((c) => c.split(' ').slice(2).join(' ')),
  stages: (r: LibraryRecipe): string[] => r.stages.split(' '),
};

/** How many of two lists are the same, each counted once. */
function shared(a: readonly string[], b: readonly string[]): number {
  const left = [...b];
  return a.filter((x) => {
    const at = left.indexOf(x);
    if (at >= 0) left.splice(at, 1);
    return at >= 0;
  }).length;
}

describe('the library of recipes', () => {
  it('has forty of them at least', () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(40);
  });

  it.each(['amounts', 'times', 'releases', 'stages'] as const)(
    '%s: precision and recall',
    (what) => {
      let [right, given, wanted] = [0, 0, 0];
      const misses: string[] = [];
      for (const recipe of LIBRARY) {
        const [ours, theirs] = [found[what](read(recipe)), expected[what](recipe)];
        const same = shared(ours, theirs);
        right += same;
        given += ours.length;
        wanted += theirs.length;
        if (same < Math.max(ours.length, theirs.length))
          misses.push(
            `${recipe.text.slice(0, 32).replace(/\s+/g, ' ')}: ${ours.join(', ')} | wanted ${theirs.join(', ')}`,
          );
      }
      const [precision, recall] = [right / given, right / wanted];
      console.log(
        `${what}: precision ${(100 * precision).toFixed(1)} %, recall ${(100 * recall).toFixed(1)} %`,
      );
      if (process.env.SHOW) console.log(misses.join('\n'));
      expect(Math.min(precision, recall), misses.join('\n')).toBeGreaterThanOrEqual(WANTED);
    },
  );

  it.each(LIBRARY.map((r) => [r.text.slice(0, 40).replace(/\s+/g, ' '), r] as const))(
    'servings: %s',
    (_name, recipe) => {
      expect(read(recipe).serves).toBe(recipe.serves);
    },
  );
});
