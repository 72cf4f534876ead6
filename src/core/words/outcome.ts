/** How an evening came out, for a list of them. */
import { formatMinutes, formatTime, type ClockStyle } from '../units';

/** So near the hour that nobody at the table looks at a clock, min. */
const ON_TIME_MIN = 3;

/**
 * @param outcome null where nothing of it was told
 * @example sayOutcome({ servedAt, late: 9 }, style) // 'on the table 18:09, 9 min late'
 */
export function sayOutcome(
  outcome: { servedAt: number | null; late: number | null } | null,
  style: ClockStyle,
): string {
  if (outcome?.servedAt == null || outcome.late === null)
    return 'nobody said when it was on the table';
  const { servedAt, late } = outcome;
  const when =
    Math.abs(late) <= ON_TIME_MIN
      ? 'on time'
      : `${formatMinutes(Math.abs(late))} ${late > 0 ? 'late' : 'early'}`;
  return `on the table ${formatTime(servedAt, style)}, ${when}`;
}
