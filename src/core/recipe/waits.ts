/** What a text allows: “keeps warm for 20 minutes”, “happy to wait an hour”, “best within 2 hours”. Nothing is done then. */
import { findDurations } from './durations';
import { saysNatural, saysPressure, saysQuick } from './phrases';

const SUBJECT = String.raw`^(?:and |but |so )?(?:(?:it|they|this|these|that|which|the [\p{L}-]+(?: [\p{L}-]+)?)(?:(?:'|’)ll|(?:'|’)s|(?:'|’)re)?\s+)?(?:also |both |all )?`;
const MAY = new RegExp(
  [
    // “will sit on keep warm for half an hour”, “can wait 30 minutes”
    String.raw`${SUBJECT}(?:will|can|could|may|would)\s+(?:[\p{L}]+ly\s+|also\s+)?(?:sit|wait|stand|hold|keep|stay)\b`,
    String.raw`^(?:and |but )?(?:it|they|this|that)(?:'|’)ll\s+(?:[\p{L}]+ly\s+)?(?:sit|wait|stand|hold|keep|stay)\b`,
    // “happy to wait on keep warm for an hour”, “fine for a day in the fridge”
    String.raw`${SUBJECT}(?:is |are |quite |perfectly |very )*(?:happy|fine|ok|okay|good|content|all right)\s+(?:to\s+(?:sit|wait|stand|hold|keep|stay|be left)\b|(?:for|on|in|at|up to|warm|cold|left)\b)`,
    // “keeps warm with a lid on for 20 minutes”, “holds well for an hour”
    String.raw`${SUBJECT}(?:happily\s+)?(?:keeps|holds|waits)\b`,
    String.raw`^(?:and |but )?(?:they|these|those)\s+(?:happily\s+)?(?:keep|hold|wait)\b`,
    String.raw`${SUBJECT}(?:happily\s+(?:sits|stands|stays)|(?:sits|stands|stays)\s+(?:happily|well|fine))\b`,
    // “won’t wait: 10 minutes”, “hold covered up to 1 hr”
    String.raw`${SUBJECT}(?:does|do|will|can)(?:n(?:'|’)t| not)\s+(?:wait|hold|keep|sit)\b`,
    String.raw`^(?:and |but )?(?:it |they )?won(?:'|’)t\s+(?:wait|hold|keep|sit)\b`,
    String.raw`^(?:and |then )?hold\b(?=.*\b(?:up to|no more than|at most|max)\b)`,
    // “overnight is even better”
    String.raw`^(?:or |and |but )?overnight(?:'s| is|,)?\s+(?:is\s+)?(?:even\s+)?(?:better|best|ideal|preferred|preferable|preferably|if)\b`,
    // “leave at least an hour, better overnight”
    String.raw`^(?:or |and |but )?(?:even )?(?:better|best|ideally|preferably)(?: still)?,? overnight\b`,
    // “best within 2 hours”, “eat within the hour”
    String.raw`${SUBJECT}(?:is |are )?(?:at its |at their )?(?:best|better|good|nicest|eat|serve|eaten|served|use|used)(?:\s+(?:eaten|served))?\s+within\b`,
  ].join('|'),
  'iu',
);

/**
 * A clause that says how long the dish may wait, and no work.
 *
 * @example allowsWaiting('keeps warm with a lid on for 20 minutes') // true
 */
export const allowsWaiting = (clause: string): boolean =>
  MAY.test(clause) && !saysPressure(clause) && !saysNatural(clause) && !saysQuick(clause);

const HOURS = /\b(?:for|a few|several|a couple of|couple of) hours\b/i;
const SEVERAL_HOURS_MIN = 240;

/** Minutes that clauses allow it to wait, the least of them; null where none says. */
export function minutesAllowed(clauses: readonly string[]): number | null {
  const said = clauses.filter(allowsWaiting).flatMap((clause) => {
    const [time] = findDurations(clause);
    if (time && time.from >= 1) return [Math.round(time.from)];
    if (/\bwithin the hour\b/i.test(clause)) return [60];
    return HOURS.test(clause) ? [SEVERAL_HOURS_MIN] : [];
  });
  return said.length > 0 ? Math.min(...said) : null;
}
