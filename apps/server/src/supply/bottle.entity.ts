import type { Bottle } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';

/** A gas bottle, from delivery to its way back. */
@Entity('bottle')
export class BottleEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  gas: Bottle['gas'];

  @Column('float')
  litres: number;

  @Column('float', { name: 'pressure_bar' })
  pressureBar: number;

  @Column('varchar')
  purity: string;

  @Column('varchar')
  batch: string;

  @Column('varchar')
  supplier: string;

  @Column('float', { nullable: true })
  price: number | null;

  @Column('varchar', { name: 'machine_id', nullable: true })
  machineId: string | null;

  @ManyToOne(() => MachineEntity, { nullable: true })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_bottle_machine' })
  machine: Relation<MachineEntity> | null;

  @Column('varchar', { name: 'read_at' })
  readAt: string;

  @Column('varchar', { name: 'gone_at', nullable: true })
  goneAt: string | null;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
