import { Column, Entity, Index, PrimaryGeneratedColumn } from 'typeorm';

/** One change of a machine, template, person or record of the shop. Rows are added and never changed. */
@Entity('change')
@Index('change_subject', ['noun', 'subjectId'])
export class ChangeEntity {
  @PrimaryGeneratedColumn()
  id: number;

  @Column('varchar')
  at: string;

  /** Null where the shop itself did it, as at its first start. */
  @Column('varchar', { name: 'person_id', nullable: true })
  personId: string | null;

  @Column('varchar')
  noun: string;

  @Column('varchar', { name: 'subject_id' })
  subjectId: string;

  @Column('text')
  what: string;

  /** Over this line and the hash of the line before. @see linkOf */
  @Column('varchar', { default: '' })
  hash: string;
}
