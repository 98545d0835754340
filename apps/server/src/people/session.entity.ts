import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from './person.entity.js';

/** Somebody signed in on a device. The cookie's secret is kept as its hash, so a copy of the file opens nothing. */
@Entity('session')
@Index('session_person', ['personId'])
export class SessionEntity {
  @PrimaryColumn('varchar', { name: 'token_hash' })
  tokenHash: string;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_session_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'begun_at' })
  begunAt: string;

  @Column('varchar', { name: 'seen_at' })
  seenAt: string;
}
