import type { TestDetail, TestKind, TestResult } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** A test of a coupon. Taken back, it keeps its row with `withdrawnAt`. */
@Entity('coupon_test')
@Index('coupon_test_coupon', ['couponId'])
export class CouponTestEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'coupon_id' })
  couponId: string;

  @ManyToOne(() => CouponEntity, { nullable: false })
  @JoinColumn({ name: 'coupon_id', foreignKeyConstraintName: 'fk_coupon_test_coupon' })
  coupon: Relation<CouponEntity>;

  @Column('varchar')
  kind: TestKind;

  @Column('simple-json')
  detail: TestDetail;

  @Column('varchar')
  result: TestResult;

  @Column('text')
  remark: string;

  @Column('varchar', { name: 'done_at' })
  doneAt: string;

  @Column('varchar', { name: 'done_by' })
  doneBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'done_by', foreignKeyConstraintName: 'fk_coupon_test_done_by' })
  tester: Relation<PersonEntity>;

  @Column('simple-json', { name: 'photo_ids' })
  photoIds: string[];

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
