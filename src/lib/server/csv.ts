/** Rows as CSV (RFC 4180), safe to open in a spreadsheet. */
import Papa from 'papaparse';

/** Whatever follows, line breaks as well: a cell that begins so would be run as a formula. */
const FORMULA = /^[=+\-@\t\r]/;

/** @returns rows as CSV, with what a spreadsheet would take for a formula made harmless */
export function toCsv(rows: readonly Record<string, unknown>[]): string {
  return Papa.unparse([...rows], { escapeFormulae: FORMULA });
}
