import { startingProfiles } from '../../machines/startingProfiles.js';
import type { Machine } from '../../machines/machine.js';
import type { Coupon } from '../coupon.js';
import { couponEvidence } from './couponEvidence.js';
import { firmEvidence, weldedWhere } from './firmEvidence.js';

const [profile] = startingProfiles.map((each) => each.profile);
if (profile === undefined) throw new Error('no starting profile');
const machine = (id: string, workshopId?: string): Machine => ({
  ...{ id, name: id, revision: 1, profile },
  ...(workshopId === undefined ? {} : { workshopId }),
});
const machines = [machine('bench', 'quay'), machine('barrow', 'slipway'), machine('spare')];

const coupon = (machineId: string) =>
  ({
    ...{ id: machineId, machineId, back: 'faint', lightOnS: null, runLengthMm: null, section: null },
    joint: { kind: 'butt', metal: 'stainless304', firstThicknessMm: 2, secondThicknessMm: 2, gapMm: 0 },
    setting: {
      ...{ powerW: 900, dutyPercent: 100, gas: 'argon', gasFlowLMin: 14 },
      wobble: { shape: 'none' },
      pace: { by: 'hand', travelMmS: 8 },
    },
  }) as unknown as Coupon;

describe('the evidence of a firm', () => {
  it('is of the workshop that the machine stands in now, and of none for the firm’s own', () => {
    const said = firmEvidence(['bench', 'barrow', 'spare'].map(coupon), machines);
    expect(said.map(({ weld }) => weld.workshopId)).toEqual(['quay', 'slipway', undefined]);
    expect(weldedWhere('barrow', machines)).toEqual({ machineId: 'barrow', workshopId: 'slipway' });
    expect(weldedWhere('gone', machines)).toEqual({ machineId: 'gone' });
  });

  it('is what each coupon says, and leaves out whose machine is gone', () => {
    expect(firmEvidence([coupon('gone'), coupon('spare')], machines)).toEqual(
      couponEvidence(coupon('spare'), profile),
    );
  });
});
