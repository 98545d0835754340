import type { HeardLight } from '@lone-heron/contract';
import { stepFor, thinnedCurve } from '@lone-heron/core';
import { Injectable } from '@nestjs/common';
import { In, IsNull, Not, type EntityManager } from 'typeorm';
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
   * Keeps what is there of a new record's spells. What is not there any more is left out: the figures stand in the record itself.
   *
   * @param subjectId of the coupon, or the go at a seam
   * @param heard what the record says; undefined for nothing
   */
  async keep(
    manager: EntityManager,
    subjectId: string,
    heard: Pick<HeardLight, 'spellIds'> | undefined,
  ): Promise<void> {
    for (const spellId of heard?.spellIds ?? []) await this.keepOne(manager, subjectId, spellId);
  }

  /**
   * Keeps what a record says now, and lets go of what it had before and has no more.
   *
   * @param at when that is, ISO 8601
   */
  async keepInstead(
    manager: EntityManager,
    subjectId: string,
    heard: Pick<HeardLight, 'spellIds'> | undefined,
    at: string,
  ): Promise<void> {
    const spellIds = heard?.spellIds ?? [];
    await manager.update(
      TakenSpellEntity,
      { subjectId, letGoAt: IsNull(), spellId: Not(In([...spellIds])) },
      { letGoAt: at },
    );
    await this.keep(manager, subjectId, heard);
  }

  /** Lets go of a record's spells with it, so that another can take them; or takes them again. */
  async setLetGo(manager: EntityManager, subjectId: string, at: string | null): Promise<void> {
    await manager.update(TakenSpellEntity, { subjectId }, { letGoAt: at });
  }

  private async keepOne(manager: EntityManager, subjectId: string, spellId: string): Promise<void> {
    const kept = await manager.update(TakenSpellEntity, { spellId, subjectId }, { letGoAt: null });
    if (kept.affected !== 0) return;
    const found = await this.store.withCurve(spellId);
    if (found === null) return;
    const { spell, curve } = found;
    const step = stepFor(curve?.at(-1)?.at ?? 0, mostKept);
    const isShort = curve === null || curve.length <= mostKept;
    await manager.insert(TakenSpellEntity, {
      ...{ spellId, subjectId, machineId: spell.machineId, source: spell.source, figures: spell.figures },
      startedAt: new Date(spell.startedAt).toISOString(),
      endedAt: new Date(spell.endedAt).toISOString(),
      stepS: isShort ? spell.stepS : step,
      letGoAt: null,
      curve: curve === null ? null : packCurve(isShort ? curve : thinnedCurve(curve, step)),
    });
  }
}
