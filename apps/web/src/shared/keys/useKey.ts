import { useEffect, useEffectEvent } from 'react';

/**
 * Runs an action when a key is pressed anywhere, but not while typing, with a modifier held, or under an open sheet.
 *
 * @param key as KeyboardEvent.key gives it; letters match in either case
 */
export function useKey(key: string, action: () => void): void {
  const pressed = useEffectEvent((event: KeyboardEvent) => {
    if (event.key.toLowerCase() !== key.toLowerCase()) return;
    if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return;
    if (isTyping(event.target) || document.querySelector('dialog[open]') !== null) return;
    event.preventDefault();
    action();
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}

function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
}
