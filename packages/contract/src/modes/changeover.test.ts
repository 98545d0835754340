import { startingProfiles, type MachineProfile, type RecordDetail, type ShopRecord } from '../index.js';
import { changeoverGaps, changeoverSteps, gunModesOf, lastChangeover } from './rules/changeover.js';

const profileOf = (id: 'bench' | 'barrow' | 'lamp'): MachineProfile => {
  const found = startingProfiles.find((each) => each.id === id);
  if (found === undefined) throw new Error(`no profile ${id}`);
  return found.profile;
};
type Changeover = Extract<RecordDetail, { kind: 'changeover' }>;
const toCut = (changes: Partial<Changeover> = {}): Changeover => ({
  ...{ kind: 'changeover', to: 'cut', pressureBar: 8, boreMm: 1.2, behind: 'brick tray' },
  confirmed: changeoverSteps('cut', profileOf('bench')).map(({ id }) => id),
  ...changes,
});

describe('a change-over', () => {
  it('is to what the machine has', () => {
    expect((['bench', 'barrow', 'lamp'] as const).map((id) => gunModesOf(profileOf(id)))).toEqual([
      ['weld', 'cut'],
      ['weld', 'clean'],
      ['pulses'],
    ]);
    expect(changeoverGaps(toCut({ to: 'clean' }), profileOf('bench'))).toEqual([
      { field: 'detail.to', given: 'clean', allowed: 'weld, cut' },
    ]);
  });

  it('begins with the eyes, ends with the ready lights of its mode, and has every step once', () => {
    for (const id of ['bench', 'barrow', 'lamp'] as const)
      for (const to of gunModesOf(profileOf(id))) {
        const steps = changeoverSteps(to, profileOf(id));
        expect([steps[0]?.id, steps.at(-1)?.id]).toEqual(['barrier', 'lights']);
        expect(new Set(steps.map((step) => step.id)).size).toBe(steps.length);
      }
    expect(changeoverSteps('clean', profileOf('barrow')).at(-1)?.why).toContain('clamp stays dark');
  });

  it('names each thing that it leaves open', () => {
    expect(changeoverGaps(toCut(), profileOf('bench'))).toEqual([]);
    const open = toCut({
      pressureBar: null,
      boreMm: null,
      behind: '',
      confirmed: toCut().confirmed.slice(1),
    });
    expect(changeoverGaps(open, profileOf('bench')).map(({ field }) => field)).toEqual([
      'detail.confirmed',
      'detail.pressureBar',
      'detail.boreMm',
      'detail.behind',
    ]);
  });

  it('that counts is the newest that was not taken back', () => {
    const record = (at: string, to: Changeover['to'], withdrawnAt: string | null = null): ShopRecord => ({
      ...{ id: '0198c0de-0000-7000-8000-000000000000', machineId: 'bench', note: '', personId: 'ines' },
      ...{ at, withdrawnAt, detail: toCut({ to }) },
    });
    const records = [
      record('2026-11-29T08:00:00.000Z', 'weld'),
      record('2026-11-29T10:00:00.000Z', 'cut'),
      record('2026-11-29T11:00:00.000Z', 'weld', '2026-11-29T11:05:00.000Z'),
    ];
    expect(lastChangeover(records)?.detail.to).toBe('cut');
    expect(lastChangeover([])).toBeNull();
  });
});
