import type { Role } from '@lone-heron/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('person')
export class PersonEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;

  @Column('varchar')
  role: Role;

  /** Argon2id; null for people from before there were PINs, who cannot sign in until a lead gives them one. */
  @Column('varchar', { name: 'pin_hash', nullable: true })
  pinHash: string | null;

  @Column('boolean', { name: 'has_sample_pin', default: false })
  hasSamplePin: boolean;

  @Column('varchar', { name: 'disabled_at', nullable: true })
  disabledAt: string | null;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
