import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A card: what it says is in its versions. */
@Entity('card')
@Index('card_number', ['number'], { unique: true })
export class CardEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar', { name: 'retired_at', nullable: true })
  retiredAt: string | null;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
