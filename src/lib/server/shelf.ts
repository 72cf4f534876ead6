/** Lists that grow for years come page by page: what an address asks for, and what it gets. */

export interface ShelfWish {
  /** Words that are looked for; '' for everything. */
  find: string;
  /** From 1. */
  page: number;
  /** How many stand on a page. */
  size: number;
}

export interface Shelf<T> {
  items: T[];
  /** How many there are in all. */
  all: number;
  /** How many of them are what was looked for. */
  found: number;
  /** The page that is shown: the last one where the address names one beyond it. */
  page: number;
  pages: number;
  size: number;
}

const LONGEST_FIND = 200;

/** What the address asks for: `?find=…&page=2`. */
export function readShelfWish(params: URLSearchParams, size: number): ShelfWish {
  const page = Math.trunc(Number(params.get('page') ?? 1));
  return {
    find: (params.get('find') ?? '').slice(0, LONGEST_FIND),
    page: page >= 1 && page < 1e6 ? page : 1,
    size,
  };
}

/** The page that is shown, of how many, and how many rows lie before it. */
export function placeOf(
  found: number,
  wanted: number,
  size: number,
): { page: number; pages: number; skipped: number } {
  const pages = Math.max(1, Math.ceil(found / size));
  const page = Math.min(wanted, pages);
  return { page, pages, skipped: (page - 1) * size };
}

/**
 * A page of a list.
 *
 * @param counts how many there are in all, and how many are looked for
 * @param rows those of the page, by how many lie before them
 */
export async function fillShelf<T>(
  { page: wanted, size }: ShelfWish,
  counts: { all: Promise<number>; found: Promise<number> },
  rows: (skipped: number) => Promise<T[]>,
): Promise<Shelf<T>> {
  const [all, found] = await Promise.all([counts.all, counts.found]);
  const { page, pages, skipped } = placeOf(found, wanted, size);
  return { items: await rows(skipped), all, found, page, pages, size };
}
