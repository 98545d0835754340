import { Column, Entity, Index, JoinColumn, OneToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from './person.entity.js';

/** How somebody signs in over the network. */
@Entity('account')
@Index('account_login', ['login'], { unique: true })
@Index('account_subject', ['subject'], { unique: true })
export class AccountEntity {
  @PrimaryColumn('varchar', { name: 'person_id' })
  personId: string;

  @OneToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_account_person' })
  person: Relation<PersonEntity>;

  @Column('varchar')
  login: string;

  /** Argon2id; null where they come by the provider alone. */
  @Column('varchar', { name: 'passphrase_hash', nullable: true })
  passphraseHash: string | null;

  /** Who the provider says they are, by its issuer and its own name for them; null until they came by it once. */
  @Column('varchar', { nullable: true })
  subject: string | null;
}
