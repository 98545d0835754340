import type { BackLook, Joint, Setting } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineRevisionEntity } from '../machines/machineRevision.entity.js';
import { ProtectiveWindowEntity } from '../optics/protectiveWindow.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** One scrap weld with the exact settings it was made with. Taken back, it keeps its row with `withdrawnAt`. */
@Entity('coupon')
@Index('coupon_number', ['number'], { unique: true })
@Index('coupon_machine', ['machineId'])
@Index('coupon_window', ['windowId'])
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

  /** The joint's metal once more, to list by. */
  @Column('varchar')
  metal: string;

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

  @Column('varchar', { name: 'welded_at' })
  weldedAt: string;

  @Column('varchar', { name: 'recorded_at' })
  recordedAt: string;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
