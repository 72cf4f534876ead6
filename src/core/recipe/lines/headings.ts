/** Headings that say what the lines under them are. */

export type Part = 'ingredients' | 'method' | 'notes';

const HEADINGS: readonly (readonly [RegExp, Part])[] = [
  [
    /^(?:the )?ingredients?\b.{0,40}$|^you(?:'|’)?(?:ll)? (?:will )?need\b.{0,20}$|^what (?:goes in|you(?:'|’)?(?:ll)? need|you need).{0,20}$|^shopping(?: list)?\b.{0,12}$/i,
    'ingredients',
  ],
  [
    /^(?:the )?(?:directions?|methods?|instructions?|steps|preparation(?!\s*(?:time)?\s*:?\s*\d)(?! time)|how to(?: (?:make|cook)(?: it)?)?(?! \w)|(?:how|do)(?!\s*\S)|how you make it|what to do|procedure|to make(?! (?:it )?(?:ahead|in advance))|here(?:'|’)?s how|let(?:'|’)?s cook|making it|make it)\b[^.]{0,24}$|^cooking$/i,
    'method',
  ],
  [
    /^(?:recipe )?(?:notes?|tips?(?: (?:and|&) tricks)?|cook(?:'|’)?s notes?|storage|storing|to store|leftovers|nutrition(?:al)?(?: \w+)?|remarks?|variations?|substitutions?|(?:to )?make(?: it)?[- ](?:ahead|in advance)|comments?|related(?: recipes)?|more recipes|you might (?:also )?like|\d+ (?:thoughts?|comments?|responses?)\b.*)\b.{0,24}$/i,
    'notes',
  ],
];

/** What part a line announces; null for a line that is no heading. */
export function headingOf(line: string): Part | null {
  const bare = line.replace(/[#*_=:]+/g, ' ').trim();
  if (bare.length > 60 || /[.!?]$/.test(bare)) return null;
  return HEADINGS.find(([pattern]) => pattern.test(bare))?.[1] ?? null;
}

const DAY =
  /^(?:on )?(?:the )?(?:(?:day|night|evening) before|(?:next|same) day|day of(?: serving)?|on the (?:day|night)|day \d|to (?:cook|finish|serve)|cooking day)\s*[:.–—-]?$/i;

/** Whether a line only says on which day the lines under it are done: “Day before”, “On the day”. */
export const isDayHeading = (line: string): boolean => DAY.test(line.trim());

/** “Day before”, in its own words; '' for a heading of another day. */
export const dayBefore = (line: string): string =>
  /(?:day|night|evening) before/i.exec(line)?.[0] ?? '';
