import type { HouseContent, HouseSheet } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { WorkshopEntity } from '../workshops/workshop.entity.js';

/** A revision of a sheet that a workshop has of its own, on top of the firm's. Rows are added and never changed. */
@Entity('workshop_sheet')
export class WorkshopSheetEntity {
  /** Whose sheet which: "quay/prices". */
  @PrimaryColumn('varchar')
  subject: string;

  @PrimaryColumn('integer')
  revision: number;

  @Column('varchar', { name: 'workshop_id' })
  workshopId: string;

  @ManyToOne(() => WorkshopEntity, { nullable: false })
  @JoinColumn({ name: 'workshop_id', foreignKeyConstraintName: 'fk_workshop_sheet_workshop' })
  workshop: Relation<WorkshopEntity>;

  @Column('varchar')
  sheet: HouseSheet;

  /** Null where the workshop goes by the firm's again. */
  @Column('simple-json', { nullable: true })
  content: HouseContent[HouseSheet] | null;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_workshop_sheet_made_by' })
  maker: Relation<PersonEntity>;
}
