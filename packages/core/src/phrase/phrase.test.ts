import { understandJoint } from './index.js';

describe('a joint said at once', () => {
  it.each<[string, ReturnType<typeof understandJoint>]>([
    ['304 2 3 lap', { metals: ['stainless304'], kind: 'lap', thicknesses: ['2', '3'], unknown: [] }],
    ['al 1 1/2 T', { metals: ['aluminium5052'], kind: 'tee', thicknesses: ['1 1/2'], unknown: [] }],
    ['304 1.5 butt', { metals: ['stainless304'], kind: 'butt', thicknesses: ['1.5'], unknown: [] }],
    [
      '16ga al corner',
      { metals: ['aluminium5052'], kind: 'outsideCorner', thicknesses: ['16ga'], unknown: [] },
    ],
    [
      'steel 2 to 3 mm lap gap .2 wire 1',
      {
        metals: ['lowCarbonSteel'],
        kind: 'lap',
        thicknesses: ['2', '3mm'],
        gap: '.2',
        wire: '1',
        unknown: [],
      },
    ],
    [
      '1/16 x 1/8 316 inside corner no wire',
      {
        metals: ['stainless316'],
        kind: 'insideCorner',
        thicknesses: ['1/16', '1/8'],
        wire: null,
        unknown: [],
      },
    ],
    [
      '304 to mild steel 1,5 T 0.8mm wire',
      {
        metals: ['stainless304', 'lowCarbonSteel'],
        kind: 'tee',
        thicknesses: ['1,5'],
        wire: '0.8mm',
        unknown: [],
      },
    ],
    [
      '16 ga 304 outside corner with 0.035 wire 40 CFH argon',
      {
        metals: ['stainless304'],
        kind: 'outsideCorner',
        thicknesses: ['16ga'],
        wire: '0.035',
        gas: 'argon',
        flow: '40 cfh',
        unknown: [],
      },
    ],
    [
      'cold rolled 1/16 lap on the bench unit',
      { metals: ['lowCarbonSteel'], kind: 'lap', thicknesses: ['1/16'], machine: 'bench', unknown: [] },
    ],
    ['A36 3 mm T', { metals: ['lowCarbonSteel'], kind: 'tee', thicknesses: ['3mm'], unknown: [] }],
    [
      '304 1.5 in tube butt 2 mm, bench unit',
      {
        metals: ['stainless304'],
        kind: 'tubeButt',
        thicknesses: ['2mm'],
        tube: '1.5in',
        machine: 'bench',
        unknown: [],
      },
    ],
    ['tube 40 on plate', { metals: [], thicknesses: [], tube: '40', unknown: ['plate'] }],
    ['tube on plate 2mm', { metals: [], kind: 'tubeToPlate', thicknesses: ['2mm'], unknown: [] }],
    ['18 gauge galv edge', { metals: ['galvanised'], kind: 'edge', thicknesses: ['18gauge'], unknown: [] }],
    ['625 nickel 2', { metals: ['nickel625'], thicknesses: ['2'], unknown: [] }],
  ])('“%s”', (text, understood) => {
    expect(understandJoint(text, [{ id: 'bench', name: 'the bench unit' }])).toEqual(understood);
  });

  it('names what it does not understand and keeps the rest', () => {
    expect(understandJoint('brass 2 dovetail please')).toEqual({
      metals: ['brass'],
      thicknesses: ['2'],
      unknown: ['dovetail', 'please'],
    });
    expect(understandJoint('')).toEqual({ metals: [], thicknesses: [], unknown: [] });
  });
});
