import type { Photo, PhotoSubject } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A photo of a coupon. Its bytes lie in the data folder under their hash. */
@Entity('photo')
@Index('photo_coupon', ['couponId'])
@Index('photo_hash', ['hash'])
export class PhotoEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'coupon_id' })
  couponId: string;

  @ManyToOne(() => CouponEntity, { nullable: false })
  @JoinColumn({ name: 'coupon_id', foreignKeyConstraintName: 'fk_photo_coupon' })
  coupon: Relation<CouponEntity>;

  @Column('varchar')
  subject: PhotoSubject;

  @Column('varchar')
  hash: string;

  /** Of the bytes as they were sent, to know a retried save by. */
  @Column('varchar', { name: 'sent_hash' })
  sentHash: string;

  @Column('varchar')
  type: Photo['type'];

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
  @JoinColumn({ name: 'added_by', foreignKeyConstraintName: 'fk_photo_added_by' })
  adder: Relation<PersonEntity>;

  /** Set where it was taken away; the bytes stay. */
  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
