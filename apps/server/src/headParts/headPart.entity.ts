import type { HeadPartKind, PartReason } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A part of a head or its supplies, from fitting to removal. A change that was taken back keeps its row. */
@Entity('head_part')
@Index('head_part_place', ['machineId', 'kind', 'place'])
export class HeadPartEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_head_part_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar')
  kind: HeadPartKind;

  @Column('varchar')
  place: string;

  @Column('varchar')
  supplier: string;

  @Column('varchar')
  lot: string;

  @Column('varchar', { name: 'previous_id', nullable: true })
  previousId: string | null;

  /** The sort of spare it came from; null where none was in the drawer. */
  @Column('varchar', { name: 'stock_id', nullable: true })
  stockId: string | null;

  @Column('varchar', { name: 'fitted_at' })
  fittedAt: string;

  @Column('varchar', { name: 'fitted_by' })
  fittedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'fitted_by', foreignKeyConstraintName: 'fk_head_part_fitted_by' })
  fitter: Relation<PersonEntity>;

  @Column('varchar', { name: 'removed_at', nullable: true })
  removedAt: string | null;

  @Column('varchar', { name: 'removed_reason', nullable: true })
  removedReason: PartReason | null;

  @Column('text', { name: 'removed_note', nullable: true })
  removedNote: string | null;

  @Column('varchar', { name: 'undone_at', nullable: true })
  undoneAt: string | null;

  @Column('varchar', { name: 'undone_by', nullable: true })
  undoneBy: string | null;
}
