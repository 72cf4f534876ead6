/** The kitchen document: what a household cooks with, and how it likes to read things. */
import { z } from 'zod';
import { says } from '../reason';
import { LIQUID_SCHOOLS } from '../cooker';
import { AISLES, ASK_GROUPS } from '../food';
import { ALTITUDE_RANGE } from '../steam';
import { isZone } from '../units';

const id = z.string().min(1).max(60);
const name = z.string().trim().min(1, says('a name is needed', 'write what you call it')).max(60);

const word = z.string().trim().max(30, 'a key has at most 30 letters on it');

export const cookerSchema = z.object({
  id,
  name,
  /** Nominal size to the brim, litres: 3 to 10 qt are 2.8 to 9.5 l. */
  litres: z
    .number(says('the size is a number', '6 qt are 5.7 l'))
    .min(1.5, says('a pressure cooker holds at least 1.5 l (1.6 qt)', 'give its nominal size'))
    .max(15, says('an electric cooker holds at most 15 l (16 qt)', 'give its nominal size')),
  watts: z
    .number('the power is a number, as on the label underneath')
    .min(300, says('a heater has at least 300 W', 'look at the label underneath'))
    .max(2500, says('a household heater has at most 2500 W', 'look at the label underneath')),
  diameterMm: z
    .number()
    .min(120, 'an inner pot is at least 120 mm across')
    .max(400, 'an inner pot is at most 400 mm across'),
  heightMm: z
    .number()
    .min(80, 'an inner pot is at least 80 mm high')
    .max(400, 'an inner pot is at most 400 mm high'),
  /** What it does beside pressure: without sauté it neither browns nor simmers; a second lid crisps from above. */
  modes: z.array(z.enum(['saute', 'crisp'])).default(['saute']),
  levels: z.array(z.enum(['low', 'high', 'max'])).min(1, 'choose at least one pressure level'),
  /** It goes over to keep-warm by itself after its time, and nobody switches that off: releases take longer. */
  staysWarm: z.boolean().default(false),
  /** Second liners: the next dish needs no rinse between. */
  spareLiners: z
    .int('whole inner pots')
    .min(0, 'no fewer than 0 spare inner pots')
    .max(6, 'at most six spare inner pots')
    .default(0),
  /** Sealing rings, the one in the lid included: one for savoury, one for sweet. */
  rings: z
    .int('whole rings')
    .min(1, says('a lid needs a ring', 'at least 1'))
    .max(6, 'at most six rings')
    .default(1),
  /** The circuit it hangs on, by id; null where that does not matter. */
  circuit: id.nullable().default(null),
  /** Least thin liquid by its manual, ml; null: by the household's school. */
  leastMl: z
    .number()
    .min(50, says('no manual asks for less than 50 ml', 'give ml'))
    .max(2000, says('no manual asks for more than 2 l', 'give ml'))
    .nullable()
    .default(null),
  /** What stands on its own panel, where it is not the usual word. */
  words: z
    .object({
      pressure: word,
      low: word,
      high: word,
      max: word,
      saute: word,
      keepWarm: word,
    })
    .partial()
    .default({}),
  /** Its own power and loss, from a calibration; null: as a cooker of its size usually is. */
  heat: z
    .object({
      efficiency: z.number().min(0.3).max(1.3),
      lossWPerK: z.number().min(0.05).max(10),
      on: z.iso.datetime(),
      /** Spread of the way up that is left, as its logarithm's; the model's own where it is not known. */
      spread: z.number().min(0.01).max(1).optional(),
      /** The same of the release. */
      fallSpread: z.number().min(0.01).max(1).optional(),
      /** How much slower something thick comes up than the model has it, as a logarithm, and what is not known of it. */
      thick: z.number().min(-2).max(2).optional(),
      thickVariance: z.number().min(0).max(1).optional(),
      thickCovariance: z.number().min(-1).max(1).optional(),
      /** Learned from so many evenings, and not timed with water. */
      evenings: z.int().min(1).optional(),
    })
    .nullable()
    .default(null),
});
export type Cooker = z.infer<typeof cookerSchema>;

const size = z
  .number('a size is a number of mm')
  .positive('a size is over 0 mm')
  .max(600, 'nothing over 600 mm goes into a cooker')
  .optional();

export const toolSchema = z.object({
  id,
  name,
  count: z.int().min(0, 'no fewer than 0').max(20, 'at most 20'),
  kind: z.enum(['rack', 'basket', 'pan', 'other']).default('other'),
  diameterMm: size,
  heightMm: size,
});
export type Tool = z.infer<typeof toolSchema>;

/** Where food is kept cold. */
export const placeSchema = z.object({
  id,
  name,
  kind: z.enum(['freezer', 'fridge']),
  /** What it has for bags and boxes. */
  litres: z
    .number('the room is a number of litres')
    .min(2, 'at least 2 litres')
    .max(2000, 'at most 2000 litres'),
});
export type Place = z.infer<typeof placeSchema>;

/** Something that cooks one thing, and leaves the pots free. */
export const applianceSchema = z.object({
  id,
  name,
  kind: z.enum(['slow-cooker', 'rice-cooker', 'microwave']),
  litres: z
    .number(says('the size is a number', '6 qt are 5.7 l'))
    .min(0.5, 'it holds at least half a litre')
    .max(50, 'it holds at most 50 l'),
  /** What a microwave gives to the food, as on its door; null: as is usual. */
  watts: z
    .number('the power is a number, as on its door')
    .min(300, 'a microwave gives at least 300 W')
    .max(1500, 'a microwave gives at most 1500 W')
    .nullable()
    .default(null),
});
export type Appliance = z.infer<typeof applianceSchema>;

const USUAL_PLACES: readonly Place[] = [
  { id: 'freezer', name: 'Freezer', kind: 'freezer', litres: 80 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', litres: 30 },
];

export const kitchenSchema = z.object({
  format: z.literal('olive-clock/kitchen@1'),
  cookers: z.array(cookerSchema),
  oven: z
    .object({
      shelves: z
        .int()
        .min(1, 'an oven has at least one shelf')
        .max(6, 'an oven has at most six shelves'),
      /** Minutes from cold to 200 °C. */
      heatMinutes: z
        .int()
        .min(1)
        .max(60, says('an oven is hot within 60 min', 'give the minutes to 200 °C')),
    })
    .nullable(),
  /** Slow cookers take what is only cooked slowly, rice cookers grain in its liquid. */
  appliances: z.array(applianceSchema).max(6, 'at most six of them').default([]),
  burners: z.int().min(0, 'no fewer than 0 burners').max(8, 'at most 8 burners'),
  /** Racks, baskets and pans, counted. */
  tools: z.array(toolSchema),
  /** What hangs on one breaker, with what it can give. */
  circuits: z
    .array(
      z.object({
        id,
        name,
        watts: z
          .number('the limit is a number of watts')
          .min(500, says('a circuit gives at least 500 W', '10 A at 230 V are 2300'))
          .max(12_000, says('a kitchen circuit gives at most 12,000 W', '16 A at 230 V are 3680')),
      }),
    )
    .default([]),
  /** Who cooks, and how quickly against the minutes that dishes name. */
  cooks: z
    .array(
      z.object({
        id,
        name,
        pace: z
          .number(says('the pace is a number', '1 is as dishes say'))
          .min(0.5, 'a pace is at least 0.5: twice as quick')
          .max(3, 'a pace is at most 3: three times as slow'),
      }),
    )
    .max(4, 'at most four cooks')
    .default([]),
  /** Foods that the program does not know, with the group that somebody chose. */
  foods: z
    .array(
      z.object({
        name: z.string().min(1).max(120),
        group: z.enum(ASK_GROUPS as [string, ...string[]]),
      }),
    )
    .max(500, 'at most 500 foods')
    .default([]),
  /** The aisles of the shop in the order in which this household walks through it; those left out come last. */
  aisles: z.array(z.enum(AISLES)).max(AISLES.length, 'each aisle once').default([]),
  /** Days for which cooked rice may stand in the fridge: one is the published rule, none is stricter. */
  riceDays: z
    .int(says('whole days', 'choose 0 or 1'))
    .min(0, 'no fewer than none')
    .max(1, says('rice is eaten within a day of cooking (UK FSA)', 'choose 0 or 1'))
    .default(1),
  /** Freezers and fridges, with the room for what is packed. */
  places: z
    .array(placeSchema)
    .max(12, 'at most twelve places')
    .default(() => USUAL_PLACES.map((p) => ({ ...p }))),
  /** Learned from evenings, over what is given here; put in for planning, never kept in the document. */
  learned: z
    .object({
      /** By cook id or `all`, then by kind of work: factors on the minutes that dishes name. */
      paces: z.record(z.string(), z.record(z.string(), z.number().positive())),
      /** By `dish/stage`. */
      stages: z.record(z.string(), z.number().positive()),
      /** By `dish/stage`: factors on minutes under pressure, never under 1. */
      holds: z.record(z.string(), z.number().min(1)).default({}),
      /** By dish id: factors on how long it may wait. */
      waits: z.record(z.string(), z.number().positive()).default({}),
      /** By figure: how far the next one may lie from it, and the share that all of an evening has in common. */
      chances: z
        .record(z.string(), z.object({ spread: z.number().positive(), common: z.number() }))
        .default({}),
    })
    .optional(),
  /** Hours of the day between which somebody is up to cook. */
  day: z
    .object({
      from: z.int('whole hours').min(0).max(12, 'a day begins by noon'),
      to: z.int('whole hours').min(15, 'a day goes on to three in the afternoon at least').max(23),
    })
    .prefault({ from: 7, to: 22 }),
  hands: z.int().min(1, says('somebody has to cook', 'at least one')).max(4, 'at most four cooks'),
  altitudeM: z
    .number('the altitude is a number of metres above the sea')
    .min(ALTITUDE_RANGE.lowM, `kitchens lie above ${ALTITUDE_RANGE.lowM} m`)
    .max(
      ALTITUDE_RANGE.highM,
      says(`kitchens lie below ${ALTITUDE_RANGE.highM} m`, 'give metres above the sea'),
    ),
  school: z.enum(LIQUID_SCHOOLS),
  system: z.enum(['us', 'metric']),
  scale: z.enum(['C', 'F']),
  hours: z.union([z.literal(12), z.literal(24)]),
  weekStart: z.enum(['monday', 'sunday', 'saturday']).default('monday'),
  zone: z
    .string()
    .refine(isZone, says('not a time zone this machine knows', 'write it like Europe/Athens')),
});
export type Kitchen = z.infer<typeof kitchenSchema>;

export function emptyKitchen(zone: string): Kitchen {
  return {
    format: 'olive-clock/kitchen@1',
    cookers: [],
    oven: { shelves: 1, heatMinutes: 12 },
    appliances: [],
    burners: 4,
    tools: [],
    circuits: [],
    cooks: [],
    foods: [],
    aisles: [],
    riceDays: 1,
    day: { from: 7, to: 22 },
    places: USUAL_PLACES.map((p) => ({ ...p })),
    hands: 1,
    altitudeM: 0,
    school: 'by-size',
    system: 'metric',
    scale: 'C',
    hours: 24,
    weekStart: 'monday',
    zone,
  };
}

/** The factor on hands-on minutes: the mean of those who cook; 1 where nobody is named. */
export function paceOf(kitchen: Kitchen): number {
  if (kitchen.cooks.length === 0) return 1;
  return kitchen.cooks.reduce((sum, cook) => sum + cook.pace, 0) / kitchen.cooks.length;
}

/** The word on a cooker's own key, or the usual one. */
export function keyWord(cooker: Cooker, key: keyof Cooker['words']): string {
  const usual = {
    pressure: 'Pressure',
    low: 'Low',
    high: 'High',
    max: 'Max',
    saute: 'Sauté',
    keepWarm: 'Keep warm',
  } as const;
  return cooker.words[key] || usual[key];
}
