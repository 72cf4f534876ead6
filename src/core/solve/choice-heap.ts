/**
 * Which yes/no choice to make next: the one met most in recent conflicts.
 *
 * @source M. Moskewicz et al., Chaff, DAC 2001 (decaying sum); binary heap with positions.
 */
import type { Bound } from './integers';

const DECAY = 0.95;
const RESCALE_AT = 1e100;

export class ChoiceHeap {
  private readonly activity: number[] = [];
  private readonly heap: Bound[] = [];
  private readonly position: number[] = [];
  private step = 1;

  constructor(choices: readonly Bound[]) {
    for (const bound of choices) {
      this.activity[bound] = 0;
      this.position[bound] = -1;
      this.push(bound);
    }
  }

  /** Notes that a choice took part in a conflict; other variables are ignored. */
  bump(bound: Bound): void {
    const choice = bound & ~1;
    if (this.activity[choice] === undefined) return;
    this.activity[choice] += this.step;
    if ((this.activity[choice] as number) > RESCALE_AT) this.rescale();
    const at = this.position[choice] as number;
    if (at >= 0) this.rise(at);
  }

  /** Lets older conflicts count less. */
  decay(): void {
    this.step /= DECAY;
  }

  /** Puts a choice back after it was undone. */
  push(bound: Bound): void {
    const choice = bound & ~1;
    if (this.position[choice] !== -1) return;
    this.heap.push(choice);
    this.position[choice] = this.heap.length - 1;
    this.rise(this.heap.length - 1);
  }

  /** Takes the most active choice; undefined where none is left. */
  pop(): Bound | undefined {
    const top = this.heap[0];
    const last = this.heap.pop();
    if (top === undefined || last === undefined) return undefined;
    this.position[top] = -1;
    if (last !== top) {
      this.heap[0] = last;
      this.position[last] = 0;
      this.sink(0);
    }
    return top;
  }

  private weight(at: number): number {
    return this.activity[this.heap[at] as number] as number;
  }

  private swap(a: number, b: number): void {
    const x = this.heap[a] as number;
    const y = this.heap[b] as number;
    this.heap[a] = y;
    this.heap[b] = x;
    this.position[y] = a;
    this.position[x] = b;
  }

  private rise(at: number): void {
    while (at > 0) {
      const parent = (at - 1) >> 1;
      if (this.weight(parent) >= this.weight(at)) return;
      this.swap(at, parent);
      at = parent;
    }
  }

  private sink(at: number): void {
    for (;;) {
      let best = at;
      for (const child of [2 * at + 1, 2 * at + 2])
        if (child < this.heap.length && this.weight(child) > this.weight(best)) best = child;
      if (best === at) return;
      this.swap(at, best);
      at = best;
    }
  }

  private rescale(): void {
    for (const bound of Object.keys(this.activity).map(Number))
      this.activity[bound] = (this.activity[bound] as number) / RESCALE_AT;
    this.step /= RESCALE_AT;
  }
}
