import type { ShopPhotoSubject } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { StoredPhoto } from './storedPhoto.js';

/** A photo of the shop: a glass, a status page, an upkeep that was done. What it belongs to names it. */
@Entity('shop_photo')
@Index('shop_photo_hash', ['hash'])
export class ShopPhotoEntity extends StoredPhoto {
  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_shop_photo_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar')
  subject: ShopPhotoSubject;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'added_by', foreignKeyConstraintName: 'fk_shop_photo_added_by' })
  adder: Relation<PersonEntity>;
}
