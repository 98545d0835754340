import { useEffect, useRef, useState, type RefObject } from 'react';
import type { ZoomHandle } from './attachZoom.js';
import { plainLook, type Look } from './sectionView.js';

/** How a drawing is looked at, and the ways to look closer; null until they have been fetched behind the page. */
export function useLook(svg: RefObject<SVGSVGElement | null>): {
  look: Look;
  zoom: () => ZoomHandle | null;
} {
  const [look, setLook] = useState(plainLook);
  const handle = useRef<ZoomHandle | null>(null);
  useEffect(() => {
    let isGone = false;
    void import('./attachZoom.js').then(({ attachZoom }) => {
      if (!isGone && svg.current !== null) handle.current = attachZoom(svg.current, setLook);
    });
    return () => {
      isGone = true;
      handle.current?.detach();
      handle.current = null;
    };
  }, [svg]);
  return { look, zoom: () => handle.current };
}
