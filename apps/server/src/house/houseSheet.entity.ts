import type { HouseContent, HouseSheet } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';

/** A revision of one of the house's sheets. Rows are added and never changed. */
@Entity('house_sheet')
export class HouseSheetEntity {
  @PrimaryColumn('varchar')
  sheet: HouseSheet;

  @PrimaryColumn('integer')
  revision: number;

  @Column('simple-json')
  content: HouseContent[HouseSheet];

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_house_sheet_made_by' })
  maker: Relation<PersonEntity>;
}
