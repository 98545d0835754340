import type { HeardLight, RunOutcome, Setting, WeldRunDraft } from '@lone-heron/contract';
import type { MetalId, ShieldingGas } from '@lone-heron/core';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { JobEntity } from './job.entity.js';

/** A go at a seam of a job. What of it wears glass stands in columns of its own, so that lives are added up from them. */
@Entity('weld_run')
@Index('weld_run_job', ['jobId'])
@Index('weld_run_window', ['windowId'])
@Index('weld_run_machine', ['machineId', 'weldedAt'])
export class WeldRunEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'job_id' })
  jobId: string;

  @ManyToOne(() => JobEntity, { nullable: false })
  @JoinColumn({ name: 'job_id', foreignKeyConstraintName: 'fk_weld_run_job' })
  job: Relation<JobEntity>;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_weld_run_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar')
  mark: string;

  @Column('integer')
  seam: number;

  @Column('varchar')
  outcome: RunOutcome;

  @Column('boolean', { name: 'is_repair' })
  isRepair: boolean;

  @Column('float', { name: 'light_on_s', nullable: true })
  lightOnS: number | null;

  /** What the machine said; null where nobody took it. */
  @Column('simple-json', { nullable: true })
  heard: HeardLight | null;

  @Column('float', { name: 'hands_s', nullable: true })
  handsS: number | null;

  @Column('simple-json', { nullable: true })
  dialled: Setting | null;

  @Column('boolean', { name: 'is_otherwise' })
  isOtherwise: boolean;

  @Column('float', { name: 'gun_angle_deg' })
  gunAngleDeg: number;

  @Column('varchar')
  metal: MetalId;

  /** Of what was dialled; null where no light was on. */
  @Column('float', { name: 'mean_power_w', nullable: true })
  meanPowerW: number | null;

  @Column('varchar', { nullable: true })
  gas: ShieldingGas | null;

  @Column('simple-json', { nullable: true })
  card: WeldRunDraft['card'];

  @Column('simple-json', { name: 'photo_ids' })
  photoIds: string[];

  @Column('text')
  remark: string;

  @Column('varchar', { name: 'window_id', nullable: true })
  windowId: string | null;

  @ManyToOne(() => ProtectiveWindowEntity, { nullable: true })
  @JoinColumn({ name: 'window_id', foreignKeyConstraintName: 'fk_weld_run_window' })
  window: Relation<ProtectiveWindowEntity> | null;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_weld_run_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'welded_at' })
  weldedAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
