/** What a text says is done in the middle of a step: “basting halfway”, “stir twice”, “uncover for the last 15 minutes”. */
import { MOST_TURNS, type Stage } from '../dish';
import { findDurations, type Duration } from './durations';

type Turn = NonNullable<Stage['turns']>[number];

const VERBS: readonly (readonly [RegExp, string])[] = [
  [/^bast/i, 'Baste it'],
  [/^brush/i, 'Brush it'],
  [/^(?:turn|flip|rotat)/i, 'Turn it'],
  [/^stir/i, 'Stir'],
  [/^shak/i, 'Shake it'],
];
const OFTEN =
  /\b(bast(?:e|ing)|brush(?:ing)?|turn(?:ing)?|flip(?:ping)?|rotat(?:e|ing)|stir(?:ring)?|shak(?:e|ing))\b(?! (?:off|on|out|it off|down|up|in)\b)[^.;]{0,30}?\b(half-?way|half way|midway|once|twice|three times|every (\d+) min\w*)/gi;
const BARE =
  /\b(?:uncover(?:ing|ed)?|(?:remove|take off|lift off) the (?:foil|lid|cover))\b[^.;]{0,40}?\b(?:(?:for|during|in) the last|after)( the first)? (\d+) min/i;
const HALFWAY_FIRST = /\bhalf-?way\b[^.;]{0,20}?\b(bast|turn|flip|rotat|stir|shak)\w*/i;

const nameOf = (verb: string): string => VERBS.find(([p]) => p.test(verb))?.[1] ?? 'Turn it';

/** The same thing at even parts of the time. */
const even = (text: string, times: number): Turn[] =>
  Array.from({ length: times }, (_, i) => ({ text, at: (i + 1) / (times + 1) }));

/** “Unwrap, baste and roast 30 minutes more”: what is done between two parts of one step. */
const BETWEEN: readonly (readonly [RegExp, string])[] = [
  [
    /\b(?:unwrap|uncover|(?:remove|take off|lift off) the (?:foil|lid|cover))/i,
    'Take the cover off',
  ],
  [/\b(?:foil|lid|cover) off\b/i, 'Take the cover off'],
  [/\b(?:cover|wrap)\b|\b(?:foil|lid|cover) on\b/i, 'Cover it'],
  [/\b(?:turn|flip)\b(?! (?:down|up|off|on|the (?:heat|oven)))/i, 'Turn it'],
  [/\b(?:baste|brush|glaze)\b/i, 'Baste it'],
  [/\bstir\b/i, 'Stir'],
  [/\badd\b/i, 'Add what comes now'],
];

/**
 * @param minutes that the whole takes
 * @returns what is done in between, in order; empty where the text names nothing
 */
export function turnsIn(text: string, minutes: number): Turn[] {
  const parts = partsOf(text, minutes);
  if (parts.length < 2) return turnsOfOne(text, minutes);
  const turns = parts.flatMap(({ text: part, from, length }, i) => {
    const between = i === 0 ? undefined : BETWEEN.find(([p]) => p.test(part))?.[1];
    return [
      ...(between === undefined ? [] : [{ text: between, at: from / minutes }]),
      ...turnsOfOne(part, length).map((t) => ({ ...t, at: (from + t.at * length) / minutes })),
    ];
  });
  return turns.slice(0, MOST_TURNS);
}

/** Parts with a time of their own that are the whole together: “roast 75 minutes. Unwrap, roast 30 more.” */
function partsOf(text: string, minutes: number): { text: string; from: number; length: number }[] {
  const times = findDurations(text).filter(
    (d) => !/\b(?:every|last|final|after|first)\s+(?:the first )?$/i.test(text.slice(0, d.start)),
  );
  // What comes before it in the same words is of another step.
  while (times.length > 0 && sumOf(times) > minutes + 0.5) times.shift();
  if (Math.round(sumOf(times)) !== minutes) return [];
  let [begin, from] = [0, 0];
  return times.map((time, i) => {
    const next = times[i + 1];
    const end = next ? time.end + cutIn(text.slice(time.end, next.start)) : text.length;
    const part = { text: text.slice(begin, end), from, length: time.from };
    [begin, from] = [end, from + time.from];
    return part;
  });
}

const sumOf = (times: readonly Duration[]): number => times.reduce((all, d) => all + d.from, 0);

/** Where between two times the words of the second begin. */
function cutIn(between: string): number {
  const cuts = [...between.matchAll(/[.;]\s|,?\s(?:and )?then\s/gi)];
  return cuts.at(-1)?.index ?? 0;
}

function turnsOfOne(text: string, minutes: number): Turn[] {
  const found: Turn[] = [];
  for (const [, verb = '', often = '', each] of text.matchAll(OFTEN)) {
    const name = nameOf(verb);
    const gap = Number(each);
    if (/^every/i.test(often)) {
      const times = gap > 0 ? Math.ceil(minutes / gap) - 1 : 0;
      if (times >= 1 && times <= MOST_TURNS)
        found.push(
          ...Array.from({ length: times }, (_, i) => ({
            text: name,
            at: ((i + 1) * gap) / minutes,
          })),
        );
    } else found.push(...even(name, /twice/i.test(often) ? 2 : /three/i.test(often) ? 3 : 1));
  }
  if (found.length === 0) {
    const [, verb] = HALFWAY_FIRST.exec(text) ?? [];
    if (verb !== undefined) found.push({ text: nameOf(verb), at: 0.5 });
  }
  const bare = BARE.exec(text);
  const at = Number(bare?.[2]);
  if (bare && at > 0 && at < minutes) {
    const isFirst = /\bafter\b/i.test(bare[0]);
    found.push({ text: 'Take the cover off', at: isFirst ? at / minutes : 1 - at / minutes });
  }
  return found.sort((a, b) => a.at - b.at).slice(0, MOST_TURNS);
}
