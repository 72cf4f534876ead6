/** One way to understand a method as far as it is read: the stages made of it, and what the pot is doing. */
import type { FoundCycle, FoundKind, FoundStage, ReleaseFound } from '../types';
import { saysMeanwhile, saysPart, saysSaute } from '../phrases';
import { INTO_PAN } from '../vessels';
import { isApart, isBoiledFirst, isCold, isNextToFry, isOtherPan, isOtherRest } from './apart';
import type { Clause } from './clause';
import type { ClauseTime } from './times';

/** Words that are in no stage yet. */
interface Loose {
  text: string;
  sentence: string;
}

const EMPTY: Omit<FoundStage, 'kind' | 'sentences' | 'meanwhile'> = {
  minutes: null,
  to: null,
  celsius: null,
  cycle: null,
};

const HEATED: ReadonlySet<FoundKind> = new Set(['simmer', 'burner', 'oven', 'crisp']);
/** Stirring belongs to these; serving does not. */
const ON_HEAT: ReadonlySet<FoundKind> = new Set(['simmer', 'thicken', 'brown', 'burner']);
const AT_TABLE =
  /\b(?:serve|garnish|carve|slice|scatter|sprinkle|top|season|taste|fold|mash|shred|toss|spoon|ladle|divide|mount|swirl|finish|crush|drain)\b/i;

const BACK_IN =
  /\bback (?:in|into|to)\b|\b(?:in|into|through) the (?:pot|sauce|soup|stew|gravy|liquid|juices)\b/i;

const COOKED_OPEN = /\bsaut[eé](?!\p{L})[^.]*\b(?:cook\b[^.]*\b)?(?:until|till)\b/iu;

/** “Same pot, sauté: oil, cumin till it crackles”. */
const IN_FAT = /\b(?:oil|ghee|butter|crackles?|splutters?|sizzles?)\b/i;

const BOILS_APART =
  /\b(?:boil|steam|poach|simmer)(?: or (?:boil|steam|poach|simmer))? (?:the |some |your )?(?!(?:sauce|liquid|juices?|it|them|gravy|stock|broth|everything|down|away|for|until|till|on)\b)\p{L}{3}/iu;

const LIFTS_OUT = /\b(?:lift|take|spoon|scoop)\b[^.]{0,24}\bout\b|\bpour (?:away|off)\b|^strain\b/i;

/** Done with what comes out of the pot, and not with what goes into a pan beside it. */
const WITH_COOKED =
  /^(?:then |and )?(?:rinse|peel|rub off|slip off|skin|cut|slice|chop|shred|carve|check|test|pierce|drain|cool|mash|pull|flake)\b/i;
const SAME_FOOD = /\b(?:it|them|these|those|everything|all|the (?:lot|rest|pieces|slices))\b/i;

const last = <T>(list: readonly T[]): T | undefined => list[list.length - 1];

const lastLevel = (stages: readonly FoundStage[]): FoundCycle['level'] =>
  stages.findLast((s) => s.cycle)?.cycle?.level ?? null;

/** Stages are values here: a change makes a new one, so that ways of reading can share what they have in common. */
export class Path {
  cost = 0;
  stages: readonly FoundStage[] = [];
  /** Index of the cycle that is being told: its hold, then its release; -1 where none is. */
  open = -1;
  lidOn = false;
  level: 'low' | 'high' | 'max' | null = null;
  /** Minutes waited since the hold, before anything is vented. */
  waited: number | null = null;
  preheat: number | null = null;
  /** Clauses that only put things in or stir; they join what follows. */
  loading: readonly Loose[] = [];
  hasCycle = false;
  /** A time that stood alone before anything it could belong to. */
  loose: ClauseTime | null = null;
  /** The pot is set to sauté. */
  isHot = false;
  /** It is cooked in a pan on the stove, and no cooker was named yet. */
  inSaucepan = false;
  /** Liquid went in since something began to fry: what follows cooks in it. */
  isWet = false;
  /** The work named last, and in which sentence. */
  going: { kind: FoundKind; at: number } | null = null;
  /** The food lies in a pan, tin or bowl above the pot's own water. */
  vessel = '';
  /** Sentences that spoke last of such a vessel, and of a rack. */
  vesselAt = -Infinity;
  rackAt = Infinity;
  /** The sentence that filled a basin, tin or mould. */
  filledAt = -Infinity;
  /** The first words of a rest whose minutes may follow, and their sentence. */
  rests: Loose | null = null;
  /** Clauses whose times nothing was made of. */
  left: readonly string[] = [];
  /** Clauses for another case, or of a few seconds: read, and nothing that a plan has to count. */
  cases: readonly string[] = [];
  /** Sentences that name nothing known, and the stage before them: they stay with it where no other takes them. */
  spare: readonly { at: number; sentence: string }[] = [];

  clone(): Path {
    return Object.assign(new Path(), this);
  }

  get cycle(): FoundCycle | null {
    return this.stages[this.open]?.cycle ?? null;
  }

  get lastKind(): FoundKind | undefined {
    return last(this.stages)?.kind;
  }

  /** Something fries in the open pot. */
  get isFrying(): boolean {
    if (this.open >= 0 || this.lidOn || this.hasCycle) return false;
    return this.isHot || this.lastKind === 'brown' || this.lastKind === 'loosen';
  }

  get isAfterCycle(): boolean {
    return this.hasCycle && this.open < 0;
  }

  /** Something of it has been on the heat, and no cycle is still to be told of. */
  get isCooked(): boolean {
    return this.isAfterCycle || (!this.hasCycle && this.stages.some((s) => HEATED.has(s.kind)));
  }

  /** Ways that differ in nothing that matters later are one. */
  get key(): string {
    const end = last(this.stages);
    const { cycle } = this;
    return [
      this.stages.length,
      end?.kind,
      end?.minutes,
      this.open,
      cycle?.holdMinutes,
      cycle?.release.kind,
      this.lidOn,
      this.isWet,
      this.waited,
      this.left.length,
      end?.checks?.length,
    ].join('|');
  }

  replace(index: number, change: (stage: FoundStage) => FoundStage): void {
    this.stages = this.stages.map((s, i) => (i === index ? change(s) : s));
  }

  /** What is looked at after the stage told last, and how much longer it may take. */
  check(text: string, minutes: number): void {
    this.replace(this.stages.length - 1, (s) => ({
      ...s,
      checks: [...(s.checks ?? []), { text, minutes }],
    }));
  }

  tellCycle(c: Clause, change: Partial<FoundCycle> = {}): void {
    // What was put in before the hold was told is in the pot.
    const put = 'holdMinutes' in change ? this.taken(c.sentence) : [];
    this.replace(this.open, (s) => ({
      ...s,
      sentences:
        last(s.sentences) === c.sentence ? s.sentences : [...s.sentences, ...put, c.sentence],
      cycle: s.cycle && { ...s.cycle, ...change },
    }));
  }

  startCycle(c: Clause, time: ClauseTime | null): void {
    this.closeCycle();
    this.add(c, 'pressure', null);
    this.open = this.stages.length - 1;
    const cycle: FoundCycle = {
      // “18 minutes more”: as it was before.
      level: c.level ?? this.level ?? (c.again ? lastLevel(this.stages) : null),
      holdMinutes: Number.NaN,
      holdTo: null,
      perPound: null,
      release: { kind: 'unknown' },
      ...(this.vessel ? { pan: true } : {}),
    };
    this.replace(this.open, (s) => ({ ...s, cycle: { ...cycle, ...(time ? holdOf(time) : {}) } }));
    this.lidOn = true;
    this.isHot = false;
    this.hasCycle = true;
    this.waited = null;
    this.level = null;
    this.vessel = '';
    this.vesselAt = -Infinity;
    this.rackAt = Infinity;
    this.filledAt = -Infinity;
  }

  /** The cycle is over: what was waited without venting was a natural release. */
  closeCycle(): void {
    const { cycle } = this;
    if (cycle?.release.kind === 'unknown' && this.waited !== null) {
      const release: ReleaseFound = { kind: 'timed', minutes: Math.round(this.waited) };
      this.replace(this.open, (s) => ({ ...s, cycle: s.cycle && { ...s.cycle, release } }));
    }
    this.waited = null;
    this.open = -1;
    this.lidOn = false;
  }

  /** What was said and names no work known stays where it was said. */
  keepSpare(order: readonly string[]): void {
    for (const { at, sentence } of this.spare) {
      const isTold = (s: FoundStage): boolean =>
        s.sentences.some((t) => t.includes(sentence)) ||
        (s.checks?.some((check) => check.text === sentence) === true &&
          s.sentences.some((t) => sentence.includes(t)));
      if (this.stages.some(isTold)) continue;
      this.replace(Math.min(Math.max(0, at), this.stages.length - 1), (s) => ({
        ...s,
        sentences: [...s.sentences, sentence].sort((a, b) => placeIn(order, a) - placeIn(order, b)),
      }));
    }
  }

  /** A stage of a kind: the last one goes on where it is of the same kind. */
  add(c: Clause, wanted: FoundKind, time: ClauseTime | null): void {
    const begins =
      saysPart(c.sentence) && !this.stages.some((s) => s.sentences.includes(c.sentence));
    // What another part is told by itself ends what was told before it.
    if (begins && this.isCooked && last(this.loading)?.sentence !== c.sentence) this.flush(null, c);
    this.settleDrained(c);
    const kind = this.besideThePot(c, wanted);
    if (kind === 'burner') this.settleStirred(c);
    this.flush(kind, c);
    const end = last(this.stages);
    const isOther =
      begins ||
      (c.otherPot && last(end?.sentences ?? []) !== c.sentence) ||
      isApart(end, c.sentence) ||
      isBoiledFirst(end, c.sentence) ||
      (time !== null && isNextToFry(end, kind, c)) ||
      isOtherRest(end, kind, c) ||
      isOtherPan(end, c) ||
      (end?.meanwhile === true && !c.meanwhile && this.loading.some((l) => INTO_PAN.test(l.text)));
    const goesOn = end?.meanwhile === c.meanwhile || (kind === 'burner' && !c.meanwhile);
    if (end?.kind === kind && kind !== 'pressure' && goesOn && !isOther) {
      const before = this.taken(c.sentence);
      this.replace(this.stages.length - 1, (s) =>
        longer([...before, c.sentence].reduce(told, { ...s, ...batched(c, time, s) }), time),
      );
      return;
    }
    // “Thicken with a slurry and boil for 2 minutes” is one thing.
    if (
      end?.kind === 'thicken' &&
      kind === 'simmer' &&
      end.minutes === null &&
      last(end.sentences) === c.sentence
    ) {
      this.replace(this.stages.length - 1, (s) => longer(s, time));
      return;
    }
    const isOfRest = kind === 'rest' && this.rests?.sentence === c.sentence;
    const from = isOfRest
      ? this.rests?.text
      : (this.loading.find((l) => l.sentence === c.sentence)?.text ?? c.text);
    const before = this.taken(c.sentence);
    this.stages = [
      ...this.stages,
      {
        ...EMPTY,
        kind,
        sentences: [...before, c.sentence],
        from,
        ...batched(c, time),
        ...(kind === 'rest' ? { isCold: isCold(c) } : {}),
        minutes: time?.from ?? null,
        to: time?.to ?? null,
        meanwhile: c.meanwhile || (kind === 'burner' && before.some(saysMeanwhile)),
        ...(c.isBurner && (kind === 'burner' || kind === 'brown') ? { place: 'burner' } : {}),
      },
    ];
  }

  /** Noodles that boiled beside the pot are drained there and then, and not when the sauce is made. */
  private settleDrained(c: Clause): void {
    const [first] = this.loading;
    if (!first || first.sentence === c.sentence || last(this.stages)?.kind !== 'burner') return;
    if (/^drain\b/i.test(first.text)) this.flush(null, c);
  }

  /** “Stir the meat back into the sauce. Boil the pasta in a pan.”: the first is no part of the second. */
  private settleStirred(c: Clause): void {
    const before = this.loading.filter((l) => l.sentence !== c.sentence);
    const isOther = before.some((l) => WITH_COOKED.test(l.text)) && !SAME_FOOD.test(c.sentence);
    const isOver =
      isOther || before.some((l) => BACK_IN.test(l.sentence) || LIFTS_OUT.test(l.sentence));
    if (!isOver || !this.isAfterCycle) return;
    this.flushOthers(c);
  }

  /** What was put in by other sentences is work of its own; what this one puts in goes on. */
  flushOthers(c: Clause): void {
    const own = this.loading.filter((l) => l.sentence === c.sentence);
    this.loading = this.loading.filter((l) => l.sentence !== c.sentence);
    this.flush(null, c);
    this.loading = own;
  }

  /** The mash of a braise is boiled on the stove, unless it is said to be in the pot. */
  private besideThePot(c: Clause, kind: FoundKind): FoundKind {
    const isOpen = kind === 'simmer' || kind === 'brown';
    const isInPot = saysSaute(c.sentence) || /\b(?:pot|cooker)\b/i.test(c.sentence);
    // “Meanwhile, boil the potatoes”, while the pot is shut: beside it.
    if (kind === 'simmer' && c.meanwhile && this.hasCycle && !isInPot && BOILS_APART.test(c.text))
      return 'burner';
    return isOpen && this.hasCycle && saysPart(c.sentence) && !isInPot ? 'burner' : kind;
  }

  /** What was put in before goes with the stage that follows, without the sentence that starts it. */
  private taken(sentence: string): string[] {
    const sentences = [...new Set(this.loading.map((l) => l.sentence))];
    const before = last(this.stages)?.sentences ?? [];
    this.loading = [];
    return sentences.filter((s) => s !== sentence && !before.includes(s));
  }

  /** Words that are no work of their own stay with the stage before them, unless their sentence makes another. */
  attach(c: Clause): void {
    if (this.loading.some((l) => l.sentence === c.sentence)) return;
    if (this.stages.length === 0)
      this.loading = [...this.loading, { text: c.text, sentence: c.sentence }];
    else {
      // What is stirred in at the end is a stage that is still to be made.
      const isNext = this.isAfterCycle && this.loading.length > 0;
      const at = this.stages.length - (isNext ? 0 : 1);
      this.spare = [...this.spare, { at, sentence: c.sentence }];
    }
  }

  /** What is done after a cycle or a rest is work of its own, but for stirring in what is on the heat. */
  private isWorkAtTheEnd(end: FoundStage, c: Clause): boolean {
    if (end.kind === 'rest') return true;
    if (!this.isAfterCycle) return false;
    return !ON_HEAT.has(end.kind) || AT_TABLE.test(c.text);
  }

  put(c: Clause): void {
    // “Before you eat”, “it thickens”: nothing that is done.
    if (/^(?:you|it|they|we|until|till)\b/i.test(c.text)) return this.attach(c);
    const end = last(this.stages);
    this.settleDrained(c);
    // A sentence that has made a stage already is told there; but what is done at the end is work of its own.
    if (end && last(end.sentences) === c.sentence && !(c.finishing && this.isWorkAtTheEnd(end, c)))
      return;
    this.loading = [...this.loading, { text: c.text, sentence: c.sentence }];
  }

  /** “Rest, tented with foil, 10 minutes”: the words of the rest are no work before it. */
  private leaveRest(next: FoundKind | null, c: Clause | null): void {
    if (next !== 'rest' || this.rests === null || this.rests.sentence !== c?.sentence) return;
    const { text, sentence } = this.rests;
    const begins = sentence.indexOf(text);
    const at = this.loading.findIndex(
      (l) => l.sentence === sentence && sentence.indexOf(l.text) >= begins,
    );
    if (at >= 0) this.loading = this.loading.slice(0, at);
  }

  /** After a cycle, stirring in and serving is work of its own; before one, it is filling the pot. */
  flush(next: FoundKind | null, c: Clause | null): void {
    if (this.loading.length === 0 || next === 'pressure') return;
    // What is put in before work on the heat, or taken out for it, is part of that work.
    if (next !== null && !(next === 'rest' && this.isCooked)) return;
    this.leaveRest(next, c);
    if (this.loading.length === 0) return;
    const end = last(this.stages);
    const used = new Set([c?.sentence, ...(end?.sentences ?? [])]);
    const isTold = (sentence: string): boolean =>
      end?.kind === 'finish' && end.sentences.includes(sentence);
    const sentences = [...new Set(this.loading.map((l) => l.sentence))].filter((s) => !isTold(s));
    const own = sentences.map((sentence) =>
      used.has(sentence)
        ? partOf(
            sentence,
            this.loading.flatMap((l) => (l.sentence === sentence ? [l.text] : [])),
          )
        : sentence,
    );
    this.loading = [];
    if (own.length === 0) return;
    if (end?.kind === 'finish' && !isApart(end, own[0] ?? ''))
      this.replace(this.stages.length - 1, (s) => ({ ...s, sentences: [...s.sentences, ...own] }));
    else
      this.stages = [
        ...this.stages,
        {
          ...EMPTY,
          // “Select sauté and cook, stirring, until it just starts to boil”: on the heat, for nobody knows how long.
          kind: own.some((s) => COOKED_OPEN.test(s))
            ? own.some((s) => IN_FAT.test(s))
              ? 'brown'
              : 'simmer'
            : 'finish',
          sentences: own,
          meanwhile: false,
        },
      ];
  }
}

/** Where a sentence, or the part of one, stands in a method. */
const placeIn = (order: readonly string[], part: string): number =>
  order.includes(part)
    ? order.indexOf(part)
    : order.findIndex((s) => s.toLowerCase().includes(part.toLowerCase()));

/** The part of a sentence from its first of some clauses to the last of them. */
function partOf(sentence: string, clauses: readonly string[]): string {
  const first = sentence.indexOf(clauses[0] ?? '');
  // “Onions: slice thin” keeps the name of its part.
  const label = saysPart(sentence) ? (/^[^:,]*[:,]\s*/.exec(sentence)?.[0].length ?? 0) : 0;
  const from = first <= label ? Math.min(first, 0) : first;
  const end = clauses.at(-1) ?? '';
  const to = sentence.indexOf(end, Math.max(0, from));
  if (from < 0 || to < from) return clauses.join(', ');
  const until = to + end.length;
  // What follows and tells of no time goes with it: “drain and mash with the milk and butter”.
  const rest = /\d/.test(sentence.slice(until)) ? '' : sentence.slice(until);
  const said = sentence.slice(from, until) + rest;
  // A bracket that is opened is closed.
  const isOpen = said.split('(').length > said.split(')').length;
  const part = isOpen
    ? `${said}${/^[^()]*\)/.exec(sentence.slice(from + said.length))?.[0] ?? ''}`
    : said;
  return part.charAt(0).toUpperCase() + part.slice(1);
}

function told(stage: FoundStage, sentence: string): FoundStage {
  return last(stage.sentences) === sentence
    ? stage
    : { ...stage, sentences: [...stage.sentences, sentence] };
}

/** Minutes of one more batch, with those told of it before. */
const batched = (
  c: Clause,
  time: ClauseTime | null,
  before: FoundStage | null = null,
): Partial<FoundStage> =>
  c.eachBatch && time ? { eachBatch: (before?.eachBatch ?? 0) + time.from / 2 } : {};

function longer(stage: FoundStage, time: ClauseTime | null): FoundStage {
  if (!time) return stage;
  const isRange = time.to !== null || stage.to !== null;
  const upTo = (stage.to ?? stage.minutes ?? 0) + (time.to ?? time.from);
  return { ...stage, minutes: (stage.minutes ?? 0) + time.from, to: isRange ? upTo : null };
}

export function holdOf(time: ClauseTime): Partial<FoundCycle> {
  return {
    holdMinutes: time.perPound ?? time.from,
    holdTo: time.to,
    perPound: time.perPound === null ? null : Math.round(time.perPound * 10) / 10,
  };
}

/** Ways kept side by side. */
const BEAM = 14;

/** The likeliest of several ways; those that differ in nothing that matters later are one. */
export function best(paths: readonly Path[]): Path[] {
  const seen = new Set<string>();
  return [...paths]
    .sort((a, b) => a.cost - b.cost)
    .filter((p) => {
      if (seen.has(p.key)) return false;
      seen.add(p.key);
      return true;
    })
    .slice(0, BEAM);
}
