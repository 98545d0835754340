import type { SpellSource } from '@lone-heron/contract';
import type { LightSpell } from '@lone-heron/core';
import { packCurve } from './curveBytes.js';
import { HeardSpellEntity } from './heardSpell.entity.js';

/** A spell as it is kept: named by its machine and its start, so that the same one is never there twice. */
export function spellRow(
  machineId: string,
  { startedAt, endedAt, figures, curve }: LightSpell,
  from: SpellSource,
): HeardSpellEntity {
  const row = new HeardSpellEntity();
  Object.assign(row, {
    ...{ id: `${machineId}-${startedAt}`, machineId, startedAt, endedAt, source: from },
    figures: {
      litS: figures.lit,
      powerW: figures.power,
      gasLMin: figures.gas,
      coolantMostC: figures.coolantMost,
      holderMostC: figures.holderMost,
      alarm: figures.alarm,
      isBroken: figures.isBroken,
    },
    ...{ stepS: 0, curve: packCurve(curve) },
  });
  return row;
}
