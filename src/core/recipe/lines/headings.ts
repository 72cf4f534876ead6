/** Headings that say what the lines under them are. */

export type Part = 'ingredients' | 'method' | 'notes';

const HEADINGS: readonly (readonly [RegExp, Part])[] = [
  [
    /^(?:the )?ingredients?\b.{0,40}$|^you(?:'|’)?(?:ll)? (?:will )?need\b.{0,20}$|^what (?:goes in|you(?:'|’)?(?:ll)? need|you need).{0,20}$|^shopping(?: list)?\b.{0,12}$/i,
    'ingredients',
  ],
  [
    /^(?:the )?(?:directions?|methods?|instructions?|steps|preparation|how to (?:make|cook)(?: it)?|what to do|procedure|to make|here(?:'|’)?s how|let(?:'|’)?s cook|making it|make it)\b[^.]{0,24}$|^cooking$/i,
    'method',
  ],
  [
    /^(?:recipe )?(?:notes?|tips?(?: (?:and|&) tricks)?|cook(?:'|’)?s notes?|storage|storing|to store|leftovers|nutrition(?:al)?(?: \w+)?|remarks?|variations?|substitutions?|make[- ]ahead|comments?|related(?: recipes)?|more recipes|you might (?:also )?like|\d+ (?:thoughts?|comments?|responses?)\b.*)\b.{0,24}$/i,
    'notes',
  ],
];

/** What part a line announces; null for a line that is no heading. */
export function headingOf(line: string): Part | null {
  const bare = line.replace(/[#*_=:]+/g, ' ').trim();
  if (bare.length > 60 || /[.!?]$/.test(bare)) return null;
  return HEADINGS.find(([pattern]) => pattern.test(bare))?.[1] ?? null;
}
