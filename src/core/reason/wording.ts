/**
 * The words for what a schema refuses without words of its own: rule, then the way out. Chosen once
 * where a program starts; a schema's own message always comes first.
 */
import { z } from 'zod';
import { says } from './says';

const TYPES: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  object: 'an object',
};

type Issue = Parameters<z.core.$ZodErrorMap>[0];

/** @returns the house's words, or undefined to leave it to Zod's */
export function wordIssue(issue: Issue): string | undefined {
  switch (issue.code) {
    case 'invalid_type':
      return issue.input === undefined || issue.input === null
        ? says('something is missing', `give ${TYPES[issue.expected] ?? issue.expected}`)
        : says(`this is not ${TYPES[issue.expected] ?? issue.expected}`, 'correct it');
    case 'too_big':
      return says(
        `${measure(issue.origin)} at most ${issue.maximum}${counted(issue.origin)}`,
        issue.origin === 'string' ? 'shorten it' : 'give less',
      );
    case 'too_small':
      return says(
        `${measure(issue.origin)} at least ${issue.minimum}${counted(issue.origin)}`,
        issue.origin === 'string' ? 'write more' : 'give more',
      );
    case 'invalid_value':
      return says(`only ${issue.values.map(String).join(', ')} can be here`, 'choose one');
    default:
      return undefined;
  }
}

function measure(origin: string): string {
  return origin === 'string' || origin === 'array' ? 'this holds' : 'this is';
}

function counted(origin: string): string {
  if (origin === 'string') return ' characters';
  return origin === 'array' ? ' entries' : '';
}

/** Uses the house's words from now on, in this program. */
export function useHouseWords(): void {
  z.config({ customError: wordIssue });
}
