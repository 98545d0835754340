import type { MachineSpell, SpellSource } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';

/** A spell of light that a coupon or a go at a seam took for its own: kept with the shop, however long ago it was heard. */
@Entity('taken_spell')
@Index('taken_spell_subject', ['subjectId'])
export class TakenSpellEntity {
  @PrimaryColumn('varchar', { name: 'spell_id' })
  spellId: string;

  /** Of the coupon, or the go. */
  @PrimaryColumn('varchar', { name: 'subject_id' })
  subjectId: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_taken_spell_machine' })
  machine: Relation<MachineEntity>;

  @Column('varchar', { name: 'started_at' })
  startedAt: string;

  @Column('varchar', { name: 'ended_at' })
  endedAt: string;

  @Column('varchar')
  source: SpellSource;

  @Column('simple-json')
  figures: MachineSpell['figures'];

  /** s between its points. */
  @Column('float', { name: 'step_s' })
  stepS: number;

  /** When its record was taken back, or amended to go without it; null while it stands. */
  @Column('varchar', { name: 'let_go_at', nullable: true })
  letGoAt: string | null;

  /** Packed; null where it was gone already. */
  @Column('blob', { nullable: true, select: false })
  curve: Buffer | null;
}
