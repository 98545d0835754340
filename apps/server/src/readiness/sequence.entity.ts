import type { Step } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A revision of a machine's start-up and shut-down, as a lead wrote it. Rows are added and never changed. */
@Entity('sequence')
export class SequenceEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_sequence_machine' })
  machine: Relation<MachineEntity>;

  @PrimaryColumn('integer')
  revision: number;

  @Column('simple-json', { name: 'start_up' })
  startUp: Step[];

  @Column('simple-json', { name: 'shut_down' })
  shutDown: Step[];

  @Column('varchar')
  note: string;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_sequence_made_by' })
  maker: Relation<PersonEntity>;
}
