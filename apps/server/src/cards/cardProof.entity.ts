import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A coupon that was welded by a version of a card. */
@Entity('card_proof')
export class CardProofEntity {
  @PrimaryColumn('varchar', { name: 'card_id' })
  cardId: string;

  @PrimaryColumn('integer')
  version: number;

  @PrimaryColumn('varchar', { name: 'coupon_id' })
  couponId: string;

  @ManyToOne(() => CouponEntity, { nullable: false })
  @JoinColumn({ name: 'coupon_id', foreignKeyConstraintName: 'fk_card_proof_coupon' })
  coupon: Relation<CouponEntity>;

  @Column('varchar', { name: 'added_at' })
  addedAt: string;

  @Column('varchar', { name: 'added_by' })
  addedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'added_by', foreignKeyConstraintName: 'fk_card_proof_added_by' })
  adder: Relation<PersonEntity>;
}
