/** Instructions as stages: clause by clause, with what the pot is doing kept in mind. */
import { findDurations, findTemperature, type Duration } from './durations';
import {
  isFinishing,
  isLoading,
  isPreparing,
  kindOf,
  levelIn,
  naturalFigure,
  saysEither,
  saysLevel,
  saysLidOff,
  saysLidOn,
  saysMeanwhile,
  saysNatural,
  saysPreheat,
  saysPressure,
  saysQuick,
  saysRest,
  saysSet,
  saysSlow,
  saysSwitch,
  saysWait,
  saysWhen,
} from './phrases';
import { toClauses, toSentences } from './sentences';
import type { FoundCycle, FoundKind, FoundStage, ReleaseFound } from './types';

export interface ReadInstructions {
  stages: FoundStage[];
  /** What is said of a slow cooker instead. */
  slow: string[];
}

/** Where a clause about a release begins inside one that is about a hold too. */
const RELEASE_INSIDE =
  /\b(?:with|using|followed by|plus|,)?\s*(?:a |an )?(?:(?:\d+|\w+)[- ]?min\w*(?: of)? )?(?:natural|quick|NPR\b|QR\b)/i;
const BARE_TIME =
  /^(?:for |about |around |another |a further |exactly |just |only |\d|[½¼¾]|one |two |three |four |five |six |eight |ten |twelve |zero |half )/i;

class Reader {
  readonly stages: FoundStage[] = [];
  readonly slow: string[] = [];
  private lidOn = false;
  private level: 'low' | 'high' | 'max' | null = null;
  /** The cycle that is being told: its hold, then its release. */
  private open: FoundStage | null = null;
  /** Minutes waited since the hold, before anything is vented. */
  private waited: number | null = null;
  private preheat: number | null = null;
  /** Sentences that only put things in or stir; they join what follows. */
  private loading: string[] = [];
  private sentence = '';
  private isMeanwhile = false;
  private hasCycle = false;
  /** A time that stood alone before anything it could belong to. */
  private loose: Duration | null = null;

  /** @param isSlowOnly the text has no cycle under pressure: the slow cooker is the dish, not another way to it */
  constructor(private readonly isSlowOnly = false) {}

  read(sentence: string): void {
    this.sentence = sentence;
    this.isMeanwhile = saysMeanwhile(sentence);
    this.loose = null;
    if (saysSlow(sentence) && !saysPressure(sentence.replace(/slow[- ]?cook\w*/gi, ''))) {
      this.slowCooked(sentence);
      return;
    }
    const clauses = toClauses(sentence)
      // “While it is in the oven” only says when; “or 45 minutes if …” is for another case.
      .filter((c, i) => !(i === 0 && /^while\b/i.test(sentence) && !isPreparing(c)))
      .filter((c) => !/^or\b.*\bif\b/i.test(c));
    for (const clause of clauses) this.clause(clause);
  }

  /** Beside a cycle under pressure it is the other way to make the dish; alone, it is the work itself. */
  private slowCooked(sentence: string): void {
    const [time] = findDurations(sentence);
    if (!this.isSlowOnly) this.slow.push(sentence);
    else if (time) this.add('slow', time);
    else this.put();
  }

  end(): void {
    this.flush(null);
    this.closeCycle();
  }

  private clause(clause: string): void {
    const durations = findDurations(clause);
    if (saysPressure(clause) || (this.lidOn && saysLevel(clause) && durations.length > 0)) {
      const cut = RELEASE_INSIDE.exec(clause);
      const tail = cut && cut.index > 3 ? clause.slice(cut.index) : null;
      const head = tail === null ? clause : clause.slice(0, clause.length - tail.length);
      if (saysLidOn(head)) this.lidOn = true;
      this.hold(head, findDurations(head));
      if (tail !== null) this.release(tail, findDurations(tail));
      return;
    }
    if (saysEither(clause) || saysNatural(clause) || (saysQuick(clause) && this.canRelease())) {
      this.release(clause, durations);
      return;
    }
    if (saysLidOn(clause) && !saysLidOff(clause)) {
      this.lidOn = true;
      this.level ??= levelIn(clause);
      if (durations.length === 0) {
        this.put();
        return;
      }
    }
    if (this.isLevelOnly(clause)) return;
    const bare = this.bareTime(clause, durations);
    if (bare && this.takeBareTime(bare, /\b(?:about|around|approx\w*|takes)\b/i.test(clause)))
      return;
    if (this.lidOn && durations.length > 0 && saysSet(clause) && kindOf(clause) === null) {
      this.hold(clause, durations);
      return;
    }
    if (
      this.isStillShut() &&
      durations.length > 0 &&
      saysWait(clause) &&
      kindOf(clause) !== 'soak'
    ) {
      // “Let it stand for 10 minutes”, lid still on: counts once the rest is vented.
      this.waited = durations[0]?.from ?? null;
      this.openSentence();
      return;
    }
    if (saysLidOff(clause)) this.closeCycle();
    this.other(clause, durations);
  }

  /** Under the lid, and not vented yet. */
  private isStillShut(): boolean {
    const kind = this.open?.cycle?.release.kind;
    return kind === 'unknown' || kind === 'natural';
  }

  private canRelease(): boolean {
    return this.open !== null || this.lidOn;
  }

  /** “High” after a time, or before one. */
  private isLevelOnly(clause: string): boolean {
    if (!/^(?:on |at )?(?:low|high|max(?:imum)?|highest)\.?$/i.test(clause)) return false;
    const cycle = this.open?.cycle;
    if (cycle && cycle.release.kind === 'unknown') cycle.level = levelIn(clause) ?? cycle.level;
    else this.level = levelIn(clause);
    return true;
  }

  /** A time alone, as a clause of its own; a mere figure where only a hold is missing. */
  private bareTime(clause: string, durations: readonly Duration[]): Duration | null {
    const cycle = this.open?.cycle;
    if (cycle && Number.isNaN(cycle.holdMinutes) && /^\d{1,3}\.?$/.test(clause))
      return { from: Number.parseInt(clause, 10), to: null, start: 0, end: 0, perPound: null };
    const [only] = durations;
    if (!only || durations.length > 1) return null;
    const isBare = BARE_TIME.test(clause) && only.start < 16 && clause.length - only.end < 24;
    return isBare ? only : null;
  }

  private takeBareTime(time: Duration, isEstimate: boolean): boolean {
    const cycle = this.open?.cycle;
    if (cycle && Number.isNaN(cycle.holdMinutes)) {
      setHold(cycle, time);
      return true;
    }
    if (cycle?.release.kind === 'natural') {
      // “Natural release, about 20 minutes” tells how long it takes, not when to vent.
      if (!isEstimate) cycle.release = { kind: 'timed', minutes: Math.round(time.from) };
      return true;
    }
    if (!cycle && this.lidOn) {
      this.startCycle(time);
      return true;
    }
    this.loose = time;
    const last = this.stages.at(-1);
    if (last && last.minutes === null && last.kind !== 'pressure' && last.kind !== 'finish') {
      last.minutes = time.from;
      return true;
    }
    return false;
  }

  /** A hold: a new cycle, or the time of one that was only brought to pressure. */
  private hold(clause: string, durations: readonly Duration[]): void {
    const level = levelIn(clause);
    if (level) this.level = level;
    const time = durations.find((d) => d.perPound !== null) ?? durations[0];
    const cycle = this.open?.cycle;
    if (cycle && cycle.release.kind === 'unknown') {
      const isWaiting = Number.isNaN(cycle.holdMinutes);
      const isSame = this.open?.sentences.at(-1) === this.sentence;
      if (level && (isWaiting || (isSame && !time))) cycle.level = level;
      // “When the 8 minutes at pressure are up” tells of the same hold.
      if (!time || !isWaiting) {
        if (time && !saysWhen(clause) && time.from !== cycle.holdMinutes) this.startCycle(time);
        else if (time?.perPound != null && cycle.perPound === null) setHold(cycle, time);
        this.openSentence();
        return;
      }
      setHold(cycle, time);
      this.openSentence();
      return;
    }
    if (cycle && saysWhen(clause)) {
      this.openSentence();
      return;
    }
    this.startCycle(time ?? this.loose);
  }

  private startCycle(time: Duration | null): void {
    this.closeCycle();
    const cycle: FoundCycle = {
      level: this.level ?? 'high',
      holdMinutes: Number.NaN,
      holdTo: null,
      perPound: null,
      release: { kind: 'unknown' },
    };
    if (time) setHold(cycle, time);
    this.open = this.add('pressure', null);
    this.open.cycle = cycle;
    this.lidOn = true;
    this.hasCycle = true;
    this.waited = null;
    this.level = null;
  }

  private release(clause: string, durations: readonly Duration[]): void {
    const cycle = this.open?.cycle;
    if (!cycle) {
      this.other(clause, durations);
      return;
    }
    // Brought to pressure and let go at once: a hold of nothing.
    if (Number.isNaN(cycle.holdMinutes)) cycle.holdMinutes = 0;
    this.openSentence();
    const minutes = durations[0]?.from ?? naturalFigure(clause);
    cycle.release = this.nextRelease(clause, minutes, cycle.release);
    if (cycle.release.kind !== 'natural') this.lidOn = false;
  }

  private nextRelease(clause: string, minutes: number | null, now: ReleaseFound): ReleaseFound {
    if (saysEither(clause)) return { kind: 'either' };
    const [natural, quick] = [saysNatural(clause), saysQuick(clause)];
    if (natural) {
      if (minutes !== null && minutes > 0) return { kind: 'timed', minutes: Math.round(minutes) };
      return now.kind === 'timed' ? now : { kind: 'natural' };
    }
    if (!quick) return now;
    if (now.kind === 'timed') return now;
    if (now.kind === 'natural')
      return this.waited === null ? now : { kind: 'timed', minutes: Math.round(this.waited) };
    const waited = this.waited ?? (saysWait(clause) || saysRest(clause) ? minutes : null);
    return waited === null ? { kind: 'quick' } : { kind: 'timed', minutes: Math.round(waited) };
  }

  private openSentence(): void {
    if (this.open && this.open.sentences.at(-1) !== this.sentence)
      this.open.sentences.push(this.sentence);
  }

  /** The cycle is over: what was waited without venting was a natural release. */
  private closeCycle(): void {
    const cycle = this.open?.cycle;
    if (cycle && cycle.release.kind === 'unknown' && this.waited !== null)
      cycle.release = { kind: 'timed', minutes: Math.round(this.waited) };
    this.waited = null;
    this.open = null;
    this.lidOn = false;
  }

  /** Everything that is not under pressure. */
  private other(clause: string, durations: readonly Duration[]): void {
    const celsius = findTemperature(clause);
    if (saysPreheat(clause)) {
      this.preheat = celsius ?? this.preheat;
      this.put();
      return;
    }
    const kind = kindOf(clause);
    const time = durations[0] ?? null;
    if (
      kind !== null &&
      !(kind === 'rest' && time === null && !/\b(?:chill|refrigerat)/i.test(clause))
    ) {
      if (kind !== 'soak' && kind !== 'rest') this.closeCycle();
      const stage = this.add(kind, time);
      if (kind === 'oven' || kind === 'crisp') {
        stage.celsius = celsius ?? stage.celsius ?? this.preheat;
        this.preheat = null;
      }
      return;
    }
    // “Bake, 10 minutes at 200 °C”: a setting of its own belongs to the oven just named.
    const last = this.stages.at(-1);
    if (celsius !== null && last && (last.kind === 'oven' || last.kind === 'crisp')) {
      last.celsius ??= celsius;
      if (time) last.minutes ??= time.from;
      return;
    }
    const letGo = this.open?.cycle?.release.kind;
    if (letGo === 'natural' ? isFinishing(clause) : letGo !== undefined && letGo !== 'unknown')
      this.closeCycle();
    if (this.hasCycle && !this.open && !this.isMeanwhile) {
      // Whatever is told once the lid is off is finishing, but for switching off.
      if (!saysWhen(clause) && !saysLidOff(clause) && !saysSwitch(clause)) this.put();
      return;
    }
    if (this.isMeanwhile && isPreparing(clause)) {
      this.add('prep', time);
      return;
    }
    if (this.stages.at(-1)?.kind === 'soak' && /\b(?:drain|rinse)\b/i.test(clause)) return;
    const isFirst = this.stages.every((s) => s.kind === 'prep' || s.kind === 'soak');
    if (
      isFirst &&
      isPreparing(clause) &&
      !/\b(?:add|pour|put|place)\b|\b(?:in|into|to) the (?:pot|cooker|liner|inner pot)\b/i.test(
        clause,
      )
    ) {
      this.add('prep', time);
      return;
    }
    if (saysSet(clause) && time) this.loose = time;
    if (saysWhen(clause) && kind === null) return;
    if (isFinishing(clause) || isPreparing(clause) || isLoading(clause)) this.put();
  }

  private put(): void {
    // A sentence that has made a stage already is told there.
    if (this.stages.at(-1)?.sentences.at(-1) === this.sentence) return;
    if (this.loading.at(-1) !== this.sentence) this.loading.push(this.sentence);
  }

  /** A stage of a kind: the last one goes on where it is of the same kind and of no time yet. */
  private add(kind: FoundKind, time: Duration | null): FoundStage {
    this.flush(kind);
    const last = this.stages.at(-1);
    if (last?.kind === kind && kind !== 'pressure' && last.meanwhile === this.isMeanwhile) {
      if (last.sentences.at(-1) !== this.sentence) last.sentences.push(this.sentence);
      if (time) {
        last.to =
          (time.to ?? last.to) ? (last.to ?? last.minutes ?? 0) + (time.to ?? time.from) : null;
        last.minutes = (last.minutes ?? 0) + time.from;
      }
      return last;
    }
    const stage: FoundStage = {
      kind,
      sentences: [...this.taken(), this.sentence],
      minutes: time?.from ?? null,
      to: time?.to ?? null,
      celsius: null,
      cycle: null,
      meanwhile: this.isMeanwhile,
    };
    this.stages.push(stage);
    return stage;
  }

  /** What was put in before goes with the stage that follows, without the sentence that starts it. */
  private taken(): string[] {
    const taken = this.loading.filter((s) => s !== this.sentence);
    this.loading = [];
    return taken;
  }

  /** After a cycle, stirring in and serving is work of its own; before one, it is filling the pot. */
  private flush(next: FoundKind | null): void {
    const own = this.loading.filter((s) => s !== this.sentence || next === null);
    const isOver = this.hasCycle && !this.open;
    if (own.length === 0 || next === 'pressure') return;
    // What is put in before work on the heat, or taken out for it, is part of that work.
    if (next !== null && (!isOver || next !== 'rest')) return;
    this.loading = this.loading.filter((s) => !own.includes(s));
    const last = this.stages.at(-1);
    if (last?.kind === 'finish') last.sentences.push(...own);
    else
      this.stages.push({
        kind: 'finish',
        sentences: own,
        minutes: null,
        to: null,
        celsius: null,
        cycle: null,
        meanwhile: false,
      });
  }
}

/** Of several cycles without a time the first is asked for; the others tell of the same. */
function onlyFirst(
  stages: readonly FoundStage[],
  isOpen: (s: FoundStage) => boolean,
): FoundStage[] {
  const first = stages.find(isOpen);
  return stages.filter((s) => s === first || !isOpen(s));
}

function setHold(cycle: FoundCycle, time: Duration): void {
  cycle.holdMinutes = time.perPound ?? time.from;
  cycle.holdTo = time.to;
  cycle.perPound = time.perPound === null ? null : Math.round(time.perPound * 10) / 10;
}

function readAll(reader: Reader, sentences: readonly string[]): Reader {
  for (const sentence of sentences) reader.read(sentence);
  reader.end();
  return reader;
}

/** Reads instructions. Never fails: what names no work is part of the stage beside it. */
export function readInstructions(paragraphs: readonly string[]): ReadInstructions {
  const sentences = toSentences(paragraphs);
  let reader = readAll(new Reader(), sentences);
  if (reader.slow.length > 0 && reader.stages.every((s) => s.cycle === null))
    reader = readAll(new Reader(true), sentences);
  // A pressure that is only mentioned beside a cycle of its own is no second one.
  const isOpen = (s: FoundStage): boolean => s.cycle !== null && Number.isNaN(s.cycle.holdMinutes);
  const isTold = reader.stages.some((s) => s.cycle !== null && !isOpen(s));
  return {
    stages: isTold ? reader.stages.filter((s) => !isOpen(s)) : onlyFirst(reader.stages, isOpen),
    slow: reader.slow,
  };
}
