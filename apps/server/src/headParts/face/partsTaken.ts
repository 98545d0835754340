import type { HeadPartKind } from '@lone-heron/contract';
import { IsNull, MoreThan, type EntityManager, type FindOperator } from 'typeorm';
import { HeadPartEntity } from '../headPart.entity.js';

/** How many parts of a kind went in since a moment that came from a spare of this sort. */
export function partsTaken(
  manager: EntityManager,
  kind: HeadPartKind,
  since: string,
  stockId: string | FindOperator<string>,
): Promise<number> {
  return manager.countBy(HeadPartEntity, { kind, fittedAt: MoreThan(since), undoneAt: IsNull(), stockId });
}
