/** Where a toast can lie, those that are looked for first. */
const places = [
  'bottom-center',
  'bottom-left',
  'bottom-right',
  'top-center',
  'top-left',
  'top-right',
] as const;
const placesAtFoot = 3;
export type Place = (typeof places)[number];

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** Of a toast with two lines of words and its way back, px. */
const size = { width: 356, height: 90 };
/** From the edges of the screen, px. @see Toasts */
export const edges = { side: 16, top: 16, bottom: 16, bottomOnPhone: 72 };
/** Under this width a toast is as wide as the screen, px. */
const phoneWidth = 600;

const pressable =
  'button, a[href], input, select, textarea, summary, [role="button"], [role="slider"], label';

/**
 * The place on this screen where a toast covers nothing that can be pressed, or least of it.
 *
 * @param now where it lies already: it stays where that is as good as any
 */
export function freePlace(now?: Place): Place {
  const boxes = [...document.querySelectorAll(pressable)]
    .filter((element) => element.closest('[data-sonner-toaster]') === null)
    .map((element) => element.getBoundingClientRect());
  return leastCovering(boxes, { width: window.innerWidth, height: window.innerHeight }, now);
}

/**
 * The first place for a toast that is free; else the one at the foot that covers least, px².
 *
 * @param boxes of what can be pressed, px from the screen's corner
 */
export function leastCovering(
  boxes: readonly Box[],
  screen: { width: number; height: number },
  now?: Place,
): Place {
  const covered = places.map((place) => {
    const toast = boxOf(place, screen);
    return boxes.reduce((sum, box) => sum + shared(toast, box), 0);
  });
  const here = now === undefined ? -1 : places.indexOf(now);
  if (now !== undefined && covered[here] === 0) return now;
  const free = covered.indexOf(0);
  // Where no place is free it lies at the foot: what is under it there can be scrolled away, the head cannot.
  const atFoot = covered.slice(0, placesAtFoot);
  if (now !== undefined && free === -1 && covered[here] === Math.min(...atFoot)) return now;
  return places[free === -1 ? atFoot.indexOf(Math.min(...atFoot)) : free] ?? places[0];
}

function boxOf(place: Place, screen: { width: number; height: number }): Box {
  const isPhone = screen.width <= phoneWidth;
  const width = isPhone ? screen.width - 2 * edges.side : size.width;
  const left = place.endsWith('left')
    ? edges.side
    : place.endsWith('right')
      ? screen.width - edges.side - width
      : (screen.width - width) / 2;
  const top = place.startsWith('top')
    ? edges.top
    : screen.height - size.height - (isPhone ? edges.bottomOnPhone : edges.bottom);
  return { left, top, right: left + width, bottom: top + size.height };
}

function shared(one: Box, other: Box): number {
  const width = Math.min(one.right, other.right) - Math.max(one.left, other.left);
  const height = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
  return width > 0 && height > 0 ? width * height : 0;
}
