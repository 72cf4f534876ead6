/** What happens on a live evening: an append-only list, folded the same way on every screen. */
import { z } from 'zod';
import type { CompiledMeal } from '../plan';
import { scheduleSchema } from '../solve';

const id = z.string().min(1).max(100);
const base = {
  id,
  /** ms since the epoch: when it happened, not when it arrived. */
  at: z.number().int(),
  /** Which screen, or whose. */
  by: z.string().max(60).default(''),
  /** Whose screen it was tapped on, where it was somebody's: a cook's id. */
  cook: z.string().max(60).optional(),
};
const minutes = z.int('whole minutes').min(1, 'a minute at least').max(240, 'four hours at most');

/** A cook who does not come back is away for as long as an evening lasts. */
export const REST_OF_EVENING_MIN = 720;

/** Compiled by the server, and checked there: a screen sends none. */
const part = z.custom<CompiledMeal>((v) => typeof v === 'object' && v !== null && 'problem' in v);

export const runEventSchema = z.discriminatedUnion('kind', [
  z.object({ ...base, kind: z.literal('started'), step: id }),
  z.object({ ...base, kind: z.literal('done'), step: id }),
  /** Checked, and not done: so many minutes more. */
  z.object({ ...base, kind: z.literal('more'), step: id, minutes }),
  /** Opened and not done: lid on again, so many minutes under pressure. */
  z.object({ ...base, kind: z.literal('again'), step: id, minutes }),
  /** A pot that does not do what it should. */
  z.object({
    ...base,
    kind: z.literal('trouble'),
    step: id,
    what: z.enum(['overheating', 'valve', 'no-seal']),
  }),
  z.object({ ...base, kind: z.literal('dropped'), entry: id }),
  /** The guests come so much later; sooner where it is below 0. */
  z.object({
    ...base,
    kind: z.literal('guests'),
    minutes: z.int('whole minutes').min(-120, 'two hours sooner at most').max(240),
  }),
  /** A cook is away for so long from that moment. */
  z.object({
    ...base,
    kind: z.literal('away'),
    minutes: z
      .int('whole minutes')
      .min(1, 'a minute at least')
      .max(REST_OF_EVENING_MIN, 'twelve hours at most'),
  }),
  /** A cooker, appliance or the oven fails; what was in it at that moment goes on elsewhere. */
  z.object({ ...base, kind: z.literal('lost'), unit: id, stays: z.array(id).max(50).default([]) }),
  /** What is in one pot, or was to be, goes into another. */
  z.object({ ...base, kind: z.literal('moved'), stay: id, unit: id }),
  /** Something that should go in is not there; `instead` is what goes in for it. */
  z.object({
    ...base,
    kind: z.literal('without'),
    entry: id,
    what: z.string().min(1).max(200),
    instead: z.string().max(200).default(''),
  }),
  /** A dish more: what it adds to the evening, compiled. */
  z.object({
    ...base,
    kind: z.literal('added'),
    entry: id,
    name: z.string(),
    part,
  }),
  /** Nobody does anything until it goes on; the pots go on by themselves. */
  z.object({ ...base, kind: z.literal('paused') }),
  z.object({ ...base, kind: z.literal('resumed') }),
  /** Practice only: from now on the evening's clock runs so many times as fast; 0 stops it. */
  z.object({ ...base, kind: z.literal('paced'), speed: z.number().min(0).max(60), real: z.int() }),
  z.object({ ...base, kind: z.literal('served') }),
  /** An earlier event happened at another moment. */
  z.object({ ...base, kind: z.literal('corrected'), of: id, to: z.number().int() }),
  z.object({ ...base, kind: z.literal('undone'), of: id }),
  /** The rest of the evening, planned again; what it changes, in one line. */
  z.object({
    ...base,
    kind: z.literal('replanned'),
    schedule: scheduleSchema,
    text: z.string().max(500),
    /** Ids of what it was made for: where that is taken back, so is this. */
    because: z.array(id).max(200).optional(),
    /** Minutes by which the guests are later in it. */
    guests: z.int().optional(),
  }),
]);
export type RunEvent = z.infer<typeof runEventSchema>;
export type Trouble = Extract<RunEvent, { kind: 'trouble' }>['what'];

/** A hot pot comes up again and lets go within so long, beside the minutes under pressure (common practice). */
export const AGAIN_MIN = 8;

/** What a trouble costs, min, and what to do (common practice). */
export const TROUBLES: Readonly<
  Record<Trouble, { minutes: number; name: string; remedy: string }>
> = {
  overheating: {
    minutes: 8,
    name: 'It reports overheating',
    remedy:
      'Release the pressure, open, scrape the bottom clean, add half a cup of water, thick things on top; lid on again.',
  },
  valve: {
    minutes: 6,
    name: 'The valve was open',
    remedy: 'Turn it to seal. If it boiled for long, open once and add the water that is gone.',
  },
  'no-seal': {
    minutes: 8,
    name: 'It does not seal',
    remedy: 'Open, seat the ring, wipe the rim, look at the pin; lid on again.',
  },
};
