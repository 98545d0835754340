import type { BackLook, Coupon, CouponDraft, Joint, observedKeys, Setting } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineRevisionEntity } from '../machines/machineRevision.entity.js';
import { ProtectiveWindowEntity } from '../windows/protectiveWindow.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** What was seen and done beside the back of the whole run, as far as it was said. */
export type Observed = Pick<CouponDraft, (typeof observedKeys)[number]>;

/** One scrap weld with the exact settings it was made with. Taken back, it keeps its row with `withdrawnAt`. */
@Entity('coupon')
@Index('coupon_number', ['number'], { unique: true })
// In order of how long the light was on: the middle of it is found in it alone.
@Index('coupon_light', ['withdrawnAt', 'lightOnS'])
// With every column that a list is narrowed by: what matches is counted in it alone.
@Index('coupon_counted', [
  'withdrawnAt',
  'machineId',
  'metal',
  'back',
  'kind',
  'personId',
  'hasSlip',
  'thicknessMm',
])
@Index('coupon_window', [
  'windowId',
  'withdrawnAt',
  'personId',
  'metal',
  'gas',
  'lightOnS',
  'meanPowerW',
  'gunAngleDeg',
])
// With the remark, so that words are looked for in the index alone.
@Index('coupon_listed', ['withdrawnAt', 'number', 'remark'])
@Index('coupon_by_slip', ['withdrawnAt', 'hasSlip', 'number'])
@Index('coupon_by_metal', ['withdrawnAt', 'metal', 'number'])
@Index('coupon_by_machine', ['withdrawnAt', 'machineId', 'number'])
@Index('coupon_by_back', ['withdrawnAt', 'back', 'number'])
@Index('coupon_by_kind', ['withdrawnAt', 'kind', 'number'])
@Index('coupon_by_person', ['withdrawnAt', 'personId', 'number'])
@Index('coupon_by_thickness', ['withdrawnAt', 'thicknessMm', 'number'])
@Index('coupon_by_power', ['withdrawnAt', 'powerW', 'number'])
@Index('coupon_by_travel', ['withdrawnAt', 'travelMmS', 'number'])
@Index('coupon_by_ladder', ['ladderId'])
@Index('coupon_by_day', ['withdrawnAt', 'weldedAt', 'number'])
export class CouponEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('integer')
  number: number;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @Column('integer', { name: 'machine_revision' })
  machineRevision: number;

  @ManyToOne(() => MachineRevisionEntity, { nullable: false })
  @JoinColumn([
    {
      name: 'machine_id',
      referencedColumnName: 'machineId',
      foreignKeyConstraintName: 'fk_coupon_machine_revision',
    },
    {
      name: 'machine_revision',
      referencedColumnName: 'revision',
      foreignKeyConstraintName: 'fk_coupon_machine_revision',
    },
  ])
  machine: Relation<MachineRevisionEntity>;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_coupon_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'window_id' })
  windowId: string;

  @ManyToOne(() => ProtectiveWindowEntity, { nullable: false })
  @JoinColumn({ name: 'window_id', foreignKeyConstraintName: 'fk_coupon_window' })
  window: Relation<ProtectiveWindowEntity>;

  /** What lists are filtered and sorted by, once more out of joint, setting and what was observed. */
  @Column('varchar')
  metal: string;

  @Column('varchar')
  kind: Joint['kind'];

  @Column('float', { name: 'thickness_mm' })
  thicknessMm: number;

  @Column('float', { name: 'power_w' })
  powerW: number;

  @Column('float', { name: 'travel_mm_s', nullable: true })
  travelMmS: number | null;

  @Column('boolean', { name: 'has_slip' })
  hasSlip: boolean;

  /** What wears the window, once more out of setting and what was observed. */
  @Column('float', { name: 'mean_power_w' })
  meanPowerW: number;

  @Column('varchar')
  gas: string;

  @Column('float', { name: 'gun_angle_deg', nullable: true })
  gunAngleDeg: number | null;

  @Column('varchar', { name: 'ladder_id', nullable: true })
  ladderId: string | null;

  @Column('simple-json')
  joint: Joint;

  @Column('simple-json')
  setting: Setting;

  @Column('varchar')
  back: BackLook;

  @Column('float', { name: 'light_on_s', nullable: true })
  lightOnS: number | null;

  @Column('float', { name: 'run_length_mm', nullable: true })
  runLengthMm: number | null;

  @Column('text')
  remark: string;

  @Column('simple-json')
  observed: Observed;

  @Column('integer')
  revision: number;

  /** What the newest section showed, kept here so that a list needs no tests. */
  @Column('simple-json', { nullable: true })
  section: Coupon['section'];

  @Column('varchar', { name: 'welded_at' })
  weldedAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
