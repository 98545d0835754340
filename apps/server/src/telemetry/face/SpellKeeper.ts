import type { HeardLight } from '@lone-heron/contract';
import { stepFor, thinnedCurve } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { packCurve } from '../curveBytes.js';
import { TakenSpellEntity } from '../takenSpell.entity.js';
import { TelemetryStore } from '../TelemetryStore.js';

/** Points of a curve that stays with the shop for good. */
const mostKept = 600;

/** Keeps the spells of light that a record took for its own with the shop, where nothing prunes them. */
@Injectable()
export class SpellKeeper {
  constructor(private readonly store: TelemetryStore) {}

  /**
   * Keeps what is there of a record's spells. What is not there any more is left out: the figures stand in the record itself.
   *
   * @param subjectId of the coupon, or the go at a seam
   */
  async keep(
    manager: EntityManager,
    subjectId: string,
    { spellIds }: Pick<HeardLight, 'spellIds'>,
  ): Promise<void> {
    for (const spellId of spellIds) {
      const found = await this.store.withCurve(spellId);
      if (found === null) continue;
      const { spell, curve } = found;
      const step = stepFor(curve?.at(-1)?.at ?? 0, mostKept);
      const isShort = curve === null || curve.length <= mostKept;
      await manager
        .createQueryBuilder()
        .insert()
        .into(TakenSpellEntity)
        .values({
          ...{ spellId, subjectId, machineId: spell.machineId, source: spell.source, figures: spell.figures },
          startedAt: new Date(spell.startedAt).toISOString(),
          endedAt: new Date(spell.endedAt).toISOString(),
          stepS: isShort ? spell.stepS : step,
          curve: curve === null ? null : packCurve(isShort ? curve : thinnedCurve(curve, step)),
        })
        .orIgnore()
        .execute();
    }
  }
}
