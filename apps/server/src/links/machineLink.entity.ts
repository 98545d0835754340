import type { MachineLinkDraft } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** How a machine is reached, revision by revision. */
@Entity('machine_link')
export class MachineLinkEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_machine_link_machine' })
  machine: Relation<MachineEntity>;

  @PrimaryColumn('integer')
  revision: number;

  @Column('simple-json')
  draft: MachineLinkDraft;

  @Column('varchar', { name: 'saved_at' })
  savedAt: string;

  @Column('varchar', { name: 'saved_by' })
  savedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'saved_by', foreignKeyConstraintName: 'fk_machine_link_saved_by' })
  person: Relation<PersonEntity>;
}
