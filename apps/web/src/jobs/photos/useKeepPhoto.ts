import { useEffect, useRef, useState } from 'react';
import { v7 as uuid } from 'uuid';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { useLatest } from '../../shared/form/useLatest.js';
import { useReadOutbox } from '../../shared/outbox/OutboxSender.js';
import { keepForLater } from '../../shared/outbox/outboxStore.js';

/** Puts photos of a job among what waits in this browser, so that no reload and no lost line loses one. */
export function useKeepPhoto(machineId: string, words: string) {
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
      ...{ id, kind: 'shopPhoto', subject: 'job', machineId, picture },
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
