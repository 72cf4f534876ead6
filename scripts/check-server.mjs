/** A built server with a database of its own, for the scripts that put it under strain. */
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyDemo } from './demo-file.mjs';

export class CheckServer {
  problems = 0;
  /** @type {import('node:child_process').ChildProcess | null} */
  process = null;

  /** @param {number} port */
  constructor(port) {
    this.origin = `http://127.0.0.1:${port}`;
    this.folder = mkdtempSync(join(tmpdir(), 'olive-check-'));
    this.file = join(this.folder, 'olive.db');
    this.env = {
      ...process.env,
      DATABASE_URL: `file:${this.file}`,
      PORT: String(port),
      HOST: '127.0.0.1',
      LOG_LEVEL: 'error',
    };
  }

  seed() {
    copyDemo(this.file);
  }

  async start() {
    const server = spawn('node', ['scripts/serve.mjs'], {
      env: this.env,
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.process = server;
    await new Promise((resolve, reject) => {
      server.stdout.on('data', (text) => text.includes('Olive Clock is at') && resolve(undefined));
      server.on('exit', (code) => reject(new Error(`the server left with ${code}`)));
    });
    server.removeAllListeners('exit');
  }

  /** As if the power went: no goodbye. */
  async kill() {
    const server = this.process;
    if (!server) return;
    await new Promise((resolve) => {
      server.on('exit', resolve);
      server.kill('SIGKILL');
    });
  }

  /**
   * @param {boolean} isOk
   * @param {string} text
   */
  report(isOk, text) {
    console.log(`${isOk ? 'ok' : 'FAILED'}  ${text}`);
    if (!isOk) this.problems++;
  }

  async close() {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
    process.exitCode = this.problems > 0 ? 1 : 0;
  }
}

/**
 * Listens to the events of an evening, as a screen does.
 *
 * @param {string} url of its stream
 * @param {(event: {id: string}) => void} onevent
 * @returns {() => void} how to leave
 */
export function watchEvents(url, onevent) {
  const request = get(url, (response) => {
    let text = '';
    response.on('data', (chunk) => {
      text += chunk;
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        const line = text.slice(0, end);
        text = text.slice(end + 2);
        if (line.startsWith('data: ')) for (const e of JSON.parse(line.slice(6)).events) onevent(e);
      }
    });
  });
  request.on('error', () => undefined);
  return () => request.destroy();
}

/**
 * A meal document to write.
 *
 * @param {string} id
 * @param {string} name
 */
export function checkMeal(id, name) {
  return {
    format: 'olive-clock/meal@2',
    id,
    name,
    serveAt: new Date(Date.now() + 86_400_000).toISOString(),
    zone: 'Europe/Athens',
    servings: 4,
    entries: [{ id: 'a', dishId: 'lentil-squash-soup', servings: null, cooker: null }],
  };
}
