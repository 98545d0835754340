import type { MachineProfile } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from './machine.entity.js';

/** What a machine could do while a revision stood; never changed once written. */
@Entity('machine_revision')
export class MachineRevisionEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @PrimaryColumn('integer')
  revision: number;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_machine_revision_machine' })
  machine: Relation<MachineEntity>;

  @Column('simple-json')
  profile: MachineProfile;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;
}
