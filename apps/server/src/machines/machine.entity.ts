import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A machine by its newest revision. */
@Entity('machine')
export class MachineEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;

  /** Place in the shop's own list, from 1. */
  @Column('integer')
  position: number;

  @Column('integer')
  revision: number;

  @Column('varchar', { name: 'retired_at', nullable: true })
  retiredAt: string | null;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
