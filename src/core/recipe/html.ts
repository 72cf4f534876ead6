/** A saved page: its recipe data, or the text of its main part. No script, style or markup comes through. */
import { DomUtils, parseDocument } from 'htmlparser2';
import { rowLine } from './cells';

/** A node of a page, as the package parses it. */
type Node = ReturnType<typeof parseDocument>['children'][number];
type Element = Extract<Node, { attribs: unknown }>;
type Text = Extract<Node, { data: string }>;

export interface Page {
  /** Blocks of `application/ld+json`, as text. */
  data: string[];
  /** Recipes marked up as microdata, by property, a line for each block. */
  microdata: Record<string, string[]>[];
  /** Text of the main part, a line for each block; a first heading begins with “# ”. */
  text: string;
  title: string;
}

const HIDDEN = new Set(
  'script style noscript template svg head iframe object form button select textarea dialog nav footer aside video audio canvas map'.split(
    ' ',
  ),
);
const BLOCKS = new Set(
  'p div li ul ol br h1 h2 h3 h4 h5 h6 tr section article header footer main aside dd dt dl blockquote figcaption figure table address hr pre label'.split(
    ' ',
  ),
);
const HEADINGS = /^h[1-6]$/;
/** Parts of a page that are about other things than its recipe. */
const BESIDE =
  /(?:^|[-_ ])(?:comments?|respond|replies|reviews?|related|recommend\w*|cookies?|consent|privacy|newsletter|subscribe|signup|sidebar|share|sharing|social|breadcrumbs?|menu|navbar|navigation|promo|adverts?|ads?|sponsor\w*|popup|modal|ratings?|skip|jump|print)(?:[-_ ]|$)/i;
const WHOLE = new Set(['html', 'body', 'main', 'article']);
const RECIPE_TYPE = /schema\.org\/recipe\b/i;
const SHORTEST_MAIN = 200;

const isText = (node: Node): node is Text => node.type === 'text';
const isElement = (node: Node): node is Element => 'attribs' in node;

function isBeside(node: Element): boolean {
  if (HIDDEN.has(node.name)) return true;
  const { class: classes = '', id = '', hidden, style = '' } = node.attribs;
  if (hidden !== undefined || /display\s*:\s*none/i.test(style)) return true;
  return !WHOLE.has(node.name) && (BESIDE.test(classes) || BESIDE.test(id));
}

/** Before each cell of a row; no character of any text. */
const CELL = '\u0001';

/** Lines of visible text, one for each block and each row of a table. */
function linesOf(nodes: readonly Node[], isAll = false): string[] {
  const lines: string[] = [];
  let line = '';
  const breakLine = (): void => {
    const clean = rowLine(line.split(CELL)).replace(/\s+/g, ' ').trim();
    if (clean) lines.push(clean);
    line = '';
  };
  // A page may nest deeper than a stack is high.
  const work: (Node | (() => void))[] = [...nodes].reverse();
  for (let node = work.pop(); node !== undefined; node = work.pop()) {
    if (typeof node === 'function') {
      node();
      continue;
    }
    if (isText(node)) {
      line += node.data;
      continue;
    }
    if (!isElement(node) || (isAll ? HIDDEN.has(node.name) : isBeside(node))) continue;
    const isBlock = BLOCKS.has(node.name);
    if (isBlock) breakLine();
    if (HEADINGS.test(node.name) && !isAll) {
      const heading = linesOf(node.children, true).join(' ');
      if (heading) lines.push('', node.name === 'h1' ? `# ${heading}` : heading);
      continue;
    }
    if (node.name === 'td' || node.name === 'th') line += CELL;
    else if (node.name === 'span') line += ' ';
    if (isBlock) work.push(breakLine);
    for (let i = node.children.length - 1; i >= 0; i--) work.push(node.children[i] as Node);
  }
  breakLine();
  return lines;
}

/** The part of the page that its recipe is in: the fullest article or main part, else all of it. */
function mainPart(root: readonly Node[]): readonly Node[] {
  const parts = DomUtils.findAll(
    (node) => node.name === 'main' || node.name === 'article',
    [...root],
  ).filter((node) => !isBeside(node as Element));
  const sized = parts
    .map((node) => ({ node, size: linesOf([node as Node]).join(' ').length }))
    .filter(({ size }) => size >= SHORTEST_MAIN)
    .sort((a, b) => b.size - a.size);
  return sized[0] ? [sized[0].node as Node] : root;
}

function microdataOf(root: readonly Node[]): Record<string, string[]>[] {
  return DomUtils.findAll((node) => RECIPE_TYPE.test(node.attribs.itemtype ?? ''), [...root]).map(
    (recipe) => {
      const found: Record<string, string[]> = {};
      for (const node of DomUtils.findAll(
        (n) => n.attribs.itemprop !== undefined,
        recipe.children,
      )) {
        const { itemprop = '', content } = node.attribs;
        const lines = content === undefined ? linesOf([node as Node], true) : [content];
        for (const name of itemprop.split(/\s+/)) found[name] = [...(found[name] ?? []), ...lines];
      }
      return found;
    },
  );
}

/** Reads a page. Never fails: what is no markup is text. */
export function readPage(html: string): Page {
  const root = parseDocument(html, { decodeEntities: true, lowerCaseTags: true }).children;
  const scripts = DomUtils.findAll(
    (node) => node.name === 'script' && /ld\+json/i.test(node.attribs.type ?? ''),
    root,
  );
  const [title] = DomUtils.findAll((node) => node.name === 'title', root);
  return {
    data: scripts.map((node) => DomUtils.textContent(node)),
    microdata: microdataOf(root),
    text: linesOf(mainPart(root)).join('\n').trim(),
    title: title ? siteless(DomUtils.textContent(title).replace(/\s+/g, ' ').trim()) : '',
  };
}

/** “Barley soup | A kitchen”: the page's name without its site's. */
const siteless = (title: string): string => title.split(/\s+[|•·–—]\s+/)[0] ?? title;

/** Text without markup and with its entities read; a line for each block. */
export function plain(text: string): string {
  if (!/[<&]/.test(text)) return text.trim();
  return linesOf(parseDocument(text, { decodeEntities: true }).children, true).join('\n');
}
