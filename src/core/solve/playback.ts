/**
 * Plays evenings: every step starts as soon as its planned time, what it waits for and what it takes
 * allow. Written over flat arrays, since a plan's chance is asked for in thousands of evenings.
 */
import { busyUnits, type BusyUnit } from './busy-unit';
import { Counted } from './counted';
import { HANDS, type Player } from './evening';
import type { Problem } from './problem';
import { logSigma, normalQuantile, uniform } from './random';

/** Blocks whose planned stay has any length: one of none holds nothing, whatever else takes its unit. */
function holdingBlocks(players: readonly Player[]): Set<string> {
  const since = new Map<string, number>();
  const holding = new Set<string>();
  for (const { step, planned, median } of players) {
    if (step.block == null) continue;
    const first = since.get(step.block) ?? planned;
    if (planned !== first || median > 0) holding.add(step.block);
    since.set(step.block, first);
  }
  return holding;
}

export class Playback {
  /** Of the evening last played, in minutes by player. */
  readonly starts: Float64Array;
  readonly ends: Float64Array;
  /** Length of each player's step in the evening at hand. */
  readonly lengths: Float64Array;

  private readonly planned: Float64Array;
  /** Where the waits of each player begin; the last entry is where all end. */
  private readonly waitsFrom: Int32Array;
  private readonly waitOn: Int32Array;
  private readonly waitLag: Float64Array;
  /** Spread of each length; 0 where it is certain. */
  private readonly sigma: Float64Array;
  /** By player: what it takes of hands and resources. */
  private readonly takes: { from: Counted; amount: number }[][];
  private readonly counted: Counted[];
  /** Units that something else takes at times, and by player the one that its block is in. */
  private readonly units: BusyUnit[];
  private readonly unitOf: (BusyUnit | null)[];

  constructor(
    readonly players: readonly Player[],
    problem: Problem,
  ) {
    const size = players.length;
    this.starts = new Float64Array(size);
    this.ends = new Float64Array(size);
    this.lengths = Float64Array.from(players, (p) => p.median);
    this.planned = Float64Array.from(players, (p) => p.planned);
    const waits = players.flatMap((p) => p.waits);
    this.waitOn = Int32Array.from(waits, (w) => w.on);
    this.waitLag = Float64Array.from(waits, (w) => w.lag);
    this.waitsFrom = new Int32Array(size + 1);
    players.forEach((p, i) => {
      this.waitsFrom[i + 1] = (this.waitsFrom[i] as number) + p.waits.length;
    });
    this.sigma = Float64Array.from(players, (p) => logSigma(p.median, p.p90));
    const away = (problem.away ?? []).map(({ from, to, hands }) => ({ from, to, amount: hands }));
    const byName = new Map<string, Counted>([[HANDS, new Counted(problem.hands ?? 0, away)]]);
    for (const r of problem.resources ?? [])
      byName.set(`resource ${r.id}`, new Counted(r.capacity));
    this.counted = [...byName.values()];
    const units = busyUnits(problem);
    this.units = [...units.values()];
    const holding = holdingBlocks(players);
    this.unitOf = players.map((p) =>
      p.unit === null || !holding.has(p.step.block ?? '') ? null : (units.get(p.unit) ?? null),
    );
    this.takes = players.map((p) =>
      p.takes.flatMap(({ what, amount }) => {
        const from = byName.get(what);
        return from ? [{ from, amount }] : [];
      }),
    );
  }

  /** Draws the lengths of one evening: the same luck for the same step in the same run, whatever the schedule. */
  draw(seed: number, run: number): void {
    for (let i = 0; i < this.sigma.length; i++) {
      const sigma = this.sigma[i] as number;
      if (sigma === 0) continue;
      const { median, key, common } = this.players[i] as Player;
      let z = normalQuantile(uniform(seed, run, key));
      if (common !== null) {
        const shared = normalQuantile(uniform(seed, run, common.key));
        z = Math.sqrt(common.share) * shared + Math.sqrt(1 - common.share) * z;
      }
      this.lengths[i] = median * Math.exp(sigma * z);
    }
  }

  /** Plays the evening at hand; `starts` and `ends` then hold it. */
  play(): void {
    const { starts, ends, lengths, planned, waitsFrom, waitOn, waitLag } = this;
    for (const counted of this.counted) counted.clear();
    for (const unit of this.units) unit.clear();
    for (let i = 0; i < starts.length; i++) {
      let start = planned[i] as number;
      const last = waitsFrom[i + 1] as number;
      for (let w = waitsFrom[i] as number; w < last; w++) {
        const freed = (ends[waitOn[w] as number] as number) + (waitLag[w] as number);
        if (freed > start) start = freed;
      }
      const length = lengths[i] as number;
      const takes = this.takes[i] as { from: Counted; amount: number }[];
      const unit = this.unitOf[i] ?? null;
      if (length > 0 || unit !== null) start = this.firstFree(i, start, length);
      if (length > 0)
        for (const { from, amount } of takes) from.take(start, start + length, amount);
      const { block } = (this.players[i] as Player).step;
      if (unit !== null && block != null) unit.hold(block, start, start + length);
      starts[i] = start;
      ends[i] = start + length;
    }
  }

  /** From when on everything that a step takes is there at once. */
  private firstFree(i: number, from: number, length: number): number {
    const takes = this.takes[i] as { from: Counted; amount: number }[];
    const unit = this.unitOf[i] ?? null;
    const block = (this.players[i] as Player).step.block ?? '';
    let start = from;
    for (;;) {
      const before = start;
      if (length > 0)
        for (const { from: counted, amount } of takes)
          start = counted.earliest(start, length, amount);
      if (unit !== null) start = unit.earliest(start, length, block);
      if (start === before) return start;
    }
  }
}
