import type { LinkSending, LinkSendingDraft } from '@lone-heron/contract';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { MachineEntity } from '../machines/machine.entity.js';
import { PersonEntity } from '../people/person.entity.js';

/** Parameters that were sent to a machine, and how it went. One that is under way when the power goes stays so: nobody knows. */
@Entity('link_sending')
@Index('link_sending_machine', ['machineId', 'sentAt'])
export class LinkSendingEntity {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar', { name: 'machine_id' })
  machineId: string;

  @ManyToOne(() => MachineEntity, { nullable: false })
  @JoinColumn({ name: 'machine_id', foreignKeyConstraintName: 'fk_link_sending_machine' })
  machine: Relation<MachineEntity>;

  @Column('simple-json')
  draft: LinkSendingDraft;

  @Column('varchar')
  outcome: LinkSending['outcome'];

  @Column('simple-json')
  values: LinkSending['values'];

  @Column('text')
  why: string;

  @Column('varchar', { name: 'sent_at' })
  sentAt: string;

  @Column('varchar', { name: 'sent_by' })
  sentBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'sent_by', foreignKeyConstraintName: 'fk_link_sending_sent_by' })
  person: Relation<PersonEntity>;
}
