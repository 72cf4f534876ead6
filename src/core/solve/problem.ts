/**
 * The plan problem document, `olive-clock/problem@1`: what the engine is asked.
 * The schema owns the shape; `checkProblem` owns what a shape alone cannot say.
 */
import { z } from 'zod';

const id = z.string().min(1);
const whole = z.int();
const count = z.int().min(0);
/** Minutes or an amount: one number, or one for each unit the step's block may use. */
const perUnit = z.union([count, z.record(id, count)]);

const unitSchema = z.object({
  id,
  capacity: count.optional(),
  busy: z.array(z.object({ from: whole, to: whole })).optional(),
});
const blockSchema = z.object({
  id,
  units: z.array(id),
  turnaround: count.optional(),
  tools: z.array(id).optional(),
});
const stepSchema = z.object({
  id,
  minutes: perUnit,
  p90: perUnit.optional(),
  hands: count.optional(),
  block: id.nullish(),
  uses: z.record(id, perUnit).optional(),
  from: whole.nullish(),
  by: whole.nullish(),
  aside: z.boolean().optional(),
  /**
   * Chance that it shares with all steps of the same name, in the same unit where `inUnit`: `share` of its length's
   * variance, as a logarithm, is one draw for all of them. For the simulation alone.
   */
  common: z
    .object({
      with: id,
      share: z.union([
        z.number().min(0, 'from 0').max(1, 'up to 1'),
        z.record(id, z.number().min(0, 'from 0').max(1, 'up to 1')),
      ]),
      inUnit: z.boolean().optional(),
    })
    .optional(),
});
const linkSchema = z.object({
  from: id,
  to: id,
  min: whole.nullish(),
  max: whole.nullish(),
  /** Each minute of lag over `soft` costs `overCost`, 1 by default. */
  soft: whole.nullish(),
  overCost: count.optional(),
});
const dishSchema = z.object({
  id,
  ready: id,
  dueAt: whole.nullish(),
  holdMax: count.nullish(),
  holdCost: count.optional(),
  /** Each minute held over `holdSoft` costs `overCost` more, 1 by default. */
  holdSoft: count.nullish(),
  overCost: count.optional(),
});

export const problemSchema = z.object({
  format: z.literal('olive-clock/problem@1'),
  serveAt: whole,
  earliest: whole,
  hands: count.optional(),
  away: z.array(z.object({ from: whole, to: whole, hands: count })).optional(),
  spanCost: count.optional(),
  units: z.array(unitSchema).optional(),
  tools: z.array(z.object({ id, count })).optional(),
  resources: z.array(z.object({ id, capacity: count })).optional(),
  apart: z.array(z.tuple([id, id])).optional(),
  blocks: z.array(blockSchema).optional(),
  steps: z.array(stepSchema),
  links: z.array(linkSchema).optional(),
  dishes: z.array(dishSchema).optional(),
});

export type Problem = z.infer<typeof problemSchema>;
export type ProblemStep = Problem['steps'][number];
export type ProblemBlock = NonNullable<Problem['blocks']>[number];
export type ProblemDish = NonNullable<Problem['dishes']>[number];
export type ProblemLink = NonNullable<Problem['links']>[number];
/** One number, or one for each unit by id. */
export type PerUnit = z.infer<typeof perUnit>;

/** Either the problem, or one line that says what isn't one and what to mend. */
export type ProblemResult = { ok: true; problem: Problem } | { ok: false; message: string };

/**
 * Reads a problem document and checks every rule of the contract that makes it a problem at all.
 *
 * @param input any value, usually from `JSON.parse`
 * @returns the typed problem, or a message naming the field and the remedy
 */
export function parseProblem(input: unknown): ProblemResult {
  const shape = problemSchema.safeParse(input);
  if (!shape.success) {
    const issue = shape.error.issues[0];
    const path = issue?.path.map(String).join('.') || 'the document';
    return { ok: false, message: `${path}: ${issue?.message ?? 'not readable'}` };
  }
  const message = checkProblem(shape.data);
  return message === null ? { ok: true, problem: shape.data } : { ok: false, message };
}

/** The first broken rule in words, or null. */
function checkProblem(problem: Problem): string | null {
  return (
    firstDuplicate('unit', problem.units) ??
    firstDuplicate('tool', problem.tools) ??
    firstDuplicate('resource', problem.resources) ??
    firstDuplicate('block', problem.blocks) ??
    firstDuplicate('step', problem.steps) ??
    firstDuplicate('dish', problem.dishes) ??
    checkReferences(problem) ??
    checkSteps(problem) ??
    checkWindows(problem)
  );
}

function firstDuplicate(kind: string, list: readonly { id: string }[] = []): string | null {
  const seen = new Set<string>();
  for (const { id } of list) {
    if (seen.has(id)) return `${kind} "${id}" appears twice; give one of them another id`;
    seen.add(id);
  }
  return null;
}

function checkReferences(problem: Problem): string | null {
  const steps = new Set(problem.steps.map((s) => s.id));
  const blocks = new Set(problem.blocks?.map((b) => b.id));
  const tools = new Set(problem.tools?.map((t) => t.id));
  const resources = new Set(problem.resources?.map((r) => r.id));
  for (const step of problem.steps) {
    if (step.block != null && !blocks.has(step.block))
      return `step "${step.id}": block "${step.block}" is not in blocks; add it or correct the id`;
    for (const used of Object.keys(step.uses ?? {}))
      if (!resources.has(used))
        return `step "${step.id}": uses "${used}", which is not in resources; add it or correct the id`;
  }
  for (const block of problem.blocks ?? []) {
    if (!problem.steps.some((s) => s.block === block.id))
      return `block "${block.id}" has no steps; give it one or leave it out`;
    for (const tool of block.tools ?? [])
      if (!tools.has(tool))
        return `block "${block.id}": tool "${tool}" is not in tools; add it or correct the id`;
  }
  for (const link of problem.links ?? []) {
    for (const end of [link.from, link.to])
      if (!steps.has(end))
        return `link "${link.from}>${link.to}": step "${end}" is not in steps; add it or correct the id`;
    if (link.max != null && (link.min ?? 0) > link.max)
      return `link "${link.from}>${link.to}": min ${link.min ?? 0} is over max ${link.max}; lower min or raise max`;
  }
  for (const pair of problem.apart ?? [])
    for (const block of pair)
      if (!blocks.has(block))
        return `apart: block "${block}" is not in blocks; add it or correct the id`;
  for (const dish of problem.dishes ?? [])
    if (!steps.has(dish.ready))
      return `dish "${dish.id}": ready step "${dish.ready}" is not in steps; add it or correct the id`;
  return null;
}

function checkSteps(problem: Problem): string | null {
  for (const step of problem.steps) {
    if (typeof step.minutes === 'object' && step.block == null)
      return `step "${step.id}": minutes by unit need a block; name one or give a single number`;
    if (step.p90 === undefined) continue;
    if (typeof step.p90 === 'object' && step.block == null)
      return `step "${step.id}": p90 by unit needs a block; name one or give a single number`;
    const message = checkSpread(step, step.minutes, step.p90);
    if (message !== null) return message;
  }
  return null;
}

function checkWindows(problem: Problem): string | null {
  for (const unit of problem.units ?? [])
    for (const span of unit.busy ?? [])
      if (span.to < span.from)
        return `unit "${unit.id}": busy from ${span.from} to ${span.to} runs backwards; swap them`;
  for (const span of problem.away ?? [])
    if (span.to < span.from)
      return `away: from ${span.from} to ${span.to} runs backwards; swap them`;
  return null;
}

/**
 * The 90th percentile is never under the median. One plain number of minutes beside a p90 by unit
 * is a fact of the evening (the unit is known by then): it is wrong only if it fits no unit.
 */
function checkSpread(step: ProblemStep, minutes: PerUnit, p90: PerUnit): string | null {
  const units = Object.keys(
    typeof minutes === 'object' ? minutes : typeof p90 === 'object' ? p90 : { '': 0 },
  );
  const pairs = units.flatMap((unit) => {
    const pair = { unit, minutes: valueFor(minutes, unit), p90: valueFor(p90, unit) };
    return pair.minutes === undefined || pair.p90 === undefined
      ? []
      : [{ ...pair, minutes: pair.minutes, p90: pair.p90 }];
  });
  const low = pairs.filter((pair) => pair.p90 < pair.minutes);
  const isFact = typeof minutes === 'number' && typeof p90 === 'object';
  const [first] = low;
  if (first && !(isFact && low.length < pairs.length))
    return `step "${step.id}": p90 ${first.p90} is under minutes ${first.minutes}; raise p90`;
  const certain = pairs.find((pair) => pair.minutes === 0 && pair.p90 > 0);
  if (certain)
    return `step "${step.id}": p90 ${certain.p90} with minutes 0; a step of no length has no spread, make p90 0`;
  return null;
}

/**
 * Looks up a value that may depend on the unit.
 *
 * @returns the number for that unit, or undefined where a map leaves the unit out
 */
export function valueFor(value: PerUnit, unit: string | undefined): number | undefined {
  if (typeof value === 'number') return value;
  return unit === undefined ? undefined : value[unit];
}

/** The id a link goes by in a conflict: `from>to`. */
export function linkId(link: ProblemLink): string {
  return `${link.from}>${link.to}`;
}
