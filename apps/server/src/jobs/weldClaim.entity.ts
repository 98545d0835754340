import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { JobEntity } from './job.entity.js';

/** Who has a seam in hand. Of no weight once it was welded, and after a while. */
@Entity('weld_claim')
export class WeldClaimEntity {
  @PrimaryColumn('varchar', { name: 'job_id' })
  jobId: string;

  @PrimaryColumn('varchar')
  mark: string;

  @PrimaryColumn('integer')
  seam: number;

  @ManyToOne(() => JobEntity, { nullable: false })
  @JoinColumn({ name: 'job_id', foreignKeyConstraintName: 'fk_weld_claim_job' })
  job: Relation<JobEntity>;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_weld_claim_person' })
  person: Relation<PersonEntity>;

  @Column('varchar')
  at: string;
}
