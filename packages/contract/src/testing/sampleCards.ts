import type { Card, CardContent } from '../cards/card.js';
import { houseStarts, type NamedLevel } from '../house/house.js';
import type { Joint } from '../joint/joint.js';
import type { Machine } from '../machines/machine.js';
import { startingProfiles } from '../machines/startingProfiles.js';

/** A machine as the shop would start it, whose reach is changed. */
export function machineOf(id: string, changes: Partial<Machine['profile']> = {}): Machine {
  const [start] = startingProfiles;
  if (start === undefined) throw new Error('There is no machine to start from.');
  return { id, name: id, revision: 1, profile: { ...start.profile, ...changes } };
}

export const buttOf = (metal: Joint['metal'], mm: number): Joint => ({
  kind: 'butt',
  metal,
  firstThicknessMm: mm,
  secondThicknessMm: mm,
  gapMm: 0.1,
});

/** A card of one version with a name and a joint. */
export function cardOf(number: number, name: string, joint: Joint, changes: Partial<CardContent> = {}): Card {
  const content: CardContent = {
    ...{ name, machineId: 'bench', joint },
    setting: {
      powerW: 800,
      dutyPercent: 100,
      wobble: { shape: 'sideToSide', widthMm: 2, frequencyHz: 60 },
      pace: { by: 'hand', travelMmS: 9 },
      gas: 'argon',
      gasFlowLMin: 15,
    },
    nozzle: { shape: 'flat', isGrooved: false, boreMm: 6 },
    ...{ focusMm: 0, gunAngleDeg: 45, notes: '', tags: [] },
    level: houseStarts.acceptance[0] as NamedLevel,
    ...changes,
  };
  return {
    id: `019a0000-0000-7000-8000-${String(number).padStart(12, '0')}`,
    number,
    retiredAt: null,
    versions: [
      {
        ...{ version: 1, content, why: '', carriedFrom: null, elsewhere: null },
        ...{ madeAt: '2026-11-01T08:00:00.000Z', madeBy: 'ines' },
        ...{ signedAt: null, signedBy: null, proofs: [], verdicts: [] },
      },
    ],
  };
}
