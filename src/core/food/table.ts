/** Reads a food table: one line of text a food, so that a whole group can be read at a glance. */
import { GROUPS } from './groups';
import { SOFTENING, type SofteningClass } from './softening';
import type {
  Allergen,
  DonenessTarget,
  Food,
  FoodClass,
  FoodGroup,
  Form,
  Softening,
} from './types';

const COLUMNS = 6;
const COMPONENTS = 6;
/** Six to eight cups for a pound of beans, ml/g beyond what they take up (common practice). */
const PULSE_COVER = 2;

/**
 * Foods of one group from lines of `id | names | form | makeup | g/ml | further | source`.
 *
 * - names: separated by commas, the first is the one shown
 * - makeup: water, protein, fat, available carbohydrate, fibre, ash in g/100 g of the edible part
 * - g/ml: as measured in a cup, with the air between pieces
 * - further: `each=` g of one; `pack=` g in a usual pack; `piece=` mm through the usual piece; `half` fill to half only; `growth=`
 *   volume after cooking for one before; `takes=` g of water taken up by 1 g; `cover=` ml more for 1 g; `gives=` g given off by
 *   1 g; `soften=` its class of softening, `crisp=`, `soft=`, `slice=`, `shred=` another dose than the class has,
 *   `least=` the shortest hold; `through=` share of its thickness that heat goes through, `most=` mm of it; `finicky` or `robust`
 *   where the group is not; `keep=` another row of the keeping chart, `safety=` another class for safety,
 *   `aisle=` another place in a shop; `allergens=` joined by +, or `none`; `varies` where the label decides what is
 *   in it; `from=flesh` where it is of an animal whatever its group
 * - source: see the head of each file
 *
 * @throws where a line is not of this form, for that is a fault of the program
 */
export function foodTable(group: FoodGroup, text: string): Food[] {
  return text
    .trim()
    .split('\n')
    .map((line) => readLine(group, line));
}

function readLine(group: FoodGroup, line: string): Food {
  const cells = line.split('|').map((c) => c.trim());
  const [id = '', names = '', form = '', makeup = '', density = '', further = '', source = ''] =
    cells;
  const parts = makeup.split(/\s+/).map(Number);
  if (cells.length !== COLUMNS + 1 || parts.length !== COMPONENTS || parts.some(Number.isNaN))
    throw new Error(`not a line of a food table: ${line}`);
  const [water = 0, protein = 0, fat = 0, carbohydrate = 0, fibre = 0, ash = 0] = parts;
  const extra = new Map(
    further
      .split(/\s+/)
      .filter(Boolean)
      .map((word) => word.split('=') as [string, string | undefined]),
  );
  const number = (key: string): number | undefined =>
    extra.has(key) ? Number(extra.get(key)) : undefined;
  const [first = id, ...others] = names.split(',').map((n) => n.trim());
  const usual = GROUPS[group];
  const own = extra
    .get('allergens')
    ?.split('+')
    .filter((a) => a !== 'none') as Allergen[] | undefined;
  const softening: Softening =
    SOFTENING[(extra.get('soften') as SofteningClass | undefined) ?? usual.softening];
  return {
    id,
    names: [first, ...others],
    group,
    form: form as Form,
    composition: { water, protein, fat, carbohydrate, fibre, ash },
    density: Number(density),
    pieceG: number('each') ?? null,
    packG: number('pack') ?? null,
    pieceMm: number('piece') ?? (form === 'solid' ? 20 : 0),
    swells: extra.has('half'),
    growth: number('growth') ?? 1,
    takes: number('takes') ?? 0,
    cover: number('cover') ?? (group === 'pulse' ? PULSE_COVER : 0),
    gives: number('gives') ?? usual.gives,
    finicky: extra.has('finicky') || (usual.finicky && !extra.has('robust')),
    softening: {
      ...softening,
      doses: { ...softening.doses, ...dosesFrom(number) },
      leastMin: number('least') ?? softening.leastMin,
    },
    through: number('through') ?? 1,
    mostMm: number('most') ?? Infinity,
    safety: (extra.get('safety') as FoodClass | undefined) ?? null,
    keep: (extra.get('keep') as Food['keep'] | undefined) ?? usual.keep,
    aisle: (extra.get('aisle') as Food['aisle'] | undefined) ?? usual.aisle,
    allergens: own ?? usual.allergens,
    varies: extra.has('varies'),
    fromFlesh: extra.get('from') === 'flesh',
    source,
  };
}

const TARGETS: readonly DonenessTarget[] = ['crisp', 'soft', 'slice', 'shred'];

function dosesFrom(number: (key: string) => number | undefined): Softening['doses'] {
  return Object.fromEntries(
    TARGETS.flatMap((target) => {
      const dose = number(target);
      return dose === undefined ? [] : [[target, dose]];
    }),
  );
}
