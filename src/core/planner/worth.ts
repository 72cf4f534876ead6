/** What is neither late nor over the line is helped by so much, and it is said from so much on. */
export const WORTH = {
  /** Later start of work, and longer free stretch, min. */
  startMin: 5,
  gapMin: 10,
  /** Less work without a rest, where there is too much of it, min. */
  workMin: 15,
  /** Of the chance to be on time. */
  chance: 0.05,
} as const;
