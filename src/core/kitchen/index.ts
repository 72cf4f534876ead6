/** The kitchen document: what a household cooks with, and how it likes to read things. */
import { z } from 'zod';
import { ALTITUDE_RANGE } from '../steam';
import { isZone } from '../units';

const id = z.string().min(1).max(60);
const name = z.string().trim().min(1, 'a name is needed; write what you call it').max(60);

export const cookerSchema = z.object({
  id,
  name,
  /** Nominal size to the brim, litres: 3 to 10 qt are 2.8 to 9.5 l. */
  litres: z
    .number('the size is a number; 6 qt are 5.7 l')
    .min(1.5, 'a pressure cooker holds at least 1.5 l (1.6 qt); give its nominal size')
    .max(15, 'an electric cooker holds at most 15 l (16 qt); give its nominal size'),
  watts: z
    .number('the power is a number, as on the label underneath')
    .min(300, 'a heater has at least 300 W; look at the label underneath')
    .max(2500, 'a household heater has at most 2500 W; look at the label underneath'),
  diameterMm: z
    .number()
    .min(120, 'a liner is at least 120 mm across')
    .max(400, 'a liner is at most 400 mm across'),
  heightMm: z
    .number()
    .min(80, 'a liner is at least 80 mm high')
    .max(400, 'a liner is at most 400 mm high'),
  /** What it does beside pressure; without sauté it neither browns nor simmers. */
  modes: z.array(z.enum(['saute'])).default(['saute']),
  levels: z.array(z.enum(['low', 'high', 'max'])).min(1, 'choose at least one pressure level'),
});
export type Cooker = z.infer<typeof cookerSchema>;

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
        .max(60, 'an oven is hot within 60 min; give the minutes to 200 °C'),
    })
    .nullable(),
  burners: z.int().min(0, 'no fewer than 0 burners').max(8, 'at most 8 burners'),
  /** Racks, baskets and pans, counted. */
  tools: z.array(z.object({ id, name, count: z.int().min(0).max(20) })),
  hands: z.int().min(1, 'somebody has to cook; at least one').max(4, 'at most four cooks'),
  altitudeM: z
    .number('the altitude is a number of metres above the sea')
    .min(ALTITUDE_RANGE.lowM, `kitchens lie above ${ALTITUDE_RANGE.lowM} m`)
    .max(
      ALTITUDE_RANGE.highM,
      `kitchens lie below ${ALTITUDE_RANGE.highM} m; give metres above the sea`,
    ),
  school: z.enum(['by-size', 'one-cup']),
  system: z.enum(['us', 'metric']),
  scale: z.enum(['C', 'F']),
  hours: z.union([z.literal(12), z.literal(24)]),
  zone: z
    .string()
    .refine(isZone, 'not a time zone this machine knows; write it like Europe/Athens'),
});
export type Kitchen = z.infer<typeof kitchenSchema>;

export function emptyKitchen(zone: string): Kitchen {
  return {
    format: 'olive-clock/kitchen@1',
    cookers: [],
    oven: { shelves: 1, heatMinutes: 12 },
    burners: 4,
    tools: [],
    hands: 1,
    altitudeM: 0,
    school: 'by-size',
    system: 'metric',
    scale: 'C',
    hours: 24,
    zone,
  };
}
