/** What the server takes for now. */

const DAY_MS = 86_400_000;
const FARTHEST_DAYS = 3660;

/** Days ahead of the machine's clock, for seeing what stores and plans are like weeks later. */
function daysAhead(): number {
  const asked = Number(process.env.OLIVE_CLOCK_DAYS_AHEAD ?? 0);
  return Number.isFinite(asked) && Math.abs(asked) <= FARTHEST_DAYS ? asked : 0;
}

const offset = daysAhead() * DAY_MS;

/** ms since the epoch, by the machine's clock or so many days later (`OLIVE_CLOCK_DAYS_AHEAD`). */
export function currentTime(): number {
  return Date.now() + offset;
}
