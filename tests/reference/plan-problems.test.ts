import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { linkId, parseProblem, solve, type Problem } from '$core/solve';
import { keepOnly } from '../../src/core/solve/conflict';
import { verifySchedule } from '../support/verify-schedule';

/**
 * Problems with reference answers from a general constraint solver, the published 6×6 job shop among
 * them (H. Fisher, G. Thompson, 1963; optimum 55), and an independent checker.
 */
const FOLDER = 'tests/reference/plan-problems';
const NAMES = readdirSync(FOLDER)
  .filter((f) => f.endsWith('.problem.json'))
  .map((f) => f.replace('.problem.json', ''));

function read(name: string): {
  problem: Problem;
  reference: { status: string; delay: number; cost: number | null };
} {
  const load = (kind: string): unknown =>
    JSON.parse(readFileSync(join(FOLDER, `${name}.${kind}.json`), 'utf8'));
  const parsed = parseProblem(load('problem'));
  if (!parsed.ok) throw new Error(parsed.message);
  return {
    problem: parsed.problem,
    reference: load('answer') as ReturnType<typeof read>['reference'],
  };
}

/** Days of a hundred steps are not proved in a test's time; their cost comes near the reference. */
const LARGE: Record<string, number> = { 'batchday-1': 1.02, 'batchday-3': 1.02 };

describe.each(Object.entries(LARGE))('%s', (name, factor) => {
  it('comes near the reference, with true bounds, and is valid', () => {
    const { problem, reference } = read(name);
    const answer = solve(problem);
    expect(answer.delay).toBe(0);
    expect(answer.cost).toBeGreaterThanOrEqual(reference.cost ?? 0);
    expect(answer.cost).toBeLessThanOrEqual((reference.cost ?? 0) * factor);
    expect(answer.bound).toBeLessThanOrEqual(reference.cost ?? 0);
    // By sums alone; by the rules it was a third.
    expect(answer.bound).toBeGreaterThanOrEqual(0.95 * (answer.cost ?? 0));
    expect(verifySchedule(problem, { ...answer, delay: 0, cost: answer.cost ?? 0 })).toEqual([]);
  });
});

describe.each(NAMES.filter((n) => !(n in LARGE)))('%s', (name) => {
  it('has the reference’s status, delay and cost, and the checker accepts it', () => {
    const { problem, reference } = read(name);
    const answer = solve(problem);
    expect(answer.status).toBe(reference.status);
    if (answer.status === 'impossible') return;
    expect({ delay: answer.delay, cost: answer.cost }).toEqual({
      delay: reference.delay,
      cost: reference.cost,
    });
    const file = join(mkdtempSync(join(tmpdir(), 'olive-')), 'answer.json');
    writeFileSync(file, JSON.stringify(answer));
    const verdict = execFileSync('node', [
      join(FOLDER, 'check.mjs'),
      join(FOLDER, `${name}.problem.json`),
      file,
    ]);
    expect(JSON.parse(verdict.toString())).toMatchObject({ valid: true, errors: [] });
  });
});

describe.each(NAMES.filter((n) => n.startsWith('impossible')))('the conflict of %s', (name) => {
  it('contradicts itself alone, and no longer when any one of it is dropped', () => {
    const { problem } = read(name);
    const { conflict } = solve(problem);
    expect(conflict.length).toBeGreaterThan(0);
    const known = new Set([
      ...problem.steps.map((s) => s.id),
      ...(problem.links ?? []).map(linkId),
      ...(problem.blocks ?? []).map((b) => b.id),
      ...(problem.dishes ?? []).map((d) => d.id),
    ]);
    for (const id of conflict) expect(known).toContain(id);
    expect(solve(keepOnly(problem, new Set(conflict))).status).toBe('impossible');
    for (const dropped of conflict) {
      const rest = new Set(conflict.filter((id) => id !== dropped));
      expect(solve(keepOnly(problem, rest)).status).not.toBe('impossible');
    }
  });
});

describe('limits', () => {
  it('gives the same answer for the same work, and true bounds when it is stopped', () => {
    const { problem, reference } = read('dinner-1');
    const [a, b] = [solve(problem, { work: 20_000 }), solve(problem, { work: 20_000 })];
    expect(b).toEqual(a);
    expect(['feasible', 'unknown']).toContain(a.status);
    if (a.status === 'feasible') {
      expect(a.bound).toBeLessThanOrEqual(reference.cost ?? 0);
      expect(a.cost).toBeGreaterThanOrEqual(reference.cost ?? 0);
      expect(a.delayBound).toBeLessThanOrEqual(reference.delay);
    }
  });

  it('says unknown when there was no time for anything', () => {
    expect(solve(read('dinner-1').problem, { work: 1 }).status).toBe('unknown');
  });
});
