import { parse } from 'csv-parse/sync';
import { refuseFile } from '../http/refuseFile.js';

/** A CSV as it was read: the names of its head in small letters, and each row's cells by them. */
export interface CsvTable {
  readonly names: readonly string[];
  readonly rows: readonly Readonly<Record<string, string>>[];
}

/**
 * Reads a CSV with a head; one that cannot be read as a whole is refused.
 *
 * @param needed a column without which it is not the file that is meant
 * @param most rows that are read; a longer file is refused before the rest is looked at
 */
export function readTable(text: string, needed: string, most: number): CsvTable {
  let lines: string[][];
  try {
    const options = {
      ...{ delimiter: delimiterOf(text), relax_column_count: true, skip_empty_lines: true },
      // The head, and one too many to tell by.
      to: most + 2,
    };
    lines = parse(text, options);
  } catch (fault) {
    throw refuseFile(fault instanceof Error ? fault.message : String(fault), 'a CSV file');
  }
  const [head = [], ...rest] = lines;
  if (rest.length > most) throw refuseFile(`more than ${most} rows`, `up to ${most} at once`);
  const names = head.map((name) => name.trim().toLowerCase());
  if (!names.includes(needed))
    throw refuseFile(`a file without the column ${needed}`, 'a head as docs/file-formats.md has it');
  return {
    names,
    rows: rest.map((cells) => Object.fromEntries(names.map((name, at) => [name, cells[at] ?? '']))),
  };
}

/** Whatever stands most between the names of the head: a shop that writes a decimal comma separates by semicolons. */
export function delimiterOf(text: string): string {
  const head = text.slice(0, text.search(/\r?\n|$/));
  const count = (sign: string) => head.split(sign).length;
  return [',', ';', '\t'].reduce((best, sign) => (count(sign) > count(best) ? sign : best));
}
