import iconv from 'iconv-lite';
import { wellFormed } from '../http/asStored.js';

/**
 * The text of a file that people keep: UTF-8, with or without its mark; else as spreadsheets of Western Europe write it
 * (Windows-1252), in which every byte is a letter.
 */
export function decodeText(bytes: Uint8Array): string {
  return wellFormed(decoded(bytes));
}

function decoded(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    // Node.js decodes its own "windows-1252" as Latin-1 in some versions: the euro sign is lost.
    return iconv.decode(Buffer.from(bytes), 'windows-1252');
  }
}
