/** The dish document: what goes in, and the stages from board to table. */
import { LONGEST_PRESSURE_MIN } from '../facts';
import { z } from 'zod';
import { says } from '../reason';
import { ASK_GROUPS } from '../food';
import { UNIT_NAMES } from '../units';
import { dishRefSchema } from './ref';

const id = z.string().min(1).max(60);
const minutes = z
  .int('whole minutes')
  .min(0, 'no fewer than 0 min')
  .max(2880, says('at most two days', 'split the stage'));

export const ingredientSchema = z.object({
  id,
  food: z.string().trim().min(1, 'name the food').max(120),
  /** Null with no amount: “salt, to taste”. */
  amount: z
    .number()
    .positive(says('an amount is over 0', 'leave it empty for “to taste”'))
    .max(100_000)
    .nullable(),
  unit: z.enum(UNIT_NAMES).nullable(),
  preparation: z.string().max(200).default(''),
  /** What somebody said it is, where neither the table nor its name tells. */
  group: z.enum(ASK_GROUPS as [string, ...string[]]).optional(),
  role: z.enum(['main', 'liquid', 'base', 'seasoning', 'finish']),
  /**
   * proportional; with the pot (water under a rack); whole pieces; to taste (less than proportional);
   * packages, opened whole, with the rest left over.
   */
  scaling: z.enum(['proportional', 'with-pot', 'whole', 'to-taste', 'packages']),
  /** °C at the start; default by what it is: cold from the fridge or as warm as the room. */
  celsius: z.number().min(-30).max(100).optional(),
  frozen: z.boolean().optional(),
  /** Frozen, but thawed before it goes in; without it, it is cooked from frozen. */
  thaw: z.boolean().optional(),
  pieceMm: z.number().positive().max(400).optional(),
  /** Comes out of the freezer or fridge: nobody buys it. */
  fromStore: z.boolean().optional(),
  /** It lies there in a pack of so many g, which thaws as a whole. */
  packGrams: z.number().positive().max(30_000).optional(),
  /** The code of the bag it lies in with others: that thaws as one. */
  bag: z.string().max(60).optional(),
  /** Taken from another dish of the meal, if that is on the table too. */
  takes: z.object({ dish: id, product: id }).optional(),
});
export type Ingredient = z.infer<typeof ingredientSchema>;

const releaseSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('natural') }),
  z.object({ kind: z.literal('quick') }),
  z.object({ kind: z.literal('timed'), minutes: z.int().min(1).max(120) }),
]);
export type ReleaseChoice = z.infer<typeof releaseSchema>;

/** More to look at after one step is a step of its own. */
export const MOST_CHECKS = 5;
export const MOST_TURNS = 6;

const stageBase = {
  id,
  /** What to do, as an instruction. */
  text: z.string().trim().min(1, 'say what to do').max(400),
  /** The sentence it came from, where it was brought in. */
  sentence: z.string().max(2000).optional(),
  /** Ingredients that go in here. */
  uses: z.array(id).default([]),
  /** Only so much of an ingredient goes in here, over 0 and under 1; the rest goes in elsewhere. */
  parts: z
    .record(
      id,
      z.number().gt(0, 'a part is over 0').lt(1, says('all of it is no part', 'leave it out')),
    )
    .optional(),
  /** Stages that must be done before; the one listed above by default. */
  after: z.array(id).optional(),
  /** May be done the day before. */
  ahead: z.boolean().optional(),
  /** One of several runs of this stage, where a pot does not take all of it at once. */
  runOf: id.optional(),
  /** Not before it is needed: an ice bath, a slurry, torn herbs. */
  justInTime: z.boolean().optional(),
  /** Nobody said how long it takes: its minutes are what is usual; of time under pressure there are none. */
  guessed: z.boolean().optional(),
  /** What is done in the middle of it, at so much of its time: turned halfway, stirred twice, foil off for the end. */
  turns: z
    .array(
      z.object({
        text: z.string().trim().min(1, says('say what is done', 'or remove it')).max(100),
        at: z
          .number()
          .gt(0, 'after it has begun')
          .lt(1, says('before it is over', 'or make it a step of its own')),
      }),
    )
    .max(MOST_TURNS, `at most ${MOST_TURNS} times in one step`)
    .optional(),
  /** What to look at when it is over, and by how many minutes it goes on where it is not done. */
  checks: z
    .array(
      z.object({
        text: z
          .string()
          .trim()
          .min(1, says('a check says what to look at', 'or remove it'))
          .max(300),
        minutes: z
          .int('whole minutes')
          .min(1, 'at least a minute more')
          .max(2880, 'at most two days'),
      }),
    )
    .max(MOST_CHECKS, `at most ${MOST_CHECKS} checks of one step`)
    .optional(),
};

const timed = <K extends string>(kind: K) =>
  z.object({ ...stageBase, kind: z.literal(kind), minutes });

export const stageSchema = z.discriminatedUnion('kind', [
  timed('prep'),
  z.object({
    ...stageBase,
    kind: z.literal('soak'),
    minutes,
    /** No longer than this: a marinade turns meat soft and salty. */
    maxMinutes: z
      .int('whole minutes')
      .min(1, 'longer than nothing')
      .max(4320, 'no longer than three days')
      .optional(),
  }),
  timed('brown'),
  timed('loosen'),
  timed('thicken'),
  z.object({
    ...stageBase,
    kind: z.literal('rest'),
    minutes,
    /** In the pot with the heat off and the lid on: cheese melts, pasta takes up its sauce. */
    inCooker: z.boolean().optional(),
    /** Cold: in the fridge, until it is served or goes on. */
    chilled: z.boolean().optional(),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('pressure'),
    level: z.enum(['low', 'high', 'max']),
    holdMinutes: z
      .int('whole minutes')
      .min(0, 'no fewer than 0 min')
      .max(LONGEST_PRESSURE_MIN, 'no pressure time is longer than 8 h'),
    /** The hold goes by the weight of the piece: minutes for each pound. */
    minutesPerLb: z
      .number()
      .positive(
        says('minutes for each pound are over 0', 'leave it empty for a fixed pressure time'),
      )
      .max(120, 'at most 120 min for each pound')
      .optional(),
    /** Minutes on top of those by weight: “20 min per 500 g plus 10”. */
    minutesOnTop: z
      .number()
      .positive(says('minutes on top are over 0', 'leave it empty where there are none'))
      .max(120, 'at most 120 min on top')
      .optional(),
    release: releaseSchema,
    /** Another release that does as well; the planner and the cook may take it. */
    orRelease: releaseSchema.optional(),
    /** In a covered pan on a rack, above the liner's own water. */
    inPan: z
      .object({ diameterMm: z.number().positive(), heightMm: z.number().positive() })
      .optional(),
    rackMm: z.number().positive().optional(),
    /** What of it is in the pan, where something else lies loose below; all but its water by default. */
    panUses: z.array(id).optional(),
    /** Kitchen tools it takes, by id. */
    tools: z.array(id).default([]),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('slow'),
    minutes,
    setting: z.enum(['low', 'high']),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('simmer'),
    minutes,
    attended: z.boolean().default(true),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('crisp'),
    minutes,
    celsius: z.number().min(100).max(300),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('oven'),
    minutes,
    celsius: z.number().min(50).max(300),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('burner'),
    minutes,
    attended: z.boolean().default(true),
    /** Heated in this instead of over a burner. */
    appliance: z.enum(['microwave', 'rice-cooker']).optional(),
  }),
  z.object({
    ...stageBase,
    kind: z.literal('finish'),
    minutes,
    /** Whether it happens in the liner or on the counter. */
    inCooker: z.boolean().default(false),
  }),
]);
export type Stage = z.infer<typeof stageSchema>;
export type StageKind = Stage['kind'];
export type PressureStage = Extract<Stage, { kind: 'pressure' }>;

export const dishSchema = z
  .object({
    format: z.literal('olive-clock/dish@1'),
    id,
    name: z.string().trim().min(1, says('a name is needed', 'write what you call it')).max(100),
    /** One line for the list. */
    summary: z.string().max(300).default(''),
    servings: z.number().positive(says('for how many', 'at least 1')).max(200),
    ingredients: z.array(ingredientSchema).max(300),
    stages: z.array(stageSchema),
    /** By-products another dish may take. */
    products: z
      .array(z.object({ id, food: z.string(), ml: z.number().positive(), from: id }))
      .default([]),
    /** How long it may wait once ready, and how much each minute of waiting costs it. */
    wait: z.object({
      maxMinutes: z.int().min(0).max(2880).nullable(),
      cost: z.int().min(0).max(20),
    }),
    /** How the same dish is made in a slow cooker, where it can be. */
    slow: z
      .object({
        setting: z.enum(['low', 'high']),
        hours: z
          .number('the hours are a number')
          .min(1, 'a slow cooker takes an hour at least')
          .max(24, 'no more than a day in a slow cooker'),
      })
      .optional(),
    /** A run of a batch: what the whole is called, without its number of bags. */
    wholeName: z.string().max(100).optional(),
    /** Made from stock: what of; a dish as it is written has none. */
    ref: dishRefSchema.optional(),
    /** Made from stock: the last day on which it is safe to eat. */
    eatBy: z.iso.date().optional(),
    /** Made from stock: what is left of that is enough for so many servings. */
    atMost: z.number().min(0).optional(),
    /** Its pressure times are for this household’s altitude already. */
    heldHere: z.boolean().optional(),
    /** Cooked in bulk: an ingredient of other dishes, that its main food is the measure of. */
    bulk: z.boolean().optional(),
    notes: z.string().max(5000).default(''),
    /** The text or page it was read from, as it was given. */
    source: z.string().max(60_000).optional(),
    /** Pieces of that text that are in no field: shown until somebody says what they are. */
    unread: z.array(z.string().max(2000)).max(200).default([]),
  })
  .superRefine((dish, context) => {
    const stages = new Set(dish.stages.map((s) => s.id));
    const ingredients = new Set(dish.ingredients.map((i) => i.id));
    dish.stages.forEach((stage, i) => {
      for (const used of stage.uses)
        if (!ingredients.has(used))
          context.addIssue({
            code: 'custom',
            path: ['stages', i, 'uses'],
            message: says(`ingredient “${used}” is not in the list`, 'add it or take it out here'),
          });
      for (const part of Object.keys(stage.parts ?? {}))
        if (!stage.uses.includes(part))
          context.addIssue({
            code: 'custom',
            path: ['stages', i, 'parts'],
            message: says(
              `a part of “${part}” is named where it does not go in`,
              'tick it or take the part out',
            ),
          });
      for (const before of stage.after ?? [])
        if (!stages.has(before) || before === stage.id)
          context.addIssue({
            code: 'custom',
            path: ['stages', i, 'after'],
            message: says(
              `stage “${before}” is not another stage of this dish`,
              'choose one that is',
            ),
          });
    });
    for (const ingredient of dish.ingredients) {
      const named = dish.stages.reduce((sum, s) => sum + (s.parts?.[ingredient.id] ?? 0), 0);
      if (named > 1 + 1e-6)
        context.addIssue({
          code: 'custom',
          path: ['stages', dish.stages.findLastIndex((s) => s.parts?.[ingredient.id]), 'parts'],
          message: says(
            `the parts of ${ingredient.food} are more than all of it`,
            'make one smaller',
          ),
        });
    }
    dish.stages.forEach((stage, i) => {
      if (stage.kind === 'soak' && (stage.maxMinutes ?? Infinity) < stage.minutes)
        context.addIssue({
          code: 'custom',
          path: ['stages', i, 'maxMinutes'],
          message: says(
            'the longest time is shorter than the least',
            'make it longer or leave it empty',
          ),
        });
    });
    const circle = findCircle(dish.stages);
    if (circle)
      context.addIssue({
        code: 'custom',
        path: ['stages', dish.stages.findIndex((s) => s.id === circle), 'after'],
        message: says(
          'stages follow each other in a circle',
          'let one of them follow another stage',
        ),
      });
    dish.products.forEach((product, i) => {
      if (!stages.has(product.from))
        context.addIssue({
          code: 'custom',
          path: ['products', i, 'from'],
          message: says(
            `stage “${product.from}” is not in this dish`,
            'name the stage it comes from',
          ),
        });
    });
  });
export type Dish = z.infer<typeof dishSchema>;

/** A stage that waits for itself by way of others; null where none does. */
function findCircle(stages: readonly Stage[]): string | null {
  const before = new Map(
    stages.map((s, i) => [s.id, s.after ?? (i > 0 ? [stages[i - 1]?.id ?? ''] : [])]),
  );
  const done = new Set<string>();
  const visit = (id: string, path: ReadonlySet<string>): string | null => {
    if (path.has(id)) return id;
    if (done.has(id)) return null;
    done.add(id);
    for (const next of before.get(id) ?? []) {
      const found = visit(next, new Set([...path, id]));
      if (found) return found;
    }
    return null;
  };
  for (const { id } of stages) {
    const found = visit(id, new Set());
    if (found) return found;
  }
  return null;
}

/** An id that no stage or ingredient of the dish has yet. */
export function freeIdIn(dish: Pick<Dish, 'stages' | 'ingredients'>, wanted: string): string {
  const taken = new Set([...dish.stages, ...dish.ingredients].map((x) => x.id));
  let id = wanted;
  for (let n = 2; taken.has(id); n++) id = `${wanted}-${n}`;
  return id;
}
