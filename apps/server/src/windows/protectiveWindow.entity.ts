import type { ChangePlace, WindowFound, WindowReason } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** One piece of protective glass. A change that was taken back keeps its row with `undoneAt`. */
@Entity('protective_window')
@Index('one_fitted_window_per_machine', ['machineId'], {
  unique: true,
  where: 'removed_at IS NULL AND undone_at IS NULL',
})
export class ProtectiveWindowEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_protective_window_machine' })
  machine: Relation<MachineEntity>;

  @Column('integer')
  number: number;

  @Column('varchar', { name: 'previous_id', nullable: true })
  previousId: string | null;

  @ManyToOne(() => ProtectiveWindowEntity, { nullable: true })
  @JoinColumn({ name: 'previous_id', foreignKeyConstraintName: 'fk_protective_window_previous' })
  previous: Relation<ProtectiveWindowEntity> | null;

  @Column('varchar', { name: 'fitted_at' })
  fittedAt: string;

  @Column('varchar', { name: 'fitted_by' })
  fittedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'fitted_by', foreignKeyConstraintName: 'fk_protective_window_fitted_by' })
  fitter: Relation<PersonEntity>;

  @Column('varchar', { name: 'removed_at', nullable: true })
  removedAt: string | null;

  @Column('varchar', { name: 'removed_reason', nullable: true })
  removedReason: WindowReason | null;

  @Column('text', { name: 'removed_note', nullable: true })
  removedNote: string | null;

  @Column('simple-json', { name: 'removed_found', nullable: true })
  removedFound: WindowFound | null;

  @Column('varchar', { default: '' })
  supplier: string;

  @Column('varchar', { default: '' })
  lot: string;

  /** Where the head was opened to fit it; null where nobody said. */
  @Column('varchar', { name: 'fitted_place', nullable: true })
  fittedPlace: ChangePlace | null;

  /** The sort of spare it came from; null where none was in the drawer. */
  @Column('varchar', { name: 'stock_id', nullable: true })
  stockId: string | null;

  @Column('varchar', { name: 'undone_at', nullable: true })
  undoneAt: string | null;

  @Column('varchar', { name: 'undone_by', nullable: true })
  undoneBy: string | null;
}
