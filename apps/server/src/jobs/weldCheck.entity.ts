import type { WeldCheckDraft } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { JobEntity } from './job.entity.js';

/** A look at, or a test of, a weld of a job. Taken back, it keeps its row. */
@Entity('weld_check')
@Index('weld_check_job', ['jobId'])
export class WeldCheckEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'job_id' })
  jobId: string;

  @ManyToOne(() => JobEntity, { nullable: false })
  @JoinColumn({ name: 'job_id', foreignKeyConstraintName: 'fk_weld_check_job' })
  job: Relation<JobEntity>;

  @Column('varchar')
  mark: string;

  @Column('integer', { nullable: true })
  seam: number | null;

  @Column('varchar')
  kind: WeldCheckDraft['kind'];

  @Column('varchar')
  result: WeldCheckDraft['result'];

  @Column('float', { name: 'undercut_mm', nullable: true })
  undercutMm: number | null;

  @Column('float', { name: 'crown_mm', nullable: true })
  crownMm: number | null;

  @Column('float', { name: 'misalignment_mm', nullable: true })
  misalignmentMm: number | null;

  @Column('float', { name: 'indication_mm', nullable: true })
  indicationMm: number | null;

  @Column('text')
  found: string;

  @Column('simple-json', { name: 'photo_ids' })
  photoIds: string[];

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_weld_check_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'done_at' })
  doneAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
