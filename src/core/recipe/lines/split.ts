/** A text as lines: their marks, boxes and bold taken off, long paragraphs as sentences, each with where it stands. */
import { rowLine } from '../cells';
import { toSentences } from '../sentences';
import { VERB_FIRST, type Line } from './features';
import { columns, unpack } from './packed';

const STEP_MARK =
  /^\s*(?:[Ss](?:tep|TEP)\s*\d+\s*[:.)–—-]?|\d{1,2}\s*[.)]\s+|\d{1,2}\s+[-–]\s+(?=[A-Z])|[ivx]{1,4}[.)]\s+(?=\p{Lu})|\d{1,2}\s?\/\s+(?=\p{Lu})|\(?[a-l]\)\s+)/u;
/** “1  Dice the beetroot”: a number and a wide gap, where work follows; “3  T olive oil” is an amount. */
const GAP_MARK = /^\s*\d{1,2}(?:\s{2,}|\t+)(?=\p{Lu})/u;
const BULLET = /^\s*(?:[•*▪◦‣∙·–-]\s+|[●○◯■►▶❖✦→➔➜⇒]\s*)/;
/** A box to tick in front of a line. */
const TICK_BOX = /^\s*(?:[•*▪◦–-]\s+)?(?:\[[ xX✓]?\]|[☐☑☒▢□◻◽⬜✓✔])\s*/;
/** Bold as marked in plain text: it says nothing. */
const EMPHASIS = /\*\*|__/g;
/** Slanted: “*High, 6 min.*”, “_serves 4_”. */
const SLANTED = /(?<=^|[\s(])([*_])(?=\S)([^*_]*\S)\1(?=$|[\s.,;:!?)])/g;
const SUBJECT = /^subject:\s*\S/i;
const HASHES = /^#{1,6}\s+/;
/** Dots that lead the eye to an amount: “Arborio . . . . . 300 g”. */
const LEADERS = /(?:\s\.){2,}\s*|\s*\.{4,}\s*|(?<=[\p{L})])(?:\s{4,}|\t+\s*)(?=[\d½¼¾⅓⅔])/gu;
const IMAGE = /!\[[^\]]*\]\([^)]*\)/g;
/** A row of a table: “| Serves | 5 |”. */
const unTabled = (text: string): string =>
  /^\|.*\|$/.test(text.trim()) ? rowLine(text.split('|')) : text;
/** The second a sentence was said at. */
const TIME_MARK = /^\s*\[?\(?\d{1,2}:\d{2}(?::\d{2})?\)?\]?\s+/;
/** A line of more sentences than that is a paragraph, and each sentence counts by itself. */
const PARAGRAPH = 2;
const SHORTEST_PARAGRAPH = 70;

function markOf(text: string): { mark: Line['mark']; bare: string } {
  const timed = text.replace(TIME_MARK, '').replace(/^[QA]:\s+/, '');
  const box = TICK_BOX.exec(timed);
  if (box) return { mark: 'bullet', bare: timed.slice(box[0].length) };
  // “Subject: Fwd: …” is what a letter is about.
  if (SUBJECT.test(timed)) return { mark: 'title', bare: timed };
  const hashes = HASHES.exec(timed);
  if (hashes) return { mark: 'title', bare: timed.slice(hashes[0].length) };
  const gap = GAP_MARK.exec(timed);
  const number =
    STEP_MARK.exec(timed) ??
    (gap && VERB_FIRST.test(timed.slice(gap[0].length).replace(/^\p{L}+ly\s+/u, '')) ? gap : null);
  if (number) return { mark: 'number', bare: timed.slice(number[0].length) };
  const bullet = BULLET.exec(timed);
  return bullet
    ? { mark: 'bullet', bare: timed.slice(bullet[0].length) }
    : { mark: 'none', bare: timed };
}

const BARE_NUMBER = /^\s*(\d{1,2})\s+(?=[\p{Lu}])/u;

/** Nothing but empty lines stands between two rows. */
const isNext = (lines: readonly string[], row: number, before = -1): boolean =>
  lines.slice(before + 1, row).every((line) => line.trim() === '');

/**
 * “1 Pat the pork dry”, “2 Press CANCEL”: lines that count up from one, most of them work, are numbered, though no stop
 * says so.
 *
 * @returns the lines that are
 */
function numberedLines(lines: readonly string[]): ReadonlySet<number> {
  const found: number[] = [];
  let works = 0;
  for (const [i, line] of lines.entries()) {
    const mark = BARE_NUMBER.exec(line);
    if (!mark || Number(mark[1]) !== found.length + 1) continue;
    found.push(i);
    if (VERB_FIRST.test(line.slice(mark[0].length))) works++;
  }
  const isRun =
    found.length >= 4 && found.every((row, i) => i === 0 || isNext(lines, row, found[i - 1]));
  return new Set(found.length >= 3 && (isRun || works > found.length / 2) ? found : []);
}

/** Lines of a text, and the sentences of its paragraphs, with where they stand in it. */
export function linesOf(source: string): Line[] {
  const lines: Line[] = [];
  let at = 0;
  let afterGap = false;
  const rows = source.split('\n');
  const numbered = numberedLines(rows);
  for (const [row, raw] of rows.entries()) {
    const start = at;
    at += raw.length + 1;
    const { mark, bare } = markOf(
      numbered.has(row) ? raw.trim().replace(BARE_NUMBER, '$1. ') : raw.trim(),
    );
    const text = unTabled(
      bare
        .replace(EMPHASIS, '')
        .replace(SLANTED, '$2')
        .replace(IMAGE, '')
        .replace(LEADERS, ' ... '),
    ).trim();
    // A line drawn under a title holds nothing.
    if (!/[\p{L}\d]/u.test(text)) {
      afterGap = true;
      continue;
    }
    const whole = { start, end: start + raw.length };
    const packed = columns(bare) ?? unpack(text, lines.length === 0);
    // Where marks and bold were taken out, a part is found by its words.
    let seen = start;
    for (const [part, { text: own }] of packed.entries()) {
      const found = packed.length === 1 ? start : source.indexOf(own, seen);
      const begin = found < 0 ? seen : found;
      const span = packed.length === 1 ? whole : { start: begin, end: begin + own.length };
      seen = span.end;
      pushLine(lines, source, own, span, part === 0 ? mark : 'none', afterGap && part === 0);
    }
    afterGap = false;
  }
  return lines;
}

/** Where a sentence stands: its letters come in their order, with stops and blanks that reading took out between. */
function spanOf(
  source: string,
  from: number,
  to: number,
  sentence: string,
): { start: number; end: number } {
  let [start, at] = [-1, from];
  for (const letter of sentence.replace(/[\s.]/g, '')) {
    const found = source.indexOf(letter, at);
    if (found < 0 || found >= to) break;
    if (start < 0) start = found;
    at = found + letter.length;
  }
  return { start: start < 0 ? from : start, end: at };
}

/** “Tips: Double it? Same time. For 8 qt pots …”: all of it is a note. */
const NOTE_HEAD =
  /^(?:\w+['’]s )?(?:tips?|notes?|storage|variations?|to (?:store|freeze|reheat)|(?:to )?(?:make|do|get|prepare|cook)(?: it| this)?[- ](?:ahead|in advance)|substitut\w+|leftovers|serving suggestions?|freez(?:e|er|ing)|stor(?:e|ing)|reheat(?:ing)?|swaps?|vegetarian|vegan|gluten[- ]free|dairy[- ]free|wine)\s*:/i;

/** A line, or each sentence of a paragraph. */
function pushLine(
  lines: Line[],
  source: string,
  text: string,
  span: { start: number; end: number },
  mark: Line['mark'],
  afterGap: boolean,
): void {
  const { start } = span;
  const sentences =
    text.length > SHORTEST_PARAGRAPH && mark !== 'number' && !NOTE_HEAD.test(text)
      ? toSentences([text])
      : [];
  if (sentences.length >= PARAGRAPH) {
    let from = start;
    const spans = sentences.map((sentence) => {
      const found = spanOf(source, from, span.end, sentence);
      from = found.end;
      return found;
    });
    for (const [i, sentence] of sentences.entries())
      lines.push({
        text: sentence,
        start: spans[i]?.start ?? start,
        end: spans[i + 1]?.start ?? span.end,
        isSentence: true,
        mark: i === 0 ? mark : 'none',
        afterGap: afterGap && i === 0,
      });
  } else lines.push({ text, ...span, isSentence: false, mark, afterGap });
}
