/** One question of the Bench: what is asked, what is said, what is drawn. */
import type { Answer } from '$core/ask';
import type { Kitchen } from '$core/kitchen';
import type { Curve } from '$lib/ui/chart/types';

/** What is typed, by field; as text, so that the address can carry it. */
export type Values = Readonly<Record<string, string>>;

interface FieldBase {
  key: string;
  label: string;
  /** Name the field has in the core's messages, where it is another one. */
  answersTo?: string;
  /** Shown only while this holds. */
  shown?: (values: Values) => boolean;
}

export type BenchField = FieldBase &
  (
    | { kind: 'number'; unit: string; step?: number }
    /** An amount as a cook writes it: 900, 2 lb, 1½ cup. */
    | { kind: 'amount'; base: 'g' | 'ml' }
    | { kind: 'choice'; options: readonly (readonly [value: string, label: string])[] }
    | { kind: 'food'; suggestions: readonly string[] }
    | { kind: 'text' }
  );

export interface SaidAnswer {
  headline: string;
  /** Whether the headline is a warning. */
  isBad?: boolean;
  facts: { label: string; value: string }[];
}

export interface BenchQuestion {
  id: string;
  title: string;
  /** One line under the title. */
  about: string;
  fields: readonly BenchField[];
  start: (kitchen: Kitchen) => Values;
  /** The core's question and its input. */
  ask: (values: Values, kitchen: Kitchen) => { name: string; input: unknown };
  say: (answer: Answer, values: Values, kitchen: Kitchen) => SaidAnswer;
  curve?: (values: Values, answer: Answer, kitchen: Kitchen) => Curve | null;
}
