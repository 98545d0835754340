import { houseStarts, type Setting } from '@lone-heron/contract';
import { cardOf, buttOf, machineOf } from '@lone-heron/contract/testing';
import { readTypedKnob } from '../../shared/panel/typedKnob.js';
import { shownOf, slotReadings, slotRows } from './slotReadings.js';

const { units } = houseStarts;
const setting = cardOf(1, 'x', buttOf('stainless304', 1.5)).versions[0]?.content.setting as Setting;
const inPercent = machineOf('bench', { powerUnit: '%', configuredPowerW: 1500 });

describe('what a machine shows of a program', () => {
  it('differs where its panel would show another figure, and only there', () => {
    const readings = slotReadings(
      setting,
      inPercent,
      { powerW: 803, wobbleRateHz: 80, wobbleWidthMm: 2 },
      units,
    );
    const of = (name: string) => readings.find(({ row }) => row.knob === name);
    expect(of('power')).toMatchObject({ asked: '53', shown: '54', differs: true });
    expect(of('wobbleRate')).toMatchObject({ asked: '60', shown: '80', differs: true });
    expect(of('wobbleWidth')).toMatchObject({ asked: '2.0', shown: '2.0', differs: false });
    expect(slotReadings(setting, inPercent, { powerW: 801 }, units)[0]?.differs).toBe(false);
  });

  it('says nothing of a knob that nobody looked at, and nothing of the hand', () => {
    const readings = slotReadings(setting, inPercent, { powerW: 800 }, units);
    expect(readings.filter(({ shown }) => shown === null).every(({ differs }) => !differs)).toBe(true);
    expect(readings.map(({ row }) => row.name)).not.toContain('Travel');
  });

  it('comes back as it was typed in the panel’s own unit', () => {
    const rows = slotRows(setting, inPercent, units);
    const typed = rows.map((row) => {
      const read = readTypedKnob(row.knob === 'power' ? '60' : String(row.value * 1000), row);
      return { row, read };
    });
    const power = typed.find(({ row }) => row.knob === 'power');
    if (power === undefined || 'fault' in power.read) throw new Error('60 % is a power');
    const shown = shownOf([[power.row, power.read.value]]);
    expect(shown).toEqual({ powerW: 900 });
    expect(slotReadings(setting, inPercent, shown, units)[0]).toMatchObject({ shown: '60', differs: true });
  });
});
