/** A saved page: its recipe data, or its visible text. No script, style or markup comes through. */
import { Parser } from 'htmlparser2';

export interface Page {
  /** Blocks of `application/ld+json`, as text. */
  data: string[];
  /** Visible text, a line for each block. */
  text: string;
  title: string;
}

const HIDDEN = new Set([
  'script',
  'style',
  'noscript',
  'template',
  'svg',
  'head',
  'iframe',
  'object',
]);
const BLOCKS = new Set([
  'p',
  'div',
  'li',
  'ul',
  'ol',
  'br',
  'h1',
  'h2',
  'h3',
  'h4',
  'h5',
  'h6',
  'tr',
  'section',
  'article',
  'header',
  'footer',
  'main',
  'aside',
  'dd',
  'dt',
  'blockquote',
  'figcaption',
  'table',
]);

/** Reads a page. Never fails: what is no markup is text. */
export function readPage(html: string): Page {
  const data: string[] = [];
  const lines: string[] = [];
  let line = '';
  let title = '';
  let hidden = 0;
  let inside: 'data' | 'title' | null = null;
  let block = '';
  const breakLine = (): void => {
    const clean = line.replace(/\s+/g, ' ').trim();
    if (clean) lines.push(clean);
    line = '';
  };
  const parser = new Parser(
    {
      onopentag(name, attributes) {
        if (name === 'title') inside = 'title';
        if (name === 'script' && /ld\+json/i.test(attributes.type ?? '')) {
          inside = 'data';
          block = '';
        }
        if (HIDDEN.has(name)) hidden++;
        if (BLOCKS.has(name)) breakLine();
        if (name === 'td' || name === 'th') line += ' ';
      },
      ontext(text) {
        if (inside === 'data') block += text;
        else if (inside === 'title') title += text;
        else if (hidden === 0) line += text;
      },
      onclosetag(name) {
        if (inside === 'data' && name === 'script') {
          data.push(block);
          inside = null;
        }
        if (name === 'title') inside = null;
        if (HIDDEN.has(name)) hidden = Math.max(0, hidden - 1);
        if (BLOCKS.has(name)) breakLine();
      },
    },
    { decodeEntities: true, lowerCaseTags: true },
  );
  parser.write(html);
  parser.end();
  breakLine();
  return { data, text: lines.join('\n'), title: title.replace(/\s+/g, ' ').trim() };
}

/** Text without markup and with its entities read; a line for each block. */
export function plain(text: string): string {
  return /[<&]/.test(text) ? readPage(text).text : text.trim();
}
