import { useEffect, useEffectEvent } from 'react';

/**
 * Runs an action when a key is pressed anywhere, but not while typing, with another modifier held, or under an open
 * sheet.
 *
 * @param key as KeyboardEvent.key gives it, such as "l" or "Control+z"; letters match in either case
 */
export function useKey(key: string, action: () => void): void {
  const [name, withControl] = key.startsWith('Control+') ? [key.slice(8), true] : [key, false];
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    if (event.key.toLowerCase() !== name.toLowerCase()) return;
    if ((event.ctrlKey || event.metaKey) !== withControl || event.altKey || event.defaultPrevented) return;
    if (isTyping(event.target, withControl) || document.querySelector('dialog[open]') !== null) return;
    event.preventDefault();
    action();
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}

/** Whether a key belongs to what has the focus. With Control held only where text is typed, which undoes its own. */
function isTyping(target: EventTarget | null, withControl: boolean): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (withControl && (target.tagName === 'SELECT' || target.role === 'spinbutton')) return false;
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
}
