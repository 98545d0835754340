import type { CardContent, CardDraft, CardVersion } from '@lone-heron/contract';
import { Column, Entity, JoinColumn, ManyToOne, PrimaryColumn, type Relation } from 'typeorm';
import { PersonEntity } from '../people/person.entity.js';
import { CardEntity } from './card.entity.js';

/** What a card said from some day on; never changed. */
@Entity('card_version')
export class CardVersionEntity {
  @PrimaryColumn('varchar', { name: 'card_id' })
  cardId: string;

  @PrimaryColumn('integer')
  version: number;

  @ManyToOne(() => CardEntity, { nullable: false })
  @JoinColumn({ name: 'card_id', foreignKeyConstraintName: 'fk_card_version_card' })
  card: Relation<CardEntity>;

  @Column('simple-json')
  content: CardContent;

  @Column('text')
  why: string;

  @Column('simple-json', { name: 'carried_from', nullable: true })
  carriedFrom: CardDraft['carriedFrom'];

  /** Who wrote and signed it in the shop it came from; null for one that was written here. */
  @Column('simple-json', { nullable: true })
  elsewhere: CardVersion['elsewhere'];

  @Column('varchar', { name: 'made_at' })
  madeAt: string;

  @Column('varchar', { name: 'made_by' })
  madeBy: string;

  @ManyToOne(() => PersonEntity, { nullable: false })
  @JoinColumn({ name: 'made_by', foreignKeyConstraintName: 'fk_card_version_made_by' })
  maker: Relation<PersonEntity>;

  @Column('varchar', { name: 'signed_at', nullable: true })
  signedAt: string | null;

  @Column('varchar', { name: 'signed_by', nullable: true })
  signedBy: string | null;
}
