/** Undo and redo over whole documents. */
export class History<T> {
  private readonly past: T[] = [];
  private readonly future: T[] = [];

  constructor(private readonly limit = 100) {}

  /** Notes the document as it was before a change. */
  remember(before: T): void {
    this.past.push(before);
    if (this.past.length > this.limit) this.past.shift();
    this.future.length = 0;
  }

  get canUndo(): boolean {
    return this.past.length > 0;
  }

  get canRedo(): boolean {
    return this.future.length > 0;
  }

  /** @returns the document before the last change, or null where there was none */
  undo(current: T): T | null {
    const before = this.past.pop();
    if (before === undefined) return null;
    this.future.push(current);
    return before;
  }

  /** @returns the document as it was before the last undo, or null */
  redo(current: T): T | null {
    const after = this.future.pop();
    if (after === undefined) return null;
    this.past.push(current);
    return after;
  }
}
