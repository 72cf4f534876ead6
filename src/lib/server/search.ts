/** One search over everything a household has, and over what the program itself can answer. */
import { desc, like, or, sql, type SQL } from 'drizzle-orm';
import type { Kitchen } from '$core/kitchen';
import { formatDay, shortDay, dayKey } from '$core/units';
import { pageQuestions } from '$lib/ui/answers';
import { HELP_PARTS } from '$lib/ui/help/parts';
import type { Database } from './database';
import { inDish } from './find-dishes';
import { every, has, pattern, wordsIn } from './find-words';
import { dishes, meals, storeItems } from './schema';

export interface Hit {
  kind: 'dish' | 'meal' | 'bag' | 'answer' | 'help' | 'place';
  name: string;
  /** What tells it from another of the same name. */
  detail: string;
  href: string;
}

/** Of each kind at most; who wants more goes to its own page. */
const MOST_OF_A_KIND = 6;
const PLACES: readonly [name: string, href: string, words: string][] = [
  ['Meals', '/meals', 'plan supper'],
  ['Week', '/meals?week=0', 'calendar days'],
  ['Dishes', '/dishes', 'recipes'],
  ['Add a recipe', '/dishes/new', 'paste import'],
  ['Lists', '/lists', 'shopping tools lay out use up'],
  ['Cook', '/cook', 'live evening practice'],
  ['Freezer', '/freezer', 'fridge stock bags labels'],
  ['A week from stock', '/freezer/week', 'use up suggestions'],
  ['Kitchen', '/kitchen', 'cookers settings units altitude copies backup'],
  ['Log', '/log', 'evenings past'],
  ['Answers', '/answers', 'questions'],
  ['Help', '/help', 'keys'],
];

/**
 * Finds by any part of a name, by what is in a dish, meals by their dishes, and bags by their code. All words have to be there.
 *
 * @param asked as typed
 * @param now ms since the epoch
 */
export async function search(
  database: Database,
  asked: string,
  kitchen: Kitchen,
  now: number,
): Promise<Hit[]> {
  const words = wordsIn(asked);
  if (words.length === 0) return [];
  const inMeal = (word: string): SQL | undefined =>
    or(
      has(sql`${meals.name}`, word),
      sql`exists (select 1 from json_each(${meals.document}, '$.entries') as entry join ${dishes} on ${dishes.id} = json_extract(entry.value, '$.what.dish.id') where ${has(dishes.name, word)})`,
    );
  const code = pattern(words[0] ?? '').slice(1);
  const [foundDishes, foundMeals, foundBags] = await Promise.all([
    database
      .select({ id: dishes.id, name: dishes.name })
      .from(dishes)
      .where(every(words, inDish))
      .limit(60),
    database
      .select({ id: meals.id, name: meals.name, serveAt: meals.serveAt })
      .from(meals)
      .where(every(words, inMeal))
      .orderBy(desc(meals.serveAt))
      .limit(MOST_OF_A_KIND),
    database
      .select({
        code: storeItems.code,
        useBy: storeItems.useBy,
        name: sql<string>`json_extract(${storeItems.document}, '$.name')`,
      })
      .from(storeItems)
      .where(
        sql`${storeItems.portions} > 0 and (${like(storeItems.code, code)} or ${every(words, (w) =>
          has(sql`json_extract(${storeItems.document}, '$.name')`, w),
        )})`,
      )
      .orderBy(storeItems.useBy)
      .limit(MOST_OF_A_KIND),
  ]);
  const today = dayKey(now, kitchen.zone);
  const said = (text: string): boolean => words.every((w) => text.toLowerCase().includes(w));
  const byName = (a: { name: string }, b: { name: string }): number =>
    rank(a.name, words) - rank(b.name, words);
  return [
    ...foundDishes
      .sort(byName)
      .slice(0, MOST_OF_A_KIND)
      .map((d): Hit => ({
        ...{ kind: 'dish', name: d.name, detail: said(d.name) ? 'Dish' : 'Dish with it' },
        href: `/dishes/${encodeURIComponent(d.id)}`,
      })),
    ...foundMeals.map((m): Hit => ({
      ...{ kind: 'meal', name: m.name },
      detail: `${said(m.name) ? 'Meal' : 'Meal with it'} · ${formatDay(m.serveAt, kitchen)}`,
      href: `/meals/${encodeURIComponent(m.id)}`,
    })),
    ...foundBags.map((b): Hit => ({
      ...{ kind: 'bag', name: b.name, detail: `${b.code} · by ${shortDay(b.useBy, today)}` },
      href: `/s/${b.code}`,
    })),
    ...pageQuestions(kitchen)
      .filter((q) => said(q.title))
      .map((q): Hit => ({
        kind: 'answer',
        name: q.title,
        detail: 'Answer',
        href: `/answers?q=${q.id}`,
      })),
    ...PLACES.filter(([name, , more]) => said(`${name} ${more}`)).map(([name, href]): Hit => ({
      ...{ kind: 'place', name, detail: 'Page', href },
    })),
    ...HELP_PARTS.flatMap((part) =>
      part.lines
        .filter(said)
        .slice(0, 2)
        .map((line): Hit => ({
          kind: 'help',
          name: line,
          detail: part.title,
          href: `/help#${part.id}`,
        })),
    ).slice(0, MOST_OF_A_KIND),
  ];
}

/** Names that begin with what was typed come first, then those in which a word does. */
function rank(name: string, words: readonly string[]): number {
  const text = name.toLowerCase();
  const [first = ''] = words;
  if (text.startsWith(first)) return 0;
  if (words.every((w) => text.includes(` ${w}`))) return 1;
  return words.every((w) => text.includes(w)) ? 2 : 3;
}
