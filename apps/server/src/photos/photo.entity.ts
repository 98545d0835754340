import type { PhotoSubject } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, type Relation } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { PersonEntity } from '../people/person.entity.js';
import { StoredPhoto } from './storedPhoto.js';

/** A photo of a coupon. Its bytes lie in the data folder under their hash. */
@Entity('photo')
@Index('photo_coupon', ['couponId'])
@Index('photo_hash', ['hash'])
export class PhotoEntity extends StoredPhoto {
  @Column('varchar', { name: 'coupon_id' })
  couponId: string;

  @ManyToOne(() => CouponEntity, { nullable: false })
  @JoinColumn({ name: 'coupon_id', foreignKeyConstraintName: 'fk_photo_coupon' })
  coupon: Relation<CouponEntity>;

  @Column('varchar')
  subject: PhotoSubject;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'added_by', foreignKeyConstraintName: 'fk_photo_added_by' })
  adder: Relation<PersonEntity>;

  /** Set where it was taken away; the bytes stay. */
  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
