import type { Step } from '@lone-heron/contract';
import {
  Column,
  Entity,
  Index,
  JoinColumn,
  ManyToOne,
  OneToMany,
  PrimaryColumn,
  type Relation,
} from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import type { DayEntryEntity } from './dayEntry.entity.js';

/** A machine's day with the steps it was opened with; one day of a machine is open at a time. */
@Entity('day')
@Index('day_machine', ['machineId', 'openedAt'])
@Index('one_open_day_per_machine', ['machineId'], { unique: true, where: 'closed_at IS NULL' })
export class DayEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_day_machine' })
  machine: Relation<MachineEntity>;

  @Column('integer', { name: 'sequence_revision' })
  sequenceRevision: number;

  @Column('simple-json', { name: 'start_up' })
  startUp: Step[];

  @Column('simple-json', { name: 'shut_down' })
  shutDown: Step[];

  @Column('varchar', { name: 'opened_at' })
  openedAt: string;

  @Column('varchar', { name: 'opened_by' })
  openedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'opened_by', foreignKeyConstraintName: 'fk_day_opened_by' })
  opener: Relation<PersonEntity>;

  @Column('varchar', { name: 'closed_at', nullable: true })
  closedAt: string | null;

  /** Named by word: the entity behind it imports this one. */
  @OneToMany('DayEntryEntity', 'day')
  entries: Relation<DayEntryEntity[]>;
}
