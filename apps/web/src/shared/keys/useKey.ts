import { useEffect, useEffectEvent } from 'react';
import { areKeysHeld } from './heldKeys.js';
import { isTyping } from './isTyping.js';

/**
 * Runs an action when a key is pressed anywhere, but not while a text is typed, with another modifier held, under an open
 * sheet, or while one is on its way.
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
    if (!areKeysHeld()) action();
  });
  useEffect(() => {
    const listener = (event: KeyboardEvent) => pressed(event);
    window.addEventListener('keydown', listener);
    return () => window.removeEventListener('keydown', listener);
  }, []);
}
