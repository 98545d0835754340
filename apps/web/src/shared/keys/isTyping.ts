/** Inputs that hold no text: a letter pressed on them is meant for the page. */
const textless = ['checkbox', 'radio', 'range', 'button', 'submit', 'reset', 'file', 'color'];

/**
 * Whether a key belongs to the text that is being typed where the focus is. A list to pick from is none, and neither is a
 * figure that nobody has begun to type over: it says so with data-untyped.
 *
 * @param withControl whether Control is held, which only a text that was begun answers itself
 */
export function isTyping(target: EventTarget | null, withControl: boolean): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target.isContentEditable || target instanceof HTMLTextAreaElement) return true;
  if (!(target instanceof HTMLInputElement) || textless.includes(target.type)) return false;
  if (withControl && target.role === 'spinbutton') return false;
  return target.dataset['untyped'] === undefined;
}
