/** Times and temperatures as people write them. */
import { G_PER_LB } from '../facts';
import { keptByText, NUMBER, toNumber } from '../units';

export interface Duration {
  /** Minutes, from and to. */
  from: number;
  to: number | null;
  /** Where it stands in the text. */
  start: number;
  end: number;
  /** Given for each pound or kilogram, as minutes a pound. */
  perPound: number | null;
}

const MINUTES: Readonly<Record<string, number>> = { s: 1 / 60, m: 1, h: 60, d: 1440 };
/** “A minute or two”: one to two. */
const OR_TWO =
  /(?<!\b(?:half|quarter of|three[- ]quarters of)\s)\b(?:a|an)\s+(second|minute|hour)\s+or\s+(two|so)\b/gi;
const KG_IN_LB = 1000 / G_PER_LB;

/** “another minute” is one; “a minute” too. */
const ONE = String.raw`\b(?:an?|another|one more|a further|a single)\b`;
const COUNT = `(?:${NUMBER}|${ONE})`;
const UNIT = String.raw`(seconds\b|second\b(?!\s+(?:pot|cooker|pan|saucepan|skillet|bowl|batch|lot|go|time|run|liner|one|dish|lid|piece|half|layer|small|large|inner|clean))|secs?\b|minutes?\b|mins?\b|mts\b|m\b|hours?\b|hrs?\b|h\b|days?\b|['’′](?![\w'’′]))`;
const MORE = String.raw`(?:(?:more|additional|extra|further|full|whole|good|short|odd|solid)\s+)*`;
const SPAN = new RegExp(
  String.raw`(?<![\p{L}\d.,/])(${COUNT})(?:[- ]?ish|\s+or\s+so)?\s*(?:(?:-|–|—|to|or)\s*(${NUMBER})\s*)?[- ]?(?:or so )?${MORE}${UNIT}\.?(?:\s*(?:and|,)?\s*(?:(an?\s+)?(half|quarter)\b(?!\s+(?:the|of|an?|cup|lb|pound|kilo|litre|pint|tea|table))|(${NUMBER})\s*(?:minutes?|mins?|m)\b))?`,
  'giu',
);
const AND_ODD = new RegExp(
  String.raw`^\s+(?:and\s+)?(${NUMBER})(?=\s*(?:$|[.,;)]|on\b|at\b|under\b))`,
  'iu',
);
const PER_WEIGHT =
  /^\s*(?:per|a|to the|to a|for each|for every|each|every|\/)\s*(pound|lb|kilo(?:gram)?|kg|500 ?g)/i;

function unitMinutes(unit: string): number {
  return MINUTES[unit[0]?.toLowerCase() ?? 'm'] ?? 1;
}

const countOf = (text: string): number =>
  new RegExp(`^${ONE}$`, 'i').test(text.trim()) ? 1 : toNumber(text);

/** “1h15” and “2 h 05”: hours with minutes behind them and no unit. */
const HOURS_MINUTES =
  /\b(\d{1,2})\s?h(?:ours?|rs?)?\.?\s?(\d{1,2})\b(?!\s*(?:[mh]|°|g\b|-|\.\d))/gi;

const FOR_LATER =
  /\b(?:keep|save|saving|reserve|freeze|use|use up|put by|set aside)\b[^.]*\bfor $/i;

/** “0:25” on a timer. */
const TIMER = /(?<![\d:.])(0{1,2}):([0-5]\d)(?![\d:])/g;

/** “PRESSURE COOK / HIGH / 10:00”: minutes and seconds on the display. */
const DISPLAY =
  /(?<=\b(?:pressure(?: cook)?|manual|high|low|timer|set (?:it |the timer )?(?:to|for)|for)\W{1,3})([1-9]\d?):00(?!\s*(?:[ap]\.?m\b|o['’]clock|h\b|\d))/gi;

function hoursAndMinutes(text: string): Duration[] {
  const whole = (match: RegExpExecArray, from: number): Duration => ({
    from,
    to: null,
    start: match.index,
    end: match.index + match[0].length,
    perPound: null,
  });
  return [
    ...[...text.matchAll(HOURS_MINUTES), ...text.matchAll(TIMER)].map((match) =>
      whole(match, Number(match[1]) * 60 + Number(match[2])),
    ),
    ...[...text.matchAll(DISPLAY)].map((match) => whole(match, Number(match[1]))),
  ];
}

function orTwo(text: string): Duration[] {
  return [...text.matchAll(OR_TWO)].map((match) => {
    const size = unitMinutes(match[1] ?? 'm');
    return {
      from: size,
      to: /two/i.test(match[2] ?? '') ? 2 * size : null,
      start: match.index,
      end: match.index + match[0].length,
      perPound: null,
    };
  });
}

/** “4/5 mins”: four or five. A half, two thirds and three quarters of an hour are what they say. */
const FOUR_FIVE = /(?<![\d.,/])(\d{1,2})\/(\d{1,2})\s?(?:minutes?|mins?)\b/gi;

function fourOrFive(text: string): Duration[] {
  return [...text.matchAll(FOUR_FIVE)].flatMap((match) => {
    const [from, to] = [Number(match[1]), Number(match[2])];
    if (from < 2 || to <= from || to > 2 * from) return [];
    return [{ from, to, start: match.index, end: match.index + match[0].length, perPound: null }];
  });
}

/** As long as a paragraph. */
const LONGEST_KEPT = 1000;

/**
 * Every time in a text, in order.
 *
 * @example findDurations('for 1 hour 10 minutes')[0]?.from // 70
 */
export const findDurations = keptByText((text: string): readonly Readonly<Duration>[] => {
  const found = [...hoursAndMinutes(text), ...orTwo(text), ...fourOrFive(text)];
  const joined = [...found];
  for (const match of text.matchAll(SPAN)) {
    const [all, first = '', second, unit = 'm', , part, more] = match;
    const start = match.index;
    const isHours = unitMinutes(unit) === 60;
    // “4 min, 5 min natural” are two: only hours have minutes behind them.
    const extra = isHours ? more : undefined;
    const next = more !== undefined && !isHours ? all.lastIndexOf(more) : -1;
    const whole = next < 0 ? all : all.slice(0, next).replace(/\s*(?:and|,)?\s*$/i, '');
    if (joined.some((d) => start < d.end && start + whole.length > d.start)) continue;
    // “Keep the heart for another day”: when it is used.
    if (/^another day\W?$/i.test(whole) && FOR_LATER.test(text.slice(0, start))) continue;
    // “a m” is no time: a word needs a written-out unit.
    if (/^[a-z]/i.test(first) && unit.length < 3) continue;
    const size = unitMinutes(unit);
    let from = countOf(first) * size;
    if (Number.isNaN(from)) continue;
    // “Reduce by half - 5 mins”: how far, and how long.
    if (
      second !== undefined &&
      /^half$/i.test(first) &&
      /\b(?:by|in|to) $/i.test(text.slice(0, start))
    )
      from = toNumber(second) * size;
    if (part) from += part.toLowerCase() === 'half' ? size / 2 : size / 4;
    if (extra) from += toNumber(extra);
    const to = second === undefined ? null : toNumber(second) * size;
    // “An hour and ten.”: the minutes of an hour need no name.
    const odd =
      size === 60 && !part && !extra ? AND_ODD.exec(text.slice(start + whole.length)) : null;
    if (odd) from += toNumber(odd[1] ?? '');
    const end = start + whole.length + (odd?.[0].length ?? 0);
    const weight = PER_WEIGHT.exec(text.slice(end));
    const isKilo = weight !== null && /^k/i.test(weight[1] ?? '');
    const isHalfKilo = weight !== null && /^500/.test(weight[1] ?? '');
    const factor = isKilo ? 1 / KG_IN_LB : isHalfKilo ? 2 / KG_IN_LB : 1;
    found.push({
      from,
      to: to !== null && to > from ? to : null,
      start,
      end: end + (weight?.[0].length ?? 0),
      perPound: weight ? from * factor : null,
    });
    if (next >= 0 && more !== undefined)
      found.push({
        ...{ from: toNumber(more), to: null, perPound: null },
        start: start + next,
        end: start + all.length,
      });
  }
  return asRanges(
    found.sort((a, b) => a.start - b.start),
    text,
  );
}, LONGEST_KEPT);

/** “A quarter of an hour or twenty minutes”: one time, from and to. */
function asRanges(found: readonly Duration[], text: string): Duration[] {
  const joined: Duration[] = [];
  for (const time of found) {
    const last = joined.at(-1);
    const between = last ? text.slice(last.end, time.start) : '';
    const isOr = /^\s+or\s+$/i.test(between);
    // “45 min to 1 hr”
    const isTo = /^\s*(?:to|-|–|—)\s*$/i.test(between);
    const isOne =
      (isOr || isTo) && last?.to === null && time.to === null && !last.perPound && !time.perPound;
    if (last && isOne && time.from > last.from && (isTo || time.from <= 2 * last.from))
      joined[joined.length - 1] = { ...last, to: time.from, end: time.end };
    else joined.push(time);
  }
  return joined;
}

const HEAT =
  /(?<![\d.])(\d{2,3})\s*(?:(?:°|º|degrees?|deg)\s*(c|f|celsius|fahrenheit)?\b|(c|f|celsius|fahrenheit)\b)|(?<![\d.])(\d{3})\s*(?:°|º|(?:in a )?fan\b)/i;
/** “Oven to 200”, “grill at 220”. */
const SETTING =
  /\b(?:oven|grill|broiler|pre-?heat(?:ed)?)\b[^.\d]{0,18}?(?:to|at)\s+(\d{3})\b(?!\s*(?:g|ml|min))/i;
const GAS_MARK = /\bgas(?:\s+mark)?\s*(\d{1,2})\b/i;
/** Gas marks 1 to 9, °C. @source the usual British oven table: mark 4 is 180 °C (350 °F), mark 6 is 200 °C (400 °F) */
const GAS_C = [140, 150, 170, 180, 190, 200, 220, 230, 240] as const;
/** What the middle of the food reads is no setting of an oven. */
const INSIDE =
  /\b(?:intern|reach|read|regist|thermomet|probe|thickest|centre|center|middle|inside|(?:at|near|by|next to) the bone|in the (?:breast|thigh|meat|flesh))/i;

/** An oven setting in a text, whole °C; null where there is none. */
export function findTemperature(text: string): number | null {
  const mark = GAS_C[Number(GAS_MARK.exec(text)?.[1] ?? 0) - 1];
  const heat = HEAT.exec(text);
  if (heat) {
    const around = text.slice(Math.max(0, heat.index - 60), heat.index + heat[0].length + 24);
    const value = Number(heat[1] ?? heat[4]);
    const letter = heat[2] ?? heat[3];
    // Without a letter, what no oven reaches in Celsius is Fahrenheit.
    const isF = letter ? /^f/i.test(letter) : value > 260;
    if (!INSIDE.test(around)) return Math.round(isF ? ((value - 32) * 5) / 9 : value);
  }
  if (mark !== undefined) return mark;
  const setting = Number(SETTING.exec(text)?.[1] ?? NaN);
  if (Number.isNaN(setting)) return null;
  return Math.round(setting > 260 ? ((setting - 32) * 5) / 9 : setting);
}
