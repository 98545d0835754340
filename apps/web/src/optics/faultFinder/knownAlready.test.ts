import type { Bottle, Day, LightEntry, ShopRecord } from '@lone-heron/contract';
import { knownAlready, type MachineKnowledge } from './knownAlready.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const nothing: MachineKnowledge = {
  ...{ records: [], window: undefined, study: undefined, day: undefined, bottle: undefined, light: [] },
};
const entry = (changes: Partial<LightEntry>): LightEntry =>
  ({ metal: 'lowCarbonSteel', gunAngleDeg: 45, isSoftStart: true, ...changes }) as LightEntry;
const coolantRead = (isMet: boolean, at: string) =>
  ({
    entries: [{ reading: { reads: 'coolant', coolantC: 25 }, outcome: 'done', isMet, at }],
  }) as unknown as Day;

describe('what is known before anybody looks', () => {
  it('is nothing where nothing was written down', () => {
    expect(knownAlready(nothing, now)).toEqual({ context: {}, words: [] });
  });

  it('knows the pointer and the coolant of today, and not of yesterday', () => {
    const records = [
      { detail: { kind: 'pointer' }, at: '2026-11-25T07:00:00.000Z' },
    ] as unknown as readonly ShopRecord[];
    const today = { ...nothing, records, day: coolantRead(false, '2026-11-25T07:00:00.000Z') };
    expect(knownAlready(today, now).context).toEqual({ isPointerChecked: true, isCoolantGood: false });
    const later = new Date('2026-11-26T12:00:00.000Z');
    expect(knownAlready(today, later).context).toEqual({});
  });

  it('knows how much gas is left', () => {
    const bottle = { pressureBar: 8 } as Bottle;
    expect(knownAlready({ ...nothing, bottle }, now)).toEqual({
      context: { gasLeftShare: 0.04 },
      words: ['8 bar in the bottle'],
    });
  });

  it('knows the habits that burn glass, of the newest entries alone', () => {
    const old = Array.from({ length: 3 }, () => entry({}));
    expect(knownAlready({ ...nothing, light: [...old, entry({ gunAngleDeg: 90 })] }, now).words).toEqual([]);
    const { context, words } = knownAlready(
      { ...nothing, light: [entry({ gunAngleDeg: 85, isSoftStart: false }), ...old] },
      now,
    );
    expect(context).toEqual({ burnsGlass: true });
    expect(words).toEqual(['of late an upright gun, no soft start: hard on the window']);
    expect(knownAlready({ ...nothing, light: [entry({ metal: 'copper' })] }, now).context).toEqual({
      burnsGlass: true,
    });
  });
});
