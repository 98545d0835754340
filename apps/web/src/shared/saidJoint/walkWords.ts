import type { KeyboardEvent } from 'react';

/**
 * Left and right walk from word to word, as Tab does: out of a picked word at once, out of a typed one when the caret
 * stands at its end or everything is selected. From the sentence itself either goes to its first word.
 */
export function walkWords(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
  const word = event.target;
  const words = [...event.currentTarget.querySelectorAll<HTMLElement>('input, select')];
  if (word === event.currentTarget) {
    event.preventDefault();
    words[0]?.focus();
  }
  if (!(word instanceof HTMLInputElement || word instanceof HTMLSelectElement)) return;
  const step = event.key === 'ArrowRight' ? 1 : -1;
  if (word instanceof HTMLInputElement && !isAtEdge(word, step)) return;
  event.preventDefault();
  words[words.indexOf(word) + step]?.focus();
}

function isAtEdge(input: HTMLInputElement, step: 1 | -1): boolean {
  const { selectionStart, selectionEnd, value } = input;
  if (selectionStart === 0 && selectionEnd === value.length) return true;
  return selectionStart === selectionEnd && selectionStart === (step === 1 ? value.length : 0);
}
