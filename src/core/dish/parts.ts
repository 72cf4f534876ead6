/** Ingredients that go in at several stages: half of the garlic now, the rest later. */
import type { Dish, Stage } from './document';

/** Stages that get an ingredient ready, all of it at once. */
const PREPARES: ReadonlySet<string> = new Set(['prep', 'soak']);

/** Whether some stage takes only a part of an ingredient. */
export function isParted(dish: Pick<Dish, 'stages'>, id: string): boolean {
  return dish.stages.some((s) => s.parts?.[id] !== undefined);
}

/**
 * How much of an ingredient a stage takes.
 *
 * @returns from 0 to 1: the part the stage names; the rest, where only others name one; else all of it
 */
export function partAt(dish: Pick<Dish, 'stages'>, stage: Stage, id: string): number {
  if (!stage.uses.includes(id)) return 0;
  const own = stage.parts?.[id];
  if (own !== undefined) return own;
  if (PREPARES.has(stage.kind)) return 1;
  const named = dish.stages.reduce((sum, s) => sum + (s.parts?.[id] ?? 0), 0);
  return Math.max(0, 1 - named);
}

const FRACTIONS: readonly (readonly [number, string])[] = [
  [1 / 4, 'a quarter'],
  [1 / 3, 'a third'],
  [1 / 2, 'half'],
  [2 / 3, 'two thirds'],
  [3 / 4, 'three quarters'],
];

/** The parts that can be chosen, with their words. */
export const PARTS = FRACTIONS;

/** “half”, “two thirds”; a percentage where no usual fraction is near. */
export function sayPart(part: number): string {
  const near = FRACTIONS.find(([value]) => Math.abs(value - part) < 0.02);
  return near?.[1] ?? `${Math.round(part * 100)} %`;
}

/** The fraction that stands before a food in a text: “half of the garlic”; null where there is none. */
export function partIn(text: string, food: string): number | null {
  const head =
    food
      .toLowerCase()
      .split(/\s+/)
      .at(-1)
      ?.replace(/(?:es|s)$/, '') ?? '';
  if (head.length < 3) return null;
  // “Half the dripping … the rest of the dripping”: all of it.
  const isAll = [...text.matchAll(REST_OF)].some(([, word = '']) =>
    word.toLowerCase().startsWith(head),
  );
  if (isAll) return null;
  for (const { value, pattern } of BEFORE_A_FOOD)
    for (const match of text.matchAll(pattern)) {
      // “Mash a third of the chickpeas”: they are in the pot already.
      if (WORKED_ON.test(text.slice(0, match.index))) continue;
      const words = text
        .slice(match.index + match[0].length)
        .toLowerCase()
        .match(/^(?:[\p{L}-]+ ){0,2}[\p{L}-]+/u);
      if (words?.[0].split(' ').some((word) => word.replace(/(?:es|s)$/, '') === head))
        return value;
    }
  return null;
}

const WORKED_ON =
  /\b(?:mash|crush|blend|blitz|squash|pur[eé]e|scoop|ladle)(?: up| out)?(?: (?:about|roughly))?\s*$/iu;

const REST_OF =
  /\b(?:the (?:rest|remainder) of (?:the |your )?|(?:the )?(?:remaining|other half of the) )(?:[\p{L}-]+ )??([\p{L}-]+)/giu;

const BEFORE_A_FOOD = FRACTIONS.map(([value, words]) => ({
  value,
  pattern: new RegExp(
    String.raw`\b${words.replace(/^a /, '(?:a|one) ')}(?: of)? (?:the |your )`,
    'giu',
  ),
}));

/** The stage without an ingredient, and without a part of it. */
export function withoutUse<S extends Stage>(stage: S, id: string): S {
  const { [id]: _, ...parts } = stage.parts ?? {};
  return {
    ...stage,
    uses: stage.uses.filter((u) => u !== id),
    parts: Object.keys(parts).length > 0 ? parts : undefined,
  };
}
