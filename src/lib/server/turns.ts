/**
 * Requests take turns. The database answers within the call, so that a page is made in one go; with many
 * readers at once the loop would make page after page and hear of a change only when all of them are served.
 * One request begins in each round of the loop, a change and a page in turn.
 */
const changes: (() => void)[] = [];
const pages: (() => void)[] = [];
let isRunning = false;
let wasChange = false;

function next(): void {
  wasChange = changes.length > 0 && (pages.length === 0 || !wasChange);
  (wasChange ? changes : pages).shift()?.();
  isRunning = changes.length + pages.length > 0;
  if (isRunning) setImmediate(next);
}

/** Resolves when it is this request's turn. @param isChange of many readers it waits for one at most */
export function turn(isChange: boolean): Promise<void> {
  return new Promise((resolve) => {
    (isChange ? changes : pages).push(resolve);
    if (isRunning) return;
    isRunning = true;
    setImmediate(next);
  });
}
