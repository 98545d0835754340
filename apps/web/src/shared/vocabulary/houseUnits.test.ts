import {
  depthChangeIn,
  flowFigure,
  lengthFigure,
  lengthRange,
  travelFigure,
  travelScale,
} from '../figures/houseUnits.js';

describe('the units of the house', () => {
  it.each([
    [lengthFigure(1.5, { length: 'mm' }), '1.5 mm'],
    [lengthFigure(1.5, { length: 'in' }), '0.059 in'],
    [lengthRange(1.5, 2.3, { length: 'mm' }), '1.5 to 2.3 mm'],
    [lengthRange(1.5, 2.3, { length: 'in' }), '0.059 to 0.091 in'],
    [travelFigure(10, { travel: 'mm/s' }), '10 mm/s'],
    [travelFigure(10, { travel: 'cm/min' }), '60 cm/min'],
    [travelFigure(10, { travel: 'in/min' }), '23.6 in/min'],
    [flowFigure(15, { gasFlow: 'L/min' }), '15 L/min'],
    [flowFigure(15, { gasFlow: 'CFH' }), '32 CFH'],
    [depthChangeIn(0.21, { length: 'mm' }), '0.21 mm deeper'],
    [depthChangeIn(-0.21, { length: 'in' }), '0.008 in less'],
    [depthChangeIn(0.001, { length: 'in' }), 'same depth'],
  ])('write %s', (written, expected) => {
    expect(written).toBe(expected);
  });

  it('turn one of their unit of travel into mm/s', () => {
    expect(travelScale({ travel: 'in/min' }).mmS).toBeCloseTo(25.4 / 60, 12);
  });
});
