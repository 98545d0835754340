import type { HandMode, ModeLook, ModeSetting, ModeWork } from '@lone-heron/contract';
import type { MetalId, ShieldingGas } from '@lone-heron/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { TrialLadderEntity } from './trialLadder.entity.js';

/** A strip, a piece, a spot or a seam of spots. What of it wears glass stands in columns of its own, so that lives are added up from them. */
@Entity('trial')
@Index('trial_number', ['number'], { unique: true })
@Index('trial_window', ['windowId'])
@Index('trial_machine', ['machineId', 'madeAt'])
@Index('trial_mode', ['mode', 'madeAt'])
export class TrialEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar')
  mode: HandMode;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_trial_machine' })
  machine: Relation<MachineEntity>;

  @Column('integer', { name: 'machine_revision' })
  machineRevision: number;

  @Column('simple-json')
  work: ModeWork;

  @Column('simple-json')
  setting: ModeSetting;

  @Column('varchar')
  look: ModeLook;

  @Column('boolean', { name: 'is_tint_left', nullable: true })
  isTintLeft: boolean | null;

  @Column('float', { name: 'kerf_mm', nullable: true })
  kerfMm: number | null;

  @Column('boolean', { name: 'was_sent', nullable: true })
  wasSent: boolean | null;

  @Column('float', { name: 'light_on_s', nullable: true })
  lightOnS: number | null;

  @Column('float', { nullable: true })
  stated: number | null;

  @Column('varchar', { name: 'ladder_id', nullable: true })
  ladderId: string | null;

  @ManyToOne(() => TrialLadderEntity, { nullable: true })
  @JoinColumn({ name: 'ladder_id', foreignKeyConstraintName: 'fk_trial_ladder' })
  ladder: Relation<TrialLadderEntity> | null;

  @Column('integer', { name: 'ladder_index', nullable: true })
  ladderIndex: number | null;

  @Column('simple-json', { name: 'photo_ids' })
  photoIds: string[];

  @Column('text')
  remark: string;

  @Column('varchar')
  metal: MetalId;

  @Column('float', { name: 'mean_power_w', nullable: true })
  meanPowerW: number | null;

  @Column('varchar', { nullable: true })
  gas: ShieldingGas | null;

  @Column('varchar', { name: 'window_id', nullable: true })
  windowId: string | null;

  @ManyToOne(() => ProtectiveWindowEntity, { nullable: true })
  @JoinColumn({ name: 'window_id', foreignKeyConstraintName: 'fk_trial_window' })
  window: Relation<ProtectiveWindowEntity> | null;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_trial_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
