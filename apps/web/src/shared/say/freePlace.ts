/** The edges and corners a toast is held to, those that are looked for first. */
const atFoot = ['bottom-center', 'bottom-left', 'bottom-right'] as const;
const positions = [...atFoot, 'top-center', 'top-left', 'top-right'] as const;

/** Where a toast can lie. */
export interface Place {
  readonly position: (typeof positions)[number];
  /** How far above that, px: 0 at the edge itself. */
  readonly raised: number;
}

const middleOfFoot: Place = { position: 'bottom-center', raised: 0 };

export const isSamePlace = (one: Place, other: Place): boolean =>
  one.position === other.position && one.raised === other.raised;

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
  /** The main button of a screen: the last that is covered. */
  readonly isMain?: boolean;
}

/** Of a toast with two lines of words and its way back, px. */
const size = { width: 356, height: 90 };
/** From the edges of the screen, px. @see Toasts */
export const edges = { side: 16, top: 16, bottom: 16, bottomOnPhone: 72 };
/** Under this width a toast is as wide as the screen, px. */
const phoneWidth = 600;

const pressable =
  'button, a[href], input, select, textarea, summary, [role="button"], [role="slider"], label';

/** A main button counts so many times what it takes of the screen. */
const mainCounts = 50;

/** Where the edges are full of buttons a toast is raised from the foot in steps of this, px. */
const step = 24;
/** Never over the head of the page, px: its stations and its door cannot be scrolled away. */
const head = 64;

/**
 * The place on this screen where a toast covers nothing that can be pressed, or least of it.
 *
 * @param now where it lies already: it stays where that is as good as any
 */
export function freePlace(now?: Place): Place {
  const boxes = [...document.querySelectorAll(pressable)]
    .filter((element) => element.closest('[data-sonner-toaster]') === null)
    .map((element): Box => {
      const { left, top, right, bottom } = element.getBoundingClientRect();
      return { left, top, right, bottom, isMain: element.matches('.btn-primary') };
    });
  return leastCovering(boxes, { width: window.innerWidth, height: window.innerHeight }, now);
}

/**
 * The first place for a toast that is free: at an edge, else raised from the foot as little as will do; where none is, the lowest
 * that covers least, px², with what is main counted many times.
 *
 * @param boxes of what can be pressed, px from the screen's corner
 */
export function leastCovering(
  boxes: readonly Box[],
  screen: { width: number; height: number },
  now?: Place,
): Place {
  const coveredAt = (place: Place) => {
    const toast = boxOf(place, screen);
    return boxes.reduce((sum, box) => sum + shared(toast, box) * (box.isMain === true ? mainCounts : 1), 0);
  };
  if (now !== undefined && coveredAt(now) === 0) return now;
  const free = placesOn(screen).find((place) => coveredAt(place) === 0);
  if (free !== undefined) return free;
  // Where no place is free it is not put at the head: what is under it elsewhere can be scrolled away, the head cannot.
  return placesOn(screen)
    .filter(({ position }) => !position.startsWith('top'))
    .reduce((least, place) => (coveredAt(place) < coveredAt(least) ? place : least), now ?? middleOfFoot);
}

function placesOn(screen: { width: number; height: number }): Place[] {
  const steps = Math.max(0, Math.floor((boxOf(middleOfFoot, screen).top - head) / step));
  return [
    ...positions.map((position) => ({ position, raised: 0 })),
    ...Array.from({ length: steps }, (_, above) => (above + 1) * step).flatMap((raised) =>
      atFoot.map((position) => ({ position, raised })),
    ),
  ];
}

function boxOf({ position, raised }: Place, screen: { width: number; height: number }): Box {
  const isPhone = screen.width <= phoneWidth;
  const width = isPhone ? screen.width - 2 * edges.side : size.width;
  const left = position.endsWith('left')
    ? edges.side
    : position.endsWith('right')
      ? screen.width - edges.side - width
      : (screen.width - width) / 2;
  const top = position.startsWith('top')
    ? edges.top
    : screen.height - size.height - (isPhone ? edges.bottomOnPhone : edges.bottom) - raised;
  return { left, top, right: left + width, bottom: top + size.height };
}

function shared(one: Box, other: Box): number {
  const width = Math.min(one.right, other.right) - Math.max(one.left, other.left);
  const height = Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top);
  return width > 0 && height > 0 ? width * height : 0;
}
