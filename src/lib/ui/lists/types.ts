/** The shopping list as a page shows it: every amount in words already. */
export interface ListLine {
  key: string;
  food: string;
  aisle: string;
  /** What the recipes need; '' where no amount is given. */
  amount: string;
  /** How one asks for it in the shop; null where that is the amount itself. */
  sold: string | null;
  overWords: string | null;
  because: string[];
  /** For which dish how much, as that calls it. */
  parts: string[];
  cost: number | null;
}

export interface ShopList {
  lines: ListLine[];
  /** In the order of the shop. */
  aisles: string[];
  inHouse: string[];
  total: number;
  unpriced: number;
  /** What dishes are served with: no ingredients, to be remembered. */
  beside: string[];
}
