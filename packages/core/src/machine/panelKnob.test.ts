import fc from 'fast-check';
import { dialOnPanel, panelToSi, siToPanel, type PanelKnob } from './index.js';

const notch = fc.double({ min: 1e-5, max: 1e-3, noNaN: true });
const knob: fc.Arbitrary<PanelKnob> = fc.oneof(
  fc.record({ kind: fc.constant('absolute' as const), siPerUnit: notch }),
  fc.record({ kind: fc.constant('percent' as const), ofSi: fc.double({ min: 100, max: 6000, noNaN: true }) }),
  fc.record({ kind: fc.constant('relative' as const), presetSi: notch, siPerNotch: notch }),
  fc.record({
    kind: fc.constant('signed' as const),
    middleSi: fc.constant(2e-3),
    siPerNotchBelow: notch,
    siPerNotchAbove: notch,
  }),
);

describe('a panel’s numbers', () => {
  it('stand for values and back, whatever kind of knob it is', () => {
    fc.assert(
      fc.property(knob, fc.double({ min: -10, max: 100, noNaN: true }), (one, number) => {
        expect(siToPanel(one, panelToSi(one, number))).toBeCloseTo(number, 6);
      }),
    );
  });

  it('of a signed knob are calibrated on each side of the middle, and may run backwards', () => {
    const focus: PanelKnob = {
      kind: 'signed',
      middleSi: 0,
      siPerNotchBelow: -0.001,
      siPerNotchAbove: -0.0005,
    };
    expect(panelToSi(focus, 2)).toBe(-0.001);
    expect(panelToSi(focus, -2)).toBe(0.002);
    expect(siToPanel(focus, 0.002)).toBe(-2);
    expect(siToPanel(focus, -0.001)).toBe(2);
  });

  it('of a percentage are of the configured power', () => {
    expect(panelToSi({ kind: 'percent', ofSi: 1200 }, 75)).toBe(900);
  });

  const power = { name: 'power', least: 10, most: 100, step: 1 };
  it('are held to the panel’s steps, and what they really give is said', () => {
    expect(dialOnPanel({ kind: 'percent', ofSi: 1500 }, power, 622)).toEqual({ number: 41, si: 615 });
    expect(() => dialOnPanel({ kind: 'percent', ofSi: 1500 }, power, 1600)).toThrow('power 106.6');
  });

  it('are taken to half a step beyond either end, and no further', () => {
    const knob: PanelKnob = { kind: 'absolute', siPerUnit: 1 };
    const twos = { name: 'rate', least: 10, most: 100, step: 2 };
    expect(dialOnPanel(knob, twos, 9)).toEqual({ number: 10, si: 10 });
    expect(dialOnPanel(knob, twos, 101)).toEqual({ number: 100, si: 100 });
    expect(dialOnPanel(knob, twos, 12.9)).toEqual({ number: 12, si: 12 });
    expect(() => dialOnPanel(knob, twos, 8.9)).toThrow(
      'rate 8.9 on the panel: allowed is 9 to 101 on the panel',
    );
    expect(() => dialOnPanel(knob, twos, 101.1)).toThrow('rate 101.1');
  });

  it.each<PanelKnob>([
    { kind: 'relative', presetSi: 0, siPerNotch: 0 },
    { kind: 'percent', ofSi: 0 },
    { kind: 'absolute', siPerUnit: NaN },
    { kind: 'signed', middleSi: 0, siPerNotchBelow: 1, siPerNotchAbove: -1 },
  ])('without a calibration say nothing: $kind', (bad) => {
    expect(() => panelToSi(bad, 1)).toThrow('calibration of the knob');
    expect(() => siToPanel(bad, 1)).toThrow('calibration of the knob');
  });
});
