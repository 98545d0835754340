import type { ProcedureStated } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { CardEntity } from '../cards/card.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A revision of a card's welding procedure; only its approval is added later. */
@Entity('procedure_revision')
export class ProcedureRevisionEntity {
  @PrimaryColumn('varchar', { name: 'card_id' })
  cardId: string;

  @PrimaryColumn('integer')
  revision: number;

  @ManyToOne(() => CardEntity, { nullable: false })
  @JoinColumn({ name: 'card_id', foreignKeyConstraintName: 'fk_procedure_revision_card' })
  card: Relation<CardEntity>;

  @Column('integer', { name: 'card_version' })
  cardVersion: number;

  @Column('simple-json')
  stated: ProcedureStated;

  @Column('text')
  why: string;

  @Column('varchar', { name: 'prepared_at' })
  preparedAt: string;

  @Column('varchar', { name: 'prepared_by' })
  preparedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'prepared_by', foreignKeyConstraintName: 'fk_procedure_revision_prepared_by' })
  preparer: Relation<PersonEntity>;

  @Column('varchar', { name: 'approved_at', nullable: true })
  approvedAt: string | null;

  @Column('varchar', { name: 'approved_by', nullable: true })
  approvedBy: string | null;
}
