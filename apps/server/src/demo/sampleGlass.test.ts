import {
  borneLight,
  windowLives,
  windowStudy,
  type LivesInput,
  type WindowLight,
} from '@lone-heron/contract';
import { documentedPowers, fitDoseWeights } from '@lone-heron/core';
import { hiddenGlassTruth, sampleGlass } from './sampleGlass.js';

const now = new Date('2026-11-25T12:00:00.000Z');
const at = (daysAgo: number) => new Date(now.getTime() - daysAgo * 86_400_000).toISOString();

/** The sample's windows and light as they are stored, each machine's windows one after the other. */
function storedGlass(): Pick<LivesInput, 'windows' | 'light' | 'usualS'> {
  const sample = sampleGlass();
  const windows = sample.windows.map((window, i) => {
    const next = sample.windows.slice(i + 1).find(({ machineId }) => machineId === window.machineId);
    return {
      ...{ id: String(i), machineId: window.machineId, number: i + 1, fittedAt: at(window.fittedAgo) },
      removedAt: next === undefined ? null : at(next.fittedAgo),
      removedReason: next === undefined ? null : window.reason,
      ...{ supplier: window.supplier, lot: window.lot, fittedPlace: window.fittedPlace },
    };
  });
  const light = sample.light.map(({ draft, personId, ago }): WindowLight => {
    const mine = windows.filter(
      ({ machineId, fittedAt }) => machineId === draft.machineId && fittedAt <= at(ago),
    );
    const { minutes, machineId: _machine, ...rest } = draft;
    return {
      ...rest,
      personId,
      windowId: mine.at(-1)?.id ?? '',
      seconds: minutes * 60,
      isCoupon: false,
      count: 1,
    };
  });
  return { windows, light, usualS: null };
}

describe('two years of sample windows', () => {
  it('bring out what nobody there knows: the bad batch and the upright gun, and nothing else', () => {
    const lives = windowLives({ ...storedGlass(), counters: [], heard: [], powers: documentedPowers, now });
    const { shortens, windows, failures } = windowStudy(lives, { measure: 'worn' }, { windowPrice: 12, now });
    expect(windows).toBeGreaterThan(80);
    expect(failures).toBeGreaterThan(60);
    expect(shortens.map(({ factor, level }) => [factor, level])).toEqual([
      ['batch', hiddenGlassTruth.badBatch],
      ['gunAngle', 'upright'],
    ]);
    for (const { excess, costPerMonth } of shortens) {
      expect(excess).toBeGreaterThan(5);
      expect(costPerMonth).toBeGreaterThan(1);
    }
  });

  it('say more of the gun’s angle than the documented weight does', () => {
    expect(fitDoseWeights(borneLight(storedGlass())).powers.angle).toBeGreaterThan(1.2);
  });

  it('are fitted one after the other, the light of each day through the one that was in', () => {
    const { windows, light } = storedGlass();
    for (const machineId of ['bench', 'barrow']) {
      const fitted = windows.filter((each) => each.machineId === machineId).map(({ fittedAt }) => fittedAt);
      expect(fitted).toEqual(fitted.toSorted());
    }
    expect(light.filter(({ windowId }) => windowId === '')).toEqual([]);
  });
});
