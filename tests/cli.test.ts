import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { useHouseWords } from '$core/reason';
import { runCommand } from '../src/cli/run';

const folder = mkdtempSync(join(tmpdir(), 'olive-cli-'));
beforeAll(useHouseWords);

/** As the program runs it, within this process; that `bin/olive.mjs` runs by itself is a test of its own. */
async function olive(...args: string[]): Promise<{ code: number; out: string; err: string }> {
  const [out, err] = [vi.spyOn(console, 'log'), vi.spyOn(console, 'error')];
  for (const said of [out, err]) said.mockImplementation(() => undefined);
  try {
    const code = await runCommand(args);
    const [lines, errors] = [out, err].map((said) => said.mock.calls.map(String).join('\n'));
    return { code, out: lines ?? '', err: errors ?? '' };
  } finally {
    out.mockRestore();
    err.mockRestore();
  }
}
const SAMPLES = 'tests/reference/plan-problems';

describe('the command line', () => {
  it('starts from its own file', () => {
    const { status, stdout } = spawnSync('node', ['bin/olive.mjs', '--help'], { encoding: 'utf8' });
    expect(status).toBe(0);
    expect(stdout).toMatch(/solve/);
  });

  it('solves, with the contract’s exit codes', async () => {
    const solved = await olive('solve', `${SAMPLES}/tiny-2-one-pot.problem.json`);
    expect(solved.code).toBe(0);
    expect(JSON.parse(solved.out)).toMatchObject({ status: 'optimal', cost: 80 });
    expect((await olive('solve', `${SAMPLES}/impossible-1-link-cycle.problem.json`)).code).toBe(3);
    expect((await olive('solve', `${SAMPLES}/dinner-1.problem.json`, '--work', '1')).code).toBe(4);
  });

  it('goes by the clock alone where only seconds are given, and says how far it is', async () => {
    const batchDay = `${SAMPLES}/batchday-3.problem.json`;
    const { code, out, err } = await olive('solve', batchDay, '--seconds', '2', '--progress');
    expect(code).toBe(0);
    expect(err).toMatch(/^\d s, [\d.]+ million steps: cost \d+, at least \d+: gap \d+ %$/m);
    const { status, milliseconds } = JSON.parse(out) as { status: string; milliseconds: number };
    if (status === 'feasible') expect(milliseconds).toBeGreaterThanOrEqual(2000);
  });

  it('simulates what it solved', async () => {
    const answer = join(folder, 'answer.json');
    writeFileSync(answer, (await olive('solve', `${SAMPLES}/weeknight-1.problem.json`)).out);
    const played = await olive(
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

  it('plans a meal of a household file', async () => {
    const file = join(folder, 'household.json');
    writeFileSync(file, (await olive('demo')).out);
    const sheet = await olive('plan', file, 'wednesday for three');
    expect(sheet.code).toBe(0);
    expect(sheet.out).toMatch(/19:00 +on the table/);
    expect(
      JSON.parse((await olive('plan', file, 'Wednesday for three', '--json')).out),
    ).toMatchObject({
      schedule: { delay: 0 },
    });
    expect(await olive('plan', file, 'Breakfast')).toMatchObject({
      code: 2,
      err: expect.stringMatching(/choose one of “Harvest supper”/),
    });
  });

  it('answers a question', async () => {
    expect(JSON.parse((await olive('ask', 'boiling', '{"altitudeM":0}')).out)).toMatchObject({
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
  ])('%j: one clear line, exit 2', async (args, message) => {
    const { code, out, err } = await olive(...args);
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toMatch(message);
    expect(err.trim().split('\n')).toHaveLength(1);
  });

  it('has help for each', async () => {
    for (const name of ['solve', 'simulate', 'plan', 'ask', 'demo'])
      expect(await olive(name, '--help')).toMatchObject({
        code: 0,
        out: expect.stringMatching(/^usage/),
      });
  });
});
