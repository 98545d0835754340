import type { LightDraft } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** Welding besides coupons. Taken back, it keeps its row. */
@Entity('light_entry')
@Index('light_entry_window', ['windowId'])
@Index('light_entry_machine', ['machineId', 'weldedAt'])
export class LightEntryEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_light_entry_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar', { name: 'window_id' })
  windowId: string;

  @ManyToOne(() => ProtectiveWindowEntity, { nullable: false })
  @JoinColumn({ name: 'window_id', foreignKeyConstraintName: 'fk_light_entry_window' })
  window: Relation<ProtectiveWindowEntity>;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_light_entry_person' })
  person: Relation<PersonEntity>;

  @Column('float')
  minutes: number;

  @Column('float', { name: 'power_w' })
  powerW: number;

  @Column('varchar')
  metal: LightDraft['metal'];

  @Column('varchar')
  gas: LightDraft['gas'];

  @Column('varchar')
  batch: string;

  @Column('float', { name: 'gun_angle_deg' })
  gunAngleDeg: number;

  @Column('boolean', { name: 'is_soft_start' })
  isSoftStart: boolean;

  @Column('varchar', { name: 'welded_at' })
  weldedAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
