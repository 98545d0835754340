import type { JobState } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';

/** A job: how far it is. What is planned stands in its revisions, what was welded in its runs. */
@Entity('job')
@Index('job_number', ['number'], { unique: true })
export class JobEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar')
  state: JobState;

  /** The newest. */
  @Column('integer')
  revision: number;

  /** Seams of the batch that were welded or left out, counted again with every run. */
  @Column('integer')
  settled: number;

  @Column('float', { name: 'light_on_s' })
  lightOnS: number;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_job_made_by' })
  maker: Relation<PersonEntity>;

  @Column('varchar', { name: 'changed_at' })
  changedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
