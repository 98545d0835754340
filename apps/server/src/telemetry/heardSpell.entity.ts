import type { MachineSpell, SpellSource } from '@lone-heron/contract';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** A spell of light as it was heard. In a file of its own: there are tens of thousands a year, and the shop can do without them. */
@Entity('heard_spell')
@Index('heard_spell_machine', ['machineId', 'startedAt'])
@Index('heard_spell_started', ['startedAt'])
export class HeardSpellEntity {
  /** Machine and start: the same spell heard twice is one. */
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  /** ms. */
  @Column('bigint', { name: 'started_at' })
  startedAt: number;

  @Column('bigint', { name: 'ended_at' })
  endedAt: number;

  @Column('varchar')
  source: SpellSource;

  @Column('simple-json')
  figures: MachineSpell['figures'];

  /** s between the points of the curve: 0 as it was heard. */
  @Column('float', { name: 'step_s' })
  stepS: number;

  /** Packed; null once it is too old to be kept. */
  @Column('blob', { nullable: true, select: false })
  curve: Buffer | null;
}
