import type { Clearance } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A lead cleared somebody for a machine and a mode. Withdrawn, it keeps its row. */
@Entity('clearance')
export class ClearanceEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_clearance_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_clearance_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar')
  mode: Clearance['mode'];

  @Column('varchar', { nullable: true })
  until: string | null;

  @Column('text')
  note: string;

  @Column('varchar', { name: 'cleared_at' })
  clearedAt: string;

  @Column('varchar', { name: 'cleared_by' })
  clearedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'cleared_by', foreignKeyConstraintName: 'fk_clearance_cleared_by' })
  lead: Relation<PersonEntity>;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
