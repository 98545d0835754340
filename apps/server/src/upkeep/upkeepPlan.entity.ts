import type { UpkeepTask } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A revision of a machine's upkeep, as a lead wrote it. Rows are added and never changed. */
@Entity('upkeep_plan')
export class UpkeepPlanEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_upkeep_plan_machine' })
  machine: Relation<MachineEntity>;

  @PrimaryColumn('integer')
  revision: number;

  @Column('simple-json')
  tasks: UpkeepTask[];

  @Column('varchar')
  note: string;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_upkeep_plan_made_by' })
  maker: Relation<PersonEntity>;
}
