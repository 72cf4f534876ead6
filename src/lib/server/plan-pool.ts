/** Planning on the server, off its main thread. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import Tinypool from 'tinypool';
import type { Addition, KitchenTrial, PlanAnswer, PlanQuestion } from '../../core/planner';
import type { TrialQuestion } from '$lib/workers/node-plan';
import code from '$lib/workers/node-plan?nodeworker';
import { log } from './log';

let pool: Tinypool | null = null;

function open(): Tinypool {
  const file = join(mkdtempSync(join(tmpdir(), 'olive-clock-')), 'plan.mjs');
  writeFileSync(file, code);
  const made = new Tinypool({ filename: pathToFileURL(file).href, minThreads: 0, maxThreads: 2 });
  // Without a listener a failing worker would end the server.
  made.on('error', (error: unknown) => log.error({ error }, 'planning worker failed'));
  return made;
}

/** Answers a planning question in the pool. */
export async function planOnServer(question: PlanQuestion): Promise<PlanAnswer> {
  pool ??= open();
  return (await pool.run(question)) as PlanAnswer;
}

/** Plans a meal in the pool by the kitchen as it is, and with one thing more. */
export async function tryOnServer(
  question: PlanQuestion,
  addition: Addition,
): Promise<KitchenTrial> {
  pool ??= open();
  const asked: TrialQuestion = { trial: question, addition };
  return (await pool.run(asked)) as KitchenTrial;
}
