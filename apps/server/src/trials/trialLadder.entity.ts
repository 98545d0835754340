import type { ModeSetting, ModeWork, TrialKnob } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A run of trials of a mode that changes one knob on purpose. */
@Entity('trial_ladder')
@Index('trial_ladder_number', ['number'], { unique: true })
export class TrialLadderEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar')
  name: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_trial_ladder_machine' })
  machine: Relation<MachineEntity>;

  @Column('simple-json')
  work: ModeWork;

  @Column('simple-json')
  setting: ModeSetting;

  @Column('varchar')
  knob: TrialKnob;

  @Column('simple-json', { name: 'rungs' })
  values: number[];

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_trial_ladder_made_by' })
  maker: Relation<PersonEntity>;

  @Column('varchar', { name: 'closed_at', nullable: true })
  closedAt: string | null;
}
