import type { Joint, LadderDraft, Setting } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A run of coupons that changes one to three knobs on purpose. */
@Entity('ladder')
@Index('ladder_number', ['number'], { unique: true })
export class LadderEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar')
  name: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_ladder_machine' })
  machine: Relation<MachineEntity>;

  @Column('simple-json')
  joint: Joint;

  @Column('simple-json')
  setting: Setting;

  @Column('simple-json')
  axes: LadderDraft['axes'];

  @Column('simple-json')
  rungs: LadderDraft['rungs'];

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_ladder_made_by' })
  maker: Relation<PersonEntity>;

  @Column('varchar', { name: 'closed_at', nullable: true })
  closedAt: string | null;
}
