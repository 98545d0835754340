import { useState, useSyncExternalStore } from 'react';
import { isLike } from './isLike.js';
import { keepTyping, onTyping, typingOf } from './keptTyping.js';

/**
 * A field of a sheet that keeps what is typed until it is saved or begun afresh. Two sheets of one name are one.
 *
 * @param begin what stands there while nothing was typed
 */
export function useKept<Value>(
  sheet: string,
  field: string,
  begin: () => Value,
): readonly [Value, (next: Value) => void] {
  const [beginning] = useState(begin);
  const kept = useSyncExternalStore(onTyping, () => typingOf(sheet)[field]);
  const value = kept !== undefined && isLike(beginning, kept) ? kept : beginning;
  return [value, (next) => keepTyping(sheet, field, next)];
}
