/** Words as they begin a sentence. */
export function sentenceStart(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
