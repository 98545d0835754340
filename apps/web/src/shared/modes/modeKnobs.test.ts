import { houseStarts, type SettingOf } from '@lone-heron/contract';
import { machineOf } from '@lone-heron/contract/testing';
import { panelFigure } from '../panel/panelKnobs.js';
import { readTypedKnob } from '../panel/typedKnob.js';
import { behindRow, modePicks, modeRows, ownValue, turnedSetting, type ModeKnobRow } from './modeKnobs.js';

const cut: SettingOf<'cut'> = {
  ...{ mode: 'cut', powerW: 900, dutyPercent: 100, pulseHz: null, paceMmS: 15, focusMm: 0.5, standoffMm: 1 },
};
const bench = machineOf('bench').profile;
const rows = (setting = cut, units = houseStarts.units) => modeRows(setting, bench, units);
const row = (knob: string, of = rows()) => of.find((each) => each.knob === knob) as ModeKnobRow;

describe('the plate of a mode', () => {
  it('speaks as the panel does, with the watts behind a percentage', () => {
    expect(rows().map((each) => [each.name, panelFigure(each, each.value), each.scale.unit])).toEqual([
      ['Power', '60', '%'],
      ['Pace', '15.0', 'mm/s'],
      ['Focus down', '0.5', 'mm'],
      ['Standoff', '1.0', 'mm'],
    ]);
    expect(behindRow(row('powerW'))).toBe('900 W');
    expect(behindRow(row('paceMmS'))).toBeUndefined();
  });

  it('has the hand’s pace in the unit of the house', () => {
    const pace = row('paceMmS', rows(cut, { ...houseStarts.units, travel: 'cm/min' }));
    expect([panelFigure(pace, pace.value), pace.scale.unit]).toEqual(['90', 'cm/min']);
  });

  it('shows a duty once the light pulses', () => {
    const pulsed = rows({ ...cut, pulseHz: 500, dutyPercent: 70 });
    expect(pulsed.map(({ knob }) => knob).slice(0, 3)).toEqual(['powerW', 'dutyPercent', 'pulseHz']);
    expect(modePicks(cut, bench, String)[0]).toMatchObject({ name: 'Light', value: 'none' });
  });

  it('reads what is typed, in the panel’s numbers or with a unit, and gives it back as the setting has it', () => {
    const power = row('powerW');
    const read = (text: string, of = power) => {
      const typed = readTypedKnob(text, of);
      return 'value' in typed ? ownValue(of, typed.value) : typed.fault;
    };
    expect(read('50')).toBe(750);
    expect(read('1.2 kW')).toBe(1200);
    expect(read('140')).toBe('power “140”: allowed is 10 to 100 %.');
    expect(read('120 cm/min', row('paceMmS'))).toBe(20);
  });
});

describe('knobs that were turned', () => {
  it('stand in the setting, and what cannot be is named', () => {
    const { setting, dropped } = turnedSetting(cut, { paceMmS: '20', powerW: '-4', currentA: '9' });
    expect(setting).toEqual({ ...cut, paceMmS: 20 });
    expect(dropped).toEqual(['powerW -4', 'currentA 9']);
    expect(turnedSetting({ ...cut, pulseHz: 500 }, { pulseHz: 'none' }).setting.pulseHz).toBeNull();
  });
});
