import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A workshop of the firm. */
@Entity('workshop')
@Index('workshop_name', ['name'], { unique: true })
export class WorkshopEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;
}
