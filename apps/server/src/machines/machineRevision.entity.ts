import type { MachineProfile } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
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

  /** As the machine was called then. */
  @Column('varchar', { default: '' })
  name: string;

  @Column('simple-json')
  profile: MachineProfile;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  /** Null for revisions from before people were recorded. */
  @Column('varchar', { name: 'made_by', nullable: true })
  madeBy: string | null;

  @ManyToOne(() => PersonEntity, { nullable: true })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_machine_revision_made_by' })
  maker: Relation<PersonEntity> | null;

  /** Why it was changed. */
  @Column('varchar', { default: '' })
  note: string;
}
