import type { StockKind } from '@lone-heron/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A sort of spare part in the drawer. Taken off the list, it keeps its row. */
@Entity('stock_item')
export class StockItemEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  kind: StockKind;

  @Column('varchar')
  name: string;

  @Column('varchar')
  supplier: string;

  @Column('varchar')
  lot: string;

  @Column('integer')
  count: number;

  @Column('float', { nullable: true })
  price: number | null;

  @Column('float', { name: 'delivery_days' })
  deliveryDays: number;

  @Column('float', { name: 'service_level' })
  serviceLevel: number;

  @Column('float', { name: 'used_per_month', nullable: true })
  usedPerMonth: number | null;

  @Column('varchar', { name: 'counted_at' })
  countedAt: string;

  @Column('varchar', { name: 'removed_at', nullable: true })
  removedAt: string | null;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
