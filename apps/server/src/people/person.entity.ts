import type { Person } from '@lone-heron/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('person')
export class PersonEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;

  @Column('varchar')
  role: Person['role'];
}
