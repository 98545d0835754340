import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Wrong PINs in a row for an id from one address, whether anybody goes by it or not: the lock must not tell. */
@Entity('wrong_pin')
export class WrongPinEntity {
  @PrimaryColumn('varchar', { name: 'person_id' })
  personId: string;

  @PrimaryColumn('varchar')
  address: string;

  @Column('integer')
  count: number;

  @Column('varchar', { name: 'last_at' })
  lastAt: string;
}
