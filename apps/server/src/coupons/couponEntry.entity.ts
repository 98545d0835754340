import type { CouponDraft } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { CouponEntity } from './coupon.entity.js';

/** What a coupon said before it was amended, revision by revision. */
@Entity('coupon_entry')
export class CouponEntryEntity {
  @PrimaryColumn('varchar', { name: 'coupon_id' })
  couponId: string;

  @PrimaryColumn('integer')
  revision: number;

  @ManyToOne(() => CouponEntity, { nullable: false })
  @JoinColumn({ name: 'coupon_id', foreignKeyConstraintName: 'fk_coupon_entry_coupon' })
  coupon: Relation<CouponEntity>;

  @Column('simple-json')
  draft: CouponDraft;

  @Column('text')
  why: string;

  @Column('varchar', { name: 'superseded_at' })
  supersededAt: string;

  @Column('varchar', { name: 'superseded_by' })
  supersededBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'superseded_by', foreignKeyConstraintName: 'fk_coupon_entry_superseded_by' })
  amender: Relation<PersonEntity>;
}
