import { useState } from 'react';
import { useAddPhotoMutation } from '../../shared/api/photosApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import type { TakenPhoto } from '../../shared/coupons/log/PhotosTaken.js';

/** Photos that are taken and not yet sent. They go one by one; one that is refused stays, with its reason. */
export function useSendPhotos(couponId: string) {
  const [taken, setTaken] = useState<readonly TakenPhoto[]>([]);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [add, { isLoading }] = useAddPhotoMutation();
  /** @returns the ids of those that are stored now, and whether that is all of them */
  const send = async () => {
    const left: TakenPhoto[] = [];
    const said: string[] = [];
    for (const photo of taken) {
      const { id, subject, picture } = photo;
      const { error } = await add({ id, couponId, subject, picture });
      if (error === undefined) continue;
      left.push(photo);
      said.push(`${picture.name}: ${problemOf(error).message}`);
    }
    setTaken(left);
    setFaults(said);
    const stored = taken.filter((photo) => !left.includes(photo)).map(({ id }) => id);
    return { stored, areAllStored: left.length === 0 };
  };
  return { taken, setTaken, faults, isSending: isLoading, send };
}
