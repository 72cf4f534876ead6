/** A cooker that reports for itself, real or virtual: its readings as the same events that taps make. */
import { z } from 'zod';
import type { Phase } from '../plan';
import type { LiveState, LiveStep } from './live';
import type { RunEvent } from './events';

/** A pot that is still at it is given so much longer at a time. */
const LONGER_MIN = 2;

export const readingSchema = z.object({
  format: z.literal('olive-clock/reading@1'),
  cooker: z.string().min(1).max(60),
  at: z.int(),
  phase: z.enum([
    'idle',
    'heating',
    'stopped',
    'steaming',
    'counting',
    'releasing',
    'venting',
    'open',
  ]),
  since: z.int(),
  celsius: z.number().min(-40).max(200).nullable().default(null),
  pin: z.enum(['up', 'down']).nullable().default(null),
  minutesLeft: z.number().min(0).max(1000).nullable().default(null),
  fault: z.enum(['overheating']).nullable().default(null),
});
/** What a link sends; a cooker that measures less leaves fields out. */
export type LinkReading = z.infer<typeof readingSchema>;

export type LinkEvent = Extract<RunEvent, { kind: 'done' | 'more' | 'trouble' }>;

/** Which phases of the plan lie behind a pot that says this of itself. */
const BEHIND: Readonly<Record<LinkReading['phase'], readonly Phase[]>> = {
  idle: ['come-up', 'hold', 'release'],
  open: ['come-up', 'hold', 'release'],
  venting: ['come-up', 'hold'],
  releasing: ['come-up', 'hold'],
  counting: ['come-up'],
  heating: [],
  stopped: [],
  steaming: [],
};
/** And which one goes on. */
const GOES_ON: Readonly<Record<LinkReading['phase'], Phase | null>> = {
  heating: 'come-up',
  stopped: 'come-up',
  steaming: 'come-up',
  counting: 'hold',
  releasing: 'release',
  venting: 'vent',
  idle: null,
  open: null,
};

/**
 * @param state where the evening stands
 * @param id names an event: the same reading gives the same event, which counts once
 * @returns what the reading says that nobody has tapped yet; nothing where it fits what is known
 */
export function eventsFrom(reading: LinkReading, state: LiveState): LinkEvent[] {
  const cycle = current(reading, state);
  if (!cycle) return [];
  const base = (kind: string, step: string, at: number) => ({
    id: `link.${step}.${kind}.${Math.round(at / 1000)}`,
    at,
    by: reading.cooker,
    step,
  });
  const events: LinkEvent[] = [];
  for (const phase of BEHIND[reading.phase]) {
    const step = cycle.find((s) => s.operation.phase === phase);
    // What it passed on the way is taken at the moment it came to where it is.
    if (step && (step.status !== 'done' || step.isAssumed))
      events.push({ ...base('done', step.operation.id, reading.since), kind: 'done' });
  }
  // Some minutes of letting go before the rest is vented are the clock's, not the pot's.
  const isTimed = reading.phase === 'releasing' && cycle.some((s) => s.operation.phase === 'vent');
  const running = isTimed
    ? undefined
    : cycle.find((s) => s.operation.phase === GOES_ON[reading.phase]);
  if (running && events.length === 0) {
    const isOver = running.status === 'running' ? running.end <= reading.at : running.isAssumed;
    if (isOver && !(running.status === 'done' && !running.isAssumed))
      events.push({
        ...base('more', running.operation.id, reading.at),
        kind: 'more',
        minutes: Math.max(1, Math.ceil(reading.minutesLeft ?? LONGER_MIN)),
      });
  }
  if (reading.fault && running)
    events.push({
      ...base('trouble', running.operation.id, reading.since),
      kind: 'trouble',
      what: reading.fault,
    });
  return events;
}

/** Steps of the cycle that the pot is in: the last whose lid is on. */
function current({ cooker, at }: LinkReading, state: LiveState): LiveStep[] | null {
  const seal = state.steps.findLast(
    (s) =>
      s.operation.unit === cooker &&
      s.operation.phase === 'seal' &&
      s.status === 'done' &&
      s.end <= at,
  );
  if (!seal) return null;
  const { entryId, stageId } = seal.operation;
  return state.steps.filter(
    (s) => s.operation.entryId === entryId && s.operation.stageId === stageId,
  );
}
