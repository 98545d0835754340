/** A name at the start of a sentence: "The bench unit". */
export function sentenceStart(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1);
}
