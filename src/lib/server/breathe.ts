/** Lets others be answered in between: the database answers within the call, and nobody else would have a turn. */
export const breathe = (): Promise<void> => new Promise((resolve) => void setImmediate(resolve));
