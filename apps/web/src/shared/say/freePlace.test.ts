import { leastCovering, type Box, type Place } from './freePlace.js';

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const box = (left: number, top: number, width: number, height: number): Box => ({
  left,
  top,
  right: left + width,
  bottom: top + height,
});
const saveBar = box(1100, 740, 160, 48);
const middleOfTheFoot = box(560, 740, 160, 48);
const footOfTheLeft = box(20, 720, 200, 48);

const atEdge = (position: Place['position']): Place => ({ position, raised: 0 });

describe('a toast lies', () => {
  it('at the foot of the screen, in the middle, where nothing can be pressed there', () => {
    expect(leastCovering([], desk)).toEqual(atEdge('bottom-center'));
    expect(leastCovering([saveBar], desk)).toEqual(atEdge('bottom-center'));
  });

  it('beside a button at the foot', () => {
    expect(leastCovering([middleOfTheFoot], desk)).toEqual(atEdge('bottom-left'));
    expect(leastCovering([middleOfTheFoot, footOfTheLeft], desk)).toEqual(atEdge('bottom-right'));
  });

  it('at the head where the foot is full of buttons', () => {
    expect(leastCovering([middleOfTheFoot, footOfTheLeft, saveBar], desk)).toEqual(atEdge('top-center'));
  });

  it('above the stations of a phone, and at its head where a button is there', () => {
    const stations = [0, 1, 2, 3, 4, 5, 6].map((i) => box(i * 55, 788, 55, 56));
    expect(leastCovering(stations, phone)).toEqual(atEdge('bottom-center'));
    expect(leastCovering([...stations, box(20, 700, 350, 48)], phone)).toEqual(atEdge('top-center'));
  });

  it('raised as little as will do where all edges have buttons', () => {
    const foot = box(0, 760, 1280, 40);
    const head = box(0, 0, 1280, 64);
    expect(leastCovering([foot, head], desk)).toEqual({ position: 'bottom-center', raised: 24 });
    expect(leastCovering([foot, head, box(500, 600, 60, 90)], desk)).toEqual({
      position: 'bottom-left',
      raised: 24,
    });
  });

  it('where it lies already, as long as that is free', () => {
    const raised: Place = { position: 'bottom-center', raised: 24 };
    expect(leastCovering([saveBar], desk, raised)).toEqual(raised);
    expect(leastCovering([box(560, 700, 160, 48)], desk, raised)).toEqual(atEdge('bottom-left'));
  });

  it('over what can be done without sooner than over the main button of a phone', () => {
    const knobs = Array.from({ length: 12 }, (_, i) => box(16, 60 + 52 * i, 358, 48));
    const log = { ...box(276, 724, 98, 56), isMain: true };
    const { position, raised } = leastCovering([...knobs, log, box(0, 0, 390, 56)], phone);
    expect(position).toBe('bottom-center');
    expect(raised).toBe(48);
    const noMain = leastCovering([...knobs, box(276, 724, 98, 56), box(0, 0, 390, 56)], phone);
    expect(noMain).toEqual(atEdge('bottom-center'));
  });

  it('never over the head of a page where it is raised', () => {
    const everything = box(0, 170, 390, 674);
    const { raised } = leastCovering([everything, box(0, 0, 390, 56)], phone);
    expect(844 - 90 - 72 - raised).toBeGreaterThanOrEqual(64);
    expect(844 - 90 - 72 - raised).toBeLessThan(64 + 24);
  });

  it('at the foot where every place has something, and there where it covers least', () => {
    const everywhere = box(0, 60, 1280, 740);
    const door = box(1200, 8, 60, 40);
    const heads = [box(20, 8, 60, 40), box(600, 8, 60, 40), door];
    expect(leastCovering([everywhere, ...heads, footOfTheLeft, middleOfTheFoot], desk)).toEqual(
      atEdge('bottom-right'),
    );
  });
});
