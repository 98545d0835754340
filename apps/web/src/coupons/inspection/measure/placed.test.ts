import {
  bendLine,
  isPlaced,
  nothingPlaced,
  placePoint,
  readingFault,
  readingsOf,
  recordedReadings,
  scaleOf,
} from './placed.js';

const at = (x: number, y: number) => ({ x, y });

/** A sheet of 2 mm that is 100 pixels thick, its face at 50. */
const set = () => {
  let placed = nothingPlaced('2 mm');
  for (const point of [at(20, 50), at(20, 150)]) placed = placePoint(placed, 'scale', point);
  for (const point of [at(300, 50), at(0, 50)]) placed = placePoint(placed, 'face', point);
  return placed;
};
const read = (placed: ReturnType<typeof set>) => readingsOf(placed, scaleOf(placed, 2).scale);

describe('what is placed on a picture', () => {
  it('is read with scale and face, whichever end of the face was placed first', () => {
    const placed = placePoint(placePoint(set(), 'depth', at(150, 120)), 'crown', at(150, 45));
    expect(read(placed).depth?.mm).toBeCloseTo(1.4, 9);
    expect(read(placed).crown?.mm).toBeCloseTo(0.1, 9);
    expect(recordedReadings(read(placed))?.depth).toEqual({ mm: 1.4, giveMm: expect.any(Number) as number });
  });

  it('starts a tool anew once all its points are placed', () => {
    const once = placePoint(placePoint(set(), 'width', at(100, 50)), 'width', at(200, 50));
    expect(isPlaced(once, 'width')).toBe(true);
    const again = placePoint(once, 'width', at(120, 50));
    expect(isPlaced(again, 'width')).toBe(false);
    expect(read(again).width).toBeUndefined();
  });

  it('says why two points give no scale, and reads nothing without one', () => {
    const close = placePoint(placePoint(nothingPlaced('2 mm'), 'scale', at(0, 0)), 'scale', at(5, 0));
    expect(scaleOf(close, 2).fault).toContain('20 pixels or more');
    expect(readingsOf(close, null)).toEqual({});
  });

  it('takes depth and width off a traced line until they are placed by hand', () => {
    const traced = { ...set(), line: [at(100, 50), at(150, 110), at(200, 50)] };
    expect(read(traced).depth?.mm).toBeCloseTo(1.2, 9);
    expect(read(traced).width?.mm).toBeCloseTo(2, 9);
    expect(read(placePoint(traced, 'depth', at(150, 130))).depth?.mm).toBeCloseTo(1.6, 9);
  });

  it('takes no depth off a line that ran into the back, but its width', () => {
    const through = { ...set(), line: [at(100, 50), at(150, 145), at(200, 50)], meetsBack: true };
    expect(read(through).depth).toBeUndefined();
    expect(read(through).width?.mm).toBeCloseTo(2, 9);
  });

  it('bends a line where it is pulled and leaves it where it is not', () => {
    const line = Array.from({ length: 21 }, (_, i) => at(i * 10, 100));
    const bent = bendLine({ ...set(), line }, 10, at(100, 120), 5).line;
    expect(bent[10]).toEqual(at(100, 120));
    expect(bent[8]?.y).toBeCloseTo(112, 9);
    expect(bent[5]).toEqual(at(50, 100));
  });

  it('records nothing where a length cannot be', () => {
    const above = placePoint(set(), 'depth', at(150, 30));
    expect(recordedReadings(read(above))).toBeNull();
    expect(readingFault(read(above))).toBe('depth -0.4 mm: allowed is 0 to 30 mm.');
    expect(readingFault(read(set()))).toBeNull();
  });
});
