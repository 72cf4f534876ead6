import type { Food, FoodGroup, Form } from './types';

/** Columns that most rows leave at their usual value. */
interface Extra {
  pieceG?: number;
  pieceMm?: number;
  swells?: true;
  growth?: number;
}

/**
 * One line of a food table.
 *
 * @param names separated by commas; the first is the one shown
 * @param makeup water, protein, fat, available carbohydrate, fibre, ash in g/100 g
 * @param density g/ml as measured in a cup
 */
export function row(
  id: string,
  names: string,
  form: Form,
  makeup: readonly [number, number, number, number, number, number],
  density: number,
  extra: Extra = {},
): Omit<Food, 'group'> {
  const [first = id, ...others] = names.split(',').map((n) => n.trim());
  const [water, protein, fat, carbohydrate, fibre, ash] = makeup;
  return {
    id,
    names: [first, ...others],
    form,
    composition: { water, protein, fat, carbohydrate, fibre, ash },
    density,
    pieceG: extra.pieceG ?? null,
    pieceMm: extra.pieceMm ?? (form === 'solid' ? 20 : 0),
    swells: extra.swells ?? false,
    growth: extra.growth ?? 1,
  };
}

/** A table whose rows all belong to one group. */
export function group(name: FoodGroup, rows: readonly Omit<Food, 'group'>[]): Food[] {
  return rows.map((r) => ({ ...r, group: name }));
}
