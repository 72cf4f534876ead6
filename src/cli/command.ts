/** What the subcommands share. */
import { readFileSync } from 'node:fs';
import { parseArgs, type ParseArgsConfig } from 'node:util';

export interface Command {
  /** One line for the list. */
  about: string;
  /** The whole help. */
  usage: string;
  /** @returns the exit code */
  run: (args: string[]) => number | Promise<number>;
}

/** Something the caller got wrong: one clear line, exit 2. */
export class UsageError extends Error {}

/** Node's own parser, with its complaints in our form. */
export function readArguments<T extends NonNullable<ParseArgsConfig['options']>>(
  args: string[],
  options: T,
  usage: string,
) {
  try {
    return parseArgs({ args, options, allowPositionals: true, strict: true });
  } catch (error) {
    const message = error instanceof Error ? error.message.split('. ')[0] : String(error);
    throw new UsageError(`${message}; ${usage.split('\n')[0]}`);
  }
}

/** A whole number of at least `least` from an option's text. */
export function readCount(text: string, name: string, least: number): number {
  const value = Number(text);
  if (
    !Number.isFinite(value) ||
    value < least ||
    (name !== '--seconds' && !Number.isInteger(value))
  )
    throw new UsageError(
      `${name}: ${name === '--seconds' ? 'a number' : 'a whole number'} of at least ${least} is needed; received “${text}”`,
    );
  return value;
}

/** @returns what is in the file; a file that can’t be read is an error of usage, named */
export function readText(path: string): string {
  try {
    return readFileSync(path, 'utf8');
  } catch (error) {
    throw new UsageError(
      `${path}: can’t be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'}); give the path of a file`,
    );
  }
}

/** @returns the document in the file; text that is no JSON is an error of usage, named */
export function readJson(path: string): unknown {
  try {
    return JSON.parse(readText(path));
  } catch (error) {
    if (error instanceof UsageError) throw error;
    throw new UsageError(`${path}: not readable as JSON (${oneLine(error)}); correct the file`);
  }
}

/** What an error says, without line breaks: file contents may be quoted in it. */
export function oneLine(error: unknown): string {
  return (error instanceof Error ? error.message : String(error)).replace(/\s+/g, ' ');
}
