import type { Eyewear } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';

/** A helmet or a pair of glasses, as it was found when last looked at. */
@Entity('eyewear')
export class EyewearEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  name: string;

  @Column('varchar')
  kind: Eyewear['kind'];

  @Column('varchar')
  marking: string;

  @Column('float', { name: 'optical_density', nullable: true })
  opticalDensity: number | null;

  @Column('varchar')
  shade: string;

  @Column('varchar')
  condition: Eyewear['condition'];

  @Column('boolean', { name: 'is_retired' })
  isRetired: boolean;

  @Column('varchar', { name: 'checked_at' })
  checkedAt: string;

  @Column('varchar', { name: 'checked_by' })
  checkedBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'checked_by', foreignKeyConstraintName: 'fk_eyewear_checked_by' })
  checker: Relation<PersonEntity>;

  /** Null for the whole firm's. */
  @Column('varchar', { name: 'workshop_id', nullable: true })
  workshopId: string | null;
}
