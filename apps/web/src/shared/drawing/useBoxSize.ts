import { useEffect, useState, type RefObject } from 'react';

/** Size of a box on the screen, in CSS pixels. */
export interface BoxSize {
  readonly width: number;
  readonly height: number;
}

/** The size of an element as it changes; the given one until it has been measured. */
export function useBoxSize(element: RefObject<Element | null>, first: BoxSize): BoxSize {
  const [size, setSize] = useState(first);
  useEffect(() => {
    const box = element.current;
    if (box === null) return;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry === undefined) return;
      const width = Math.round(entry.contentRect.width);
      const height = Math.round(entry.contentRect.height);
      if (width > 0 && height > 0) setSize({ width, height });
    });
    watcher.observe(box);
    return () => watcher.disconnect();
  }, [element]);
  return size;
}
