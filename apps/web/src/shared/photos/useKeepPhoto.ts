import type { ShopPhotoSubject } from '@lone-heron/contract';
import { useEffect, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { useLatest } from '../form/useLatest.js';
import { useReadOutbox } from '../outbox/OutboxSender.js';
import { keepForLater } from '../outbox/outboxStore.js';

/** Puts photos of the shop among what waits in this browser, so that no reload and no lost line loses one. */
export function useKeepPhoto(machineId: string, subject: ShopPhotoSubject, words: string) {
  const person = usePersonAtDesk();
  const readOutbox = useReadOutbox();
  const [addresses, setAddresses] = useState<ReadonlyMap<string, string>>(new Map());
  const made = useRef<string[]>([]);
  useEffect(() => {
    const all = made.current;
    return () => all.forEach((address) => URL.revokeObjectURL(address));
  }, []);
  /**
   * @returns the id that it is kept by
   * @throws where the browser cannot keep it
   */
  const keep = useLatest(async (picture: File): Promise<string> => {
    if (person === null) throw new Error('nobody is signed in');
    const id = uuid();
    await keepForLater({
      ...{ id, kind: 'shopPhoto', subject, machineId, picture },
      ...{ personId: person.id, words, refused: null, isHeldUp: false, at: Date.now() },
    });
    const address = URL.createObjectURL(picture);
    made.current.push(address);
    setAddresses((before) => new Map(before).set(id, address));
    await readOutbox();
    return id;
  });
  return { keep, addresses };
}
