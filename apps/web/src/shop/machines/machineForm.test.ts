import { startingProfiles, type MachineProfile } from '@lone-heron/contract';
import { inOtherUnit, machineFormOf, readMachineForm } from './machineForm.js';

const [bench, barrow] = startingProfiles.map(({ profile }) => profile) as [MachineProfile, MachineProfile];

describe('the form of a machine', () => {
  it.each(startingProfiles)('gives $name back as it was', ({ name, profile }) => {
    const read = readMachineForm(machineFormOf(name, profile));
    if (!('draft' in read)) throw new Error(JSON.stringify(read.problems));
    const { wireSpeedMmS, ...rest } = read.draft.profile;
    const { wireSpeedMmS: wanted, ...others } = profile;
    expect(rest).toEqual(others);
    expect(wireSpeedMmS === null).toBe(wanted === null);
    expect(wireSpeedMmS?.most ?? 0).toBeCloseTo(wanted?.most ?? 0, 3);
    expect(wireSpeedMmS?.step ?? 0).toBeCloseTo(wanted?.step ?? 0, 3);
  });

  it('shows wire in the feeder’s own unit and takes a decimal comma', () => {
    const form = machineFormOf('b', barrow);
    expect(form.wireSpeedMmS).toEqual({ least: '0.1', most: '5', step: '0.05' });
    const read = readMachineForm({ ...form, spotMm: '0,2' });
    expect('draft' in read && read.draft.profile.spotMm).toBe(0.2);
  });

  it('says the same speeds in another unit of the feeder, and leaves what cannot be read', () => {
    const reach = { least: '5', most: '400', step: 'one' };
    const inches = inOtherUnit(reach, 'cm/min', 'in/min');
    expect(inches).toEqual({ least: '1.9685', most: '157.4803', step: 'one' });
    expect(inOtherUnit(inches, 'in/min', 'cm/min').most).toBe('400');
  });

  it('takes powers with their unit', () => {
    const form = machineFormOf('b', bench);
    const read = readMachineForm({ ...form, ratedPowerW: '1,5 kW', configuredPowerW: '1500 W' });
    expect('draft' in read && read.draft.profile.ratedPowerW).toBe(1500);
  });

  it('says what the feeder may do in the unit that its field shows', () => {
    const form = machineFormOf('b', { ...bench, wireSpeedUnit: 'cm/min' });
    form.wireSpeedMmS.most = '90000';
    const read = readMachineForm(form);
    const problem =
      'problems' in read ? read.problems.find(({ field }) => field.includes('wireSpeed')) : undefined;
    expect(problem?.given).toBe('90000');
    expect(problem?.allowed).toMatch(/cm\/min/);
    expect(problem?.allowed).not.toContain('mm/s');
  });

  it('leaves out what is not fitted or not known, the wire’s knob with the feeder', () => {
    const form = {
      ...machineFormOf('b', bench),
      hasFeeder: false,
      hasOptics: false,
      hasMains: false,
      hasPointer: false,
      coolant: [],
    };
    const read = readMachineForm(form);
    if (!('draft' in read)) throw new Error(JSON.stringify(read.problems));
    expect(read.draft.profile).toMatchObject({
      wireSpeedMmS: null,
      optics: null,
      mains: null,
      pointer: null,
    });
    expect(read.draft.profile.panel).not.toContain('wireSpeed');
    const fitted = machineFormOf('b', read.draft.profile);
    expect(fitted.panel.at(-1)).toBe('wireSpeed');
  });

  it('says at each field what is allowed, and what was typed stays text', () => {
    const form = machineFormOf('', bench);
    form.configuredPowerW = '9 kW';
    form.powerW.most = '1600';
    form.mains.volts = '';
    const read = readMachineForm(form);
    const fields = 'problems' in read ? read.problems.map(({ field }) => field) : [];
    expect(fields).toEqual(expect.arrayContaining(['name', 'configuredPowerW', 'mains.volts']));
    expect(form.configuredPowerW).toBe('9 kW');
  });

  it('names a panel’s knob and a mode’s lights as the form does where they are refused', () => {
    const form = machineFormOf('b', bench);
    form.panelFaces.wobbleRate = {
      name: '',
      shows: 'relative',
      preset: '60',
      perNotch: '0',
      perNotchBelow: '0',
    };
    form.readyLights.cut = 'x'.repeat(200);
    const read = readMachineForm(form);
    const fields = 'problems' in read ? read.problems.map(({ field }) => field) : [];
    expect(fields.sort()).toEqual(['panelFaces.wobbleRate.perNotch', 'readyLights.cut']);
  });
});
