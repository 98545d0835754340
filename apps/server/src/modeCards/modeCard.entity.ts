import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A card of cleaning, cutting or pulses; what it says stands in its versions. */
@Entity('mode_card')
@Index('mode_card_number', ['number'], { unique: true })
export class ModeCardEntity {
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
