import type { SlotEntry } from '@lone-heron/contract';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { CardEntity } from '../cards/card.entity.js';
import { SlotEntryEntity } from '../programSlots/slotEntry.entity.js';
import { atWork } from './workingHours.js';

const day = 24 * 3600 * 1000;

/** What lies where, by the card's number, and what the machine showed when somebody looked. */
const sampleSlots: readonly {
  readonly machineId: string;
  readonly slot: number;
  readonly cardNumber: number;
  readonly shown?: Extract<SlotEntry, { did: 'compared' }>['shown'];
}[] = [
  { machineId: 'bench', slot: 1, cardNumber: 5, shown: { powerW: 495, wobbleWidthMm: 2, wobbleRateHz: 60 } },
  { machineId: 'bench', slot: 2, cardNumber: 1 },
  {
    machineId: 'bench',
    slot: 4,
    cardNumber: 6,
    shown: { powerW: 1335, wobbleWidthMm: 2.5, wobbleRateHz: 80 },
  },
  { machineId: 'barrow', slot: 1, cardNumber: 4 },
];

/** Programs of the sample machines: one that nobody has looked at since, and one that somebody turned at the panel. */
export async function seedSlots(manager: EntityManager, now: number): Promise<void> {
  for (const { machineId, slot, cardNumber, shown } of sampleSlots) {
    const { id: cardId } = await manager.findOneByOrFail(CardEntity, { number: cardNumber });
    const enter = (entry: SlotEntry, position: number, at: number) =>
      manager.insert(SlotEntryEntity, {
        ...{ id: uuid({ msecs: at }), machineId, slot, entry, position },
        ...{ at: new Date(at).toISOString(), doneBy: 'maren' },
      });
    await enter({ did: 'stored', cardId, version: 1 }, 1, atWork(now - 6 * day, now));
    if (shown !== undefined) await enter({ did: 'compared', shown }, 2, atWork(now - 2 * day, now));
  }
}
