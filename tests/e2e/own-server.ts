/** A server of a test's own: its database, and its clock set so many days ahead. */
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyDemo } from '../../scripts/demo-file.mjs';

/** @returns a port that nobody listens on */
export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });
}

export class OwnServer {
  readonly folder: string;
  private process: ChildProcess | null = null;
  /** What it has written so far. */
  log = '';

  /** @param beside a server whose database it shares */
  constructor(
    private readonly port: number,
    private readonly beside: OwnServer | null = null,
  ) {
    this.folder = beside?.folder ?? mkdtempSync(join(tmpdir(), 'olive-'));
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  get database(): string {
    return join(this.folder, 'olive.db');
  }

  private env(more: Record<string, string>): NodeJS.ProcessEnv {
    return {
      ...process.env,
      DATABASE_URL: `file:${this.database}`,
      LOG_LEVEL: 'error',
      PORT: String(this.port),
      ...more,
    };
  }

  /** Fills the database with the demo. */
  seed(): void {
    copyDemo(this.database);
  }

  /** Starts it, or starts it again; resolves when it answers. */
  async start(more: Record<string, string> = {}): Promise<void> {
    await this.stop();
    const server = spawn('node', ['scripts/serve.mjs'], {
      env: this.env(more),
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    this.process = server;
    await new Promise<void>((resolve, reject) => {
      server.stdout.on('data', (text: Buffer) => {
        this.log += text.toString();
        if (text.includes('Olive Clock is at')) resolve();
      });
      server.on('exit', (code) => reject(new Error(`the server left with ${code}`)));
    });
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const server = this.process;
    this.process = null;
    if (!server || server.exitCode !== null) return;
    await new Promise<void>((resolve) => {
      server.on('exit', () => resolve());
      server.kill(signal);
    });
  }

  async close(): Promise<void> {
    await this.stop('SIGKILL');
    if (!this.beside) rmSync(this.folder, { recursive: true, force: true });
  }
}
