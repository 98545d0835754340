import { select } from 'd3-selection';
import { zoom, zoomIdentity, type D3ZoomEvent } from 'd3-zoom';
import { plainLook, type Look } from './sectionView.js';

const reach: [number, number] = [1, 12];

/** Ways to look closer by button or key. */
export interface ZoomHandle {
  readonly by: (factor: number) => void;
  readonly reset: () => void;
  readonly detach: () => void;
}

/**
 * Lets a drawing be enlarged and moved: wheel with Control, pinch, drag once it is enlarged, double press. One finger
 * on a drawing that is not enlarged still scrolls the page.
 */
export function attachZoom(svg: SVGSVGElement, onLook: (look: Look) => void): ZoomHandle {
  let now = zoomIdentity;
  const behaviour = zoom<SVGSVGElement, unknown>()
    .scaleExtent(reach)
    .filter((event: Event) => {
      if (event.target instanceof Element && event.target.closest('[role="slider"]') !== null) return false;
      if (event instanceof WheelEvent) return event.ctrlKey || now.k > 1;
      if (typeof TouchEvent !== 'undefined' && event instanceof TouchEvent)
        return event.touches.length > 1 || now.k > 1;
      return event.type === 'dblclick' || now.k > 1;
    })
    .on('zoom', ({ transform }: D3ZoomEvent<SVGSVGElement, unknown>) => {
      now = transform;
      const { width, height } = svg.getBoundingClientRect();
      // The drawing grows about its own middle; what the gesture moved beside that is the rest.
      const right = transform.x + (width / 2) * (transform.k - 1);
      const down = transform.y + (height / 2) * (transform.k - 1);
      onLook(transform.k === 1 ? plainLook : { zoom: transform.k, right, down });
    });
  const selection = select(svg).call(behaviour);
  return {
    by: (factor) => {
      behaviour.scaleBy(selection, factor);
    },
    reset: () => {
      behaviour.transform(selection, zoomIdentity);
    },
    detach: () => {
      selection.on('.zoom', null);
    },
  };
}
