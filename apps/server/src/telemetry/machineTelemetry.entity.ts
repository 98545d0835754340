import type { MachineTelemetryDraft } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** How a machine is listened to, revision by revision; with its password, which no answer has. */
@Entity('machine_telemetry')
export class MachineTelemetryEntity {
  @PrimaryColumn('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_machine_telemetry_machine' })
  machine: Relation<MachineEntity>;

  @PrimaryColumn('integer')
  revision: number;

  @Column('simple-json')
  draft: MachineTelemetryDraft;

  @Column('varchar', { name: 'saved_at' })
  savedAt: string;

  @Column('varchar', { name: 'saved_by' })
  savedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'saved_by', foreignKeyConstraintName: 'fk_machine_telemetry_saved_by' })
  person: Relation<PersonEntity>;
}
