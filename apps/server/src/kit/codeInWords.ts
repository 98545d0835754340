/**
 * A code of the contract as words of a sentence, for the history.
 *
 * @example
 * codeInWords('darkSpecks') // => 'dark specks'
 */
export function codeInWords(code: string): string {
  return code.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
