import type { ContentText, Style } from 'pdfmake/interfaces.js';

/** The typeface has two files: one for most words, one for the letters of other languages that are written like ours. */
export const mainFont = 'Text';
export const moreLettersFont = 'MoreLetters';

/** Letters of the second file: those with marks that Latin-1 has no room for. */
const moreLetters =
  /[\u0100-\u02BA\u02BD-\u02C5\u02C7-\u02CC\u02CE-\u02D7\u02DD-\u02FF\u1E00-\u1E9F\u1EF2-\u1EFF]+/;
/** Letters with two marks, that neither file draws: they lose them. */
const bareLetters = /[\u1EA0-\u1EF1]/g;
/** Signs that neither file draws, and what stands for them. */
const substitutes: readonly (readonly [sign: RegExp, instead: string])[] = [
  [/[\u202F\u2007\u2009]/g, '\u00A0'],
  [/[\u03BC\u00B5]/g, 'u'],
  [/\u2265 ?/g, 'at least '],
  [/\u2264 ?/g, 'at most '],
];

/** A run of text that one file of the typeface can draw. */
interface TextRun {
  readonly text: string;
  readonly font: string;
}

/** Words as runs that the typeface can draw, in their order. */
export function textRuns(words: string): TextRun[] {
  const drawn = substitutes
    .reduce((text, [sign, instead]) => text.replace(sign, instead), words)
    .replace(bareLetters, (letter) => letter.normalize('NFD').charAt(0));
  return drawn
    .split(new RegExp(`(${moreLetters.source})`))
    .filter((part) => part !== '')
    .map((text) => ({ text, font: moreLetters.test(text) ? moreLettersFont : mainFont }));
}

/** Words on a page, in letters that the typeface has. */
export function printed(words: string, style: Style = {}): ContentText {
  return { text: textRuns(words), ...style };
}
