import type { ModeCardDraft } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { ModeCardEntity } from './modeCard.entity.js';

/** What such a card said from some day on; never changed. */
@Entity('mode_card_version')
export class ModeCardVersionEntity {
  @PrimaryColumn('varchar', { name: 'card_id' })
  cardId: string;

  @PrimaryColumn('integer')
  version: number;

  @ManyToOne(() => ModeCardEntity, { nullable: false })
  @JoinColumn({ name: 'card_id', foreignKeyConstraintName: 'fk_mode_card_version_card' })
  card: Relation<ModeCardEntity>;

  @Column('simple-json')
  draft: ModeCardDraft;

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_mode_card_version_made_by' })
  maker: Relation<PersonEntity>;
}
