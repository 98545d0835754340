import type { JobDraft } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { JobEntity } from './job.entity.js';

/** A job as it was planned once; never changed. */
@Entity('job_revision')
export class JobRevisionEntity {
  @PrimaryColumn('varchar', { name: 'job_id' })
  jobId: string;

  @PrimaryColumn('integer')
  revision: number;

  @ManyToOne(() => JobEntity, { nullable: false })
  @JoinColumn({ name: 'job_id', foreignKeyConstraintName: 'fk_job_revision_job' })
  job: Relation<JobEntity>;

  @Column('simple-json')
  draft: JobDraft;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_job_revision_made_by' })
  maker: Relation<PersonEntity>;
}
