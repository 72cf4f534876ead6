/**
 * A stand-in for a libSQL server, for tests only: the published protocol (Hrana over HTTP, version 2, JSON) over a local
 * file. A stream is a connection of its own, named by a baton that is good for the next request alone.
 *
 * @source Hrana 2 specification, “Hrana over HTTP”: pipelines, batons, statements, batches and their conditions
 */
import { randomUUID } from 'node:crypto';
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import Database from 'libsql';
import { z } from 'zod';

/** So long a statement waits for another stream that is writing, ms. */
const BUSY_MS = 5000;
const LOOK_AGAIN_MS = 5;
/** A stream that is asked nothing for so long is closed, and what it had begun is rolled back, ms. */
const IDLE_MS = 1000;

const valueSchema = z.discriminatedUnion('type', [
  z.object({ type: z.literal('null') }),
  z.object({ type: z.literal('integer'), value: z.string() }),
  z.object({ type: z.literal('float'), value: z.number() }),
  z.object({ type: z.literal('text'), value: z.string() }),
  z.object({ type: z.literal('blob'), base64: z.string() }),
]);
type Value = z.infer<typeof valueSchema>;

const statementSchema = z.object({
  sql: z.string().optional(),
  sql_id: z.number().optional(),
  args: z.array(valueSchema).default([]),
  named_args: z.array(z.object({ name: z.string(), value: valueSchema })).default([]),
  want_rows: z.boolean().default(true),
});
type Statement = z.infer<typeof statementSchema>;

type Condition =
  | { type: 'ok'; step: number }
  | { type: 'error'; step: number }
  | { type: 'not'; cond: Condition }
  | { type: 'and'; conds: Condition[] }
  | { type: 'or'; conds: Condition[] };
const conditionSchema: z.ZodType<Condition> = z.lazy(() =>
  z.union([
    z.object({ type: z.literal('ok'), step: z.number() }),
    z.object({ type: z.literal('error'), step: z.number() }),
    z.object({ type: z.literal('not'), cond: conditionSchema }),
    z.object({ type: z.literal('and'), conds: z.array(conditionSchema) }),
    z.object({ type: z.literal('or'), conds: z.array(conditionSchema) }),
  ]),
);

const requestSchema = z.discriminatedUnion('type', [
  z.object({ type: z.literal('close') }),
  z.object({ type: z.literal('execute'), stmt: statementSchema }),
  z.object({
    type: z.literal('batch'),
    batch: z.object({
      steps: z.array(z.object({ condition: conditionSchema.optional(), stmt: statementSchema })),
    }),
  }),
  z.object({
    type: z.literal('sequence'),
    sql: z.string().optional(),
    sql_id: z.number().optional(),
  }),
  z.object({ type: z.literal('store_sql'), sql_id: z.number(), sql: z.string() }),
  z.object({ type: z.literal('close_sql'), sql_id: z.number() }),
]);
type Request = z.infer<typeof requestSchema>;

const pipelineSchema = z.object({
  baton: z.string().nullish(),
  requests: z.array(requestSchema),
});

interface StatementResult {
  cols: { name: string; decltype: string | null }[];
  rows: Value[][];
  affected_row_count: number;
  last_insert_rowid: string | null;
}

interface Refusal {
  message: string;
  code: string;
}

/** A connection that lives from its first request to its close. */
interface Stream {
  path: string;
  connection: Database.Database;
  texts: Map<number, string>;
  idle: NodeJS.Timeout | null;
}

function connect(path: string): Database.Database {
  const connection = new Database(path, { timeout: 0 });
  connection.exec('PRAGMA journal_mode = WAL');
  return connection;
}

/** Closes a stream; what it had begun is rolled back, which a close alone leaves to the collector. */
function end({ connection, idle }: Stream): void {
  if (idle) clearTimeout(idle);
  if (connection.inTransaction) connection.exec('ROLLBACK');
  connection.close();
}

const boundOf = (value: Value): unknown => {
  if (value.type === 'null') return null;
  if (value.type === 'integer') return BigInt(value.value);
  return value.type === 'blob' ? Buffer.from(value.base64, 'base64') : value.value;
};

function valueOf(cell: unknown): Value {
  if (cell === null || cell === undefined) return { type: 'null' };
  if (typeof cell === 'bigint') return { type: 'integer', value: String(cell) };
  if (typeof cell === 'number') return { type: 'float', value: cell };
  if (typeof cell === 'string') return { type: 'text', value: cell };
  return { type: 'blob', base64: Buffer.from(cell as Uint8Array).toString('base64') };
}

const refusalOf = (error: unknown): Refusal => {
  const code = error instanceof Error && 'code' in error ? String(error.code) : 'SQLITE_ERROR';
  return { message: error instanceof Error ? error.message : String(error), code };
};

function textOf(stream: Stream, { sql, sql_id }: { sql?: string; sql_id?: number }): string {
  const text = sql ?? (sql_id === undefined ? undefined : stream.texts.get(sql_id));
  if (text === undefined) throw new Error(`no text is stored under ${sql_id}`);
  return text;
}

function execute(stream: Stream, statement: Statement): StatementResult {
  const prepared = stream.connection.prepare(textOf(stream, statement)).safeIntegers(true);
  const named = statement.named_args.map(({ name, value }) => [name, boundOf(value)] as const);
  const args =
    named.length > 0 ? [Object.fromEntries(named)] : statement.args.map((arg) => boundOf(arg));
  if (!prepared.reader) {
    const { changes, lastInsertRowid } = prepared.run(...args);
    return {
      cols: [],
      rows: [],
      affected_row_count: changes,
      last_insert_rowid: String(lastInsertRowid),
    };
  }
  const cols = prepared.columns().map(({ name, type }) => ({ name, decltype: type }));
  const rows = z.array(z.array(z.unknown())).parse(prepared.raw(true).all(...args));
  return {
    cols,
    rows: rows.map((row) => row.map(valueOf)),
    affected_row_count: 0,
    last_insert_rowid: null,
  };
}

/**
 * Another stream may be writing, and it can go on only when this thread does: it is asked again, and not waited for. A
 * statement that was refused stays in progress on its connection, so another one takes its place.
 */
async function patiently<T>(stream: Stream, act: () => T): Promise<T> {
  const until = Date.now() + BUSY_MS;
  for (;;) {
    try {
      return act();
    } catch (error) {
      if (refusalOf(error).code !== 'SQLITE_BUSY') throw error;
      stream.connection.close();
      stream.connection = connect(stream.path);
      if (Date.now() > until) throw error;
      await wait(LOOK_AGAIN_MS);
    }
  }
}

async function runBatch(
  stream: Stream,
  steps: readonly { condition?: Condition | undefined; stmt: Statement }[],
): Promise<unknown> {
  const results: (StatementResult | null)[] = [];
  const errors: (Refusal | null)[] = [];
  const holds = (condition: Condition): boolean => {
    if (condition.type === 'not') return !holds(condition.cond);
    if (condition.type === 'and') return condition.conds.every(holds);
    if (condition.type === 'or') return condition.conds.some(holds);
    if (condition.type === 'ok') return (results[condition.step] ?? null) !== null;
    return (errors[condition.step] ?? null) !== null;
  };
  for (const { condition, stmt } of steps) {
    let result: StatementResult | null = null;
    let error: Refusal | null = null;
    if (!condition || holds(condition))
      try {
        result = await patiently(stream, () => execute(stream, stmt));
      } catch (reason) {
        error = refusalOf(reason);
      }
    results.push(result);
    errors.push(error);
  }
  return { step_results: results, step_errors: errors };
}

async function answer(stream: Stream, request: Request): Promise<object> {
  const { type } = request;
  if (type === 'execute')
    return { type, result: await patiently(stream, () => execute(stream, request.stmt)) };
  if (type === 'batch') return { type, result: await runBatch(stream, request.batch.steps) };
  if (type === 'sequence')
    await patiently(stream, () => stream.connection.exec(textOf(stream, request)));
  else if (type === 'store_sql') stream.texts.set(request.sql_id, request.sql);
  else if (type === 'close_sql') stream.texts.delete(request.sql_id);
  return { type };
}

async function bodyOf(request: IncomingMessage): Promise<string> {
  const parts: Buffer[] = [];
  for await (const part of request) parts.push(Buffer.from(part as Uint8Array));
  return Buffer.concat(parts).toString();
}

/** How the network behaves: answers come, are lost on their way back, or nothing gets here at all. */
export type Network = 'whole' | 'answers are lost' | 'down';

export class LibsqlServer {
  #streams = new Map<string, Stream>();
  #server: Server;
  network: Network = 'whole';
  /** Pipelines that were carried out. */
  served = 0;

  /**
   * @param path of the database's file
   * @param token that every request has to bear; null where anybody may ask
   */
  constructor(
    private readonly path: string,
    private readonly token: string | null = null,
  ) {
    this.#server = createServer((request, response) => void this.#serve(request, response));
  }

  /** @returns the address for DATABASE_URL */
  async start(): Promise<string> {
    await new Promise<void>((resolve) => this.#server.listen(0, '127.0.0.1', resolve));
    const address = this.#server.address();
    const port = typeof address === 'object' && address ? address.port : 0;
    const bearer = this.token === null ? '' : `?authToken=${this.token}`;
    return `http://127.0.0.1:${port}${bearer}`;
  }

  async stop(): Promise<void> {
    this.#server.closeAllConnections();
    await new Promise((resolve) => this.#server.close(resolve));
    for (const stream of this.#streams.values()) end(stream);
    this.#streams.clear();
  }

  async #serve(request: IncomingMessage, response: ServerResponse): Promise<void> {
    if (this.network === 'down') {
      request.socket.destroy();
      return;
    }
    if (this.token !== null && request.headers.authorization !== `Bearer ${this.token}`) {
      response.writeHead(401, { 'content-type': 'text/plain' }).end('the token is wrong');
      return;
    }
    if (request.method !== 'POST' || request.url !== '/v2/pipeline') {
      response.writeHead(request.url === '/v2' ? 200 : 404).end();
      return;
    }
    const parsed = pipelineSchema.safeParse(JSON.parse(await bodyOf(request)));
    const stream = parsed.success ? this.#streamOf(parsed.data.baton ?? null) : null;
    if (!parsed.success || !stream) {
      response
        .writeHead(400, { 'content-type': 'text/plain' })
        .end(parsed.success ? 'no such stream' : parsed.error.message);
      return;
    }
    const answered = await this.#carryOut(stream, parsed.data.requests);
    if (this.network === 'whole')
      response.writeHead(200, { 'content-type': 'application/json' }).end(answered);
    else request.socket.destroy();
  }

  #streamOf(baton: string | null): Stream | null {
    if (baton === null)
      return { path: this.path, connection: connect(this.path), texts: new Map(), idle: null };
    const stream = this.#streams.get(baton) ?? null;
    this.#streams.delete(baton);
    if (stream?.idle) clearTimeout(stream.idle);
    return stream;
  }

  #keep(baton: string, stream: Stream): void {
    this.#streams.set(baton, stream);
    stream.idle = setTimeout(() => {
      this.#streams.delete(baton);
      end(stream);
    }, IDLE_MS).unref();
  }

  async #carryOut(stream: Stream, requests: readonly Request[]): Promise<string> {
    this.served++;
    const results: object[] = [];
    for (const request of requests)
      try {
        results.push({ type: 'ok', response: await answer(stream, request) });
      } catch (error) {
        results.push({ type: 'error', error: refusalOf(error) });
      }
    const isClosed = requests.some(({ type }) => type === 'close');
    const baton = isClosed ? null : randomUUID();
    if (baton === null) end(stream);
    else this.#keep(baton, stream);
    return JSON.stringify({ baton, base_url: null, results });
  }
}
