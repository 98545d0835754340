import type { Photo } from '@lone-heron/contract';
import { Column, PrimaryColumn } from 'typeorm';

/** What is kept of every photo, whatever it shows. Its bytes lie in the data folder under their hash. */
export abstract class StoredPhoto {
  @PrimaryColumn('varchar')
  id: string;

  @Column('varchar')
  hash: string;

  /** Of the bytes as they were sent, to know a retried save by. */
  @Column('varchar', { name: 'sent_hash' })
  sentHash: string;

  @Column('varchar')
  type: Photo['type'];

  @Column('integer', { name: 'width_px' })
  widthPx: number;

  @Column('integer', { name: 'height_px' })
  heightPx: number;

  @Column('integer')
  bytes: number;

  @Column('varchar', { name: 'added_at' })
  addedAt: string;

  @Column('varchar', { name: 'added_by' })
  addedBy: string;
}
