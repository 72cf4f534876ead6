/** One question of the page: what is asked, what is said, what is drawn. */
import { askKnown, isKnown, type KnownAnswer, type QuestionName } from '$core/ask';
import type { AnswerUse } from '$core/dish';
import type { Kitchen } from '$core/kitchen';
import { success, type Outcome } from '$core/reason';
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

export type AnswerField = FieldBase &
  (
    | { kind: 'number'; unit: string; step?: number }
    /** An amount as a cook writes it: 900, 2 lb, 1½ cup. */
    | { kind: 'amount'; base: 'g' | 'ml' }
    /** A length as a cook says it: 3 cm, 1¼ in, 30 mm. */
    | { kind: 'length' }
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

/** What an answer is good for in a dish: a number in its place. */
export interface DirectUse {
  use: AnswerUse;
  label: string;
}

/** A question of the page, written over the core's own question `name`. */
export interface QuestionSpec<N extends QuestionName> {
  id: string;
  title: string;
  /** One line under the title. */
  about: string;
  fields: readonly AnswerField[];
  start: (kitchen: Kitchen) => Values;
  name: N;
  /** The input of the core's question. */
  input: (values: Values, kitchen: Kitchen) => Readonly<Record<string, unknown>>;
  say: (answer: KnownAnswer<N>, values: Values, kitchen: Kitchen) => SaidAnswer;
  curve?: (values: Values, answer: KnownAnswer<N>, kitchen: Kitchen) => Curve | null;
  uses?: (answer: KnownAnswer<N>, values: Values) => DirectUse[];
  /** The piece that is asked about, drawn to scale; null where too little is typed. */
  piece?: (values: Values, kitchen: Kitchen) => DrawnPiece | null;
}

/** A piece beside the inner pot it goes into, mm. */
export interface DrawnPiece {
  thicknessMm: number;
  widthMm: number;
  lengthMm: number;
  count: number;
  pot: { name: string; diameterMm: number; heightMm: number };
}

/** What is shown for what was typed; `said` is null where the food is not known. */
export interface Shown {
  because: readonly string[];
  said: SaidAnswer | null;
  curve: Curve | null;
  uses: DirectUse[];
}

export interface PageQuestion extends Pick<
  QuestionSpec<QuestionName>,
  'id' | 'title' | 'about' | 'fields' | 'start'
> {
  drawn: (values: Values, kitchen: Kitchen) => DrawnPiece | null;
  show: (values: Values, kitchen: Kitchen) => Outcome<Shown>;
}

/** A question of the page, ready to be asked. */
export function pageQuestion<N extends QuestionName>(spec: QuestionSpec<N>): PageQuestion {
  const { id, title, about, fields, start } = spec;
  return {
    ...{ id, title, about, fields, start },
    drawn: (values, kitchen) => spec.piece?.(values, kitchen) ?? null,
    show: (values, kitchen) => {
      const outcome = askKnown(spec.name, spec.input(values, kitchen), kitchen);
      if (!outcome.ok) return outcome;
      const answer = outcome.value;
      const { because } = answer;
      if (!isKnown(answer)) return success({ because, said: null, curve: null, uses: [] });
      return success({
        because,
        said: spec.say(answer, values, kitchen),
        curve: spec.curve?.(values, answer, kitchen) ?? null,
        uses: spec.uses?.(answer, values) ?? [],
      });
    },
  };
}
