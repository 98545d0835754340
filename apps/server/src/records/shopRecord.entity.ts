import type { RecordDetail, RecordKind } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** Something written down about a machine: a scrap test, a water change, a safety test. Taken back, it keeps its row. */
@Entity('shop_record')
@Index('shop_record_machine', ['machineId', 'kind'])
export class ShopRecordEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_shop_record_machine' })
  machine: Relation<MachineEntity>;

  /** The detail's kind once more, to list by. */
  @Column('varchar')
  kind: RecordKind;

  @Column('simple-json')
  detail: RecordDetail;

  @Column('text')
  note: string;

  @Column('varchar')
  at: string;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_shop_record_person' })
  person: Relation<PersonEntity>;

  @Column('varchar', { name: 'withdrawn_at', nullable: true })
  withdrawnAt: string | null;
}
