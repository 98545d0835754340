import type { ShopPhoto, ShopPhotoSubject } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A photo of the shop: a glass, a status page, an upkeep that was done. What it belongs to names it. */
@Entity('shop_photo')
@Index('shop_photo_hash', ['hash'])
export class ShopPhotoEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_shop_photo_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar')
  subject: ShopPhotoSubject;

  @Column('varchar')
  hash: string;

  /** Of the bytes as they were sent, to know a retried save by. */
  @Column('varchar', { name: 'sent_hash' })
  sentHash: string;

  @Column('varchar')
  type: ShopPhoto['type'];

  @Column('integer', { name: 'width_px' })
  widthPx: number;

  @Column('integer', { name: 'height_px' })
  heightPx: number;

  @Column('integer')
  bytes: number;

  @Column('varchar', { name: 'added_at' })
  addedAt: string;

  @Column('varchar', { name: 'added_by' })
  addedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'added_by', foreignKeyConstraintName: 'fk_shop_photo_added_by' })
  adder: Relation<PersonEntity>;
}
