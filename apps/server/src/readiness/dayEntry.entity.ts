import type { DayEntry, StepReading } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { DayEntity } from './day.entity.js';

/** What was done at a step, by whom and when. Rows are added and never changed; the newest of a step counts. */
@Entity('day_entry')
@Index('day_entry_place', ['dayId', 'place'], { unique: true })
export class DayEntryEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'day_id' })
  dayId: string;

  @ManyToOne(() => DayEntity, (day) => day.entries, { nullable: false })
  @JoinColumn({ name: 'day_id', foreignKeyConstraintName: 'fk_day_entry_day' })
  day: Relation<DayEntity>;

  /** Counted up in the day, so that entries of one millisecond keep their order. */
  @Column('integer')
  place: number;

  @Column('varchar', { name: 'step_id' })
  stepId: string;

  @Column('varchar')
  outcome: DayEntry['outcome'];

  @Column('simple-json')
  reading: StepReading;

  @Column('text')
  reason: string;

  @Column('boolean', { name: 'is_met' })
  isMet: boolean;

  @Column('text')
  words: string;

  @Column('varchar')
  at: string;

  @Column('varchar', { name: 'person_id' })
  personId: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'fk_day_entry_person' })
  person: Relation<PersonEntity>;
}
