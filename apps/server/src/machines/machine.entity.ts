import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A machine by its newest revision. */
@Entity('machine')
export class MachineEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;

  @Column('integer')
  revision: number;
}
