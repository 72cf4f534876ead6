import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { bundleTs } from '../scripts/run-ts.mjs';

const folder = mkdtempSync(join(tmpdir(), 'olive-cli-'));
/** Bundled once for all calls; that `bin/olive.mjs` does it for itself is a test of its own. */
let main = '';
beforeAll(async () => {
  main = await bundleTs('src/cli/main.ts');
});
function olive(...args: string[]): { code: number | null; out: string; err: string } {
  const { status, stdout, stderr } = spawnSync('node', [main, ...args], {
    encoding: 'utf8',
    maxBuffer: 1e8,
  });
  return { code: status, out: stdout, err: stderr };
}
const SAMPLES = 'tests/reference/plan-problems';

describe('the command line', () => {
  it('starts from its own file', () => {
    const { status, stdout } = spawnSync('node', ['bin/olive.mjs', '--help'], { encoding: 'utf8' });
    expect(status).toBe(0);
    expect(stdout).toMatch(/solve/);
  });

  it('solves, with the contract’s exit codes', () => {
    const solved = olive('solve', `${SAMPLES}/tiny-2-one-pot.problem.json`);
    expect(solved.code).toBe(0);
    expect(JSON.parse(solved.out)).toMatchObject({ status: 'optimal', cost: 80 });
    expect(olive('solve', `${SAMPLES}/impossible-1-link-cycle.problem.json`).code).toBe(3);
    expect(olive('solve', `${SAMPLES}/dinner-1.problem.json`, '--work', '1').code).toBe(4);
  });

  it('goes by the clock alone where only seconds are given, and says how far it is', () => {
    const batchDay = `${SAMPLES}/batchday-3.problem.json`;
    const { code, out, err } = olive('solve', batchDay, '--seconds', '3', '--progress');
    expect(code).toBe(0);
    expect(err).toMatch(/^\d s, [\d.]+ million steps: cost \d+, at least \d+: gap \d+ %$/m);
    const { status, milliseconds } = JSON.parse(out) as { status: string; milliseconds: number };
    if (status === 'feasible') expect(milliseconds).toBeGreaterThanOrEqual(3000);
  });

  it('simulates what it solved', () => {
    const answer = join(folder, 'answer.json');
    writeFileSync(answer, olive('solve', `${SAMPLES}/weeknight-1.problem.json`).out);
    const played = olive(
      'simulate',
      `${SAMPLES}/weeknight-1.problem.json`,
      answer,
      '--runs',
      '200',
      '--seed',
      '3',
    );
    expect(played.code).toBe(0);
    const { onTime, dishes } = JSON.parse(played.out) as { onTime: number; dishes: unknown[] };
    expect(onTime).toBeGreaterThanOrEqual(0);
    expect(onTime).toBeLessThanOrEqual(1);
    expect(dishes).toHaveLength(3);
  });

  it('plans a meal of a household file', () => {
    const file = join(folder, 'household.json');
    writeFileSync(file, olive('demo').out);
    const sheet = olive('plan', file, 'wednesday for three');
    expect(sheet.code).toBe(0);
    expect(sheet.out).toMatch(/19:00 +on the table/);
    expect(JSON.parse(olive('plan', file, 'Wednesday for three', '--json').out)).toMatchObject({
      schedule: { delay: 0 },
    });
    expect(olive('plan', file, 'Breakfast')).toMatchObject({
      code: 2,
      err: expect.stringMatching(/choose one of “Harvest supper”/),
    });
  });

  it('answers a question', () => {
    expect(JSON.parse(olive('ask', 'boiling', '{"altitudeM":0}').out)).toMatchObject({
      celsius: expect.closeTo(99.97, 1),
    });
  });

  it.each([
    [['nonsense'], /not a subcommand/],
    [['solve'], /one problem file is needed/],
    [['solve', 'no/such/file.json'], /can’t be read/],
    [['solve', 'README.md'], /not readable as JSON/],
    [['solve', `${SAMPLES}/tiny-1-chain.problem.json`, '--work', 'lots'], /--work/],
    [['solve', '--wrok', '3'], /wrok/],
    [['ask', 'boiling', '{oops'], /not readable as JSON/],
    [['ask', 'boiling', '{"altitudeM": 9000}'], /altitudeM/],
  ])('%j: one clear line, exit 2', (args, message) => {
    const { code, out, err } = olive(...args);
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toMatch(message);
    expect(err.trim().split('\n')).toHaveLength(1);
  });

  it('has help for each', () => {
    for (const name of ['solve', 'simulate', 'plan', 'ask', 'demo'])
      expect(olive(name, '--help')).toMatchObject({
        code: 0,
        out: expect.stringMatching(/^usage/),
      });
  });
});
