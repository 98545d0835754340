import type { SlotEntry } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** Something that was done with a slot; what a slot holds is what was stored in it last. */
@Entity('slot_entry')
@Index('slot_entry_slot', ['machineId', 'slot'])
export class SlotEntryEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_slot_entry_machine' })
  machine: Relation<MachineEntity>;

  @Column('integer')
  slot: number;

  @Column('simple-json')
  entry: SlotEntry;

  /** The order of what was done with a slot. */
  @Column('integer')
  position: number;

  @Column('varchar')
  at: string;

  @Column('varchar', { name: 'done_by' })
  doneBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'done_by', foreignKeyConstraintName: 'fk_slot_entry_done_by' })
  person: Relation<PersonEntity>;
}
