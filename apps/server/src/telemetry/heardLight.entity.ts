import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';

/** Light that a machine was heard to have had, a row for each hour of the day that had any. */
@Entity('heard_light')
export class HeardLightEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_heard_light_machine' })
  machine: Relation<MachineEntity>;

  /** Its beginning, such as 2026-11-24T09:00:00.000Z. */
  @PrimaryColumn('varchar')
  hour: string;

  @Column('float')
  seconds: number;
}
