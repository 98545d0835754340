import type { PhotoSubject } from '@lone-heron/contract';
import { useState } from 'react';
import { useAddPhotoMutation } from '../../shared/api/photosApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { PhotosTaken, type TakenPhoto } from '../../shared/couponForm/PhotosTaken.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';

interface AddPhotosProps {
  couponId: string;
  /** What a photo most likely shows here. */
  subject?: PhotoSubject;
}

/** Photos are chosen, said what they show, and then sent one by one; one that is refused stays with its reason. */
export function AddPhotos({ couponId, subject = 'face' }: AddPhotosProps) {
  const [taken, setTaken] = useState<readonly TakenPhoto[]>([]);
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [add, { isLoading }] = useAddPhotoMutation();
  const person = usePersonAtDesk();
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
  };
  return (
    <div className="flex flex-col gap-2">
      <PhotosTaken photos={taken} subject={subject} onChange={setTaken} />
      {faults.map((fault) => (
        <p key={fault} role="alert" className="fault text-sm">
          {fault}
        </p>
      ))}
      {taken.length > 0 && (
        <button
          type="button"
          className="btn touch-always self-start btn-primary"
          disabled={isLoading || person === null}
          onClick={() => void send()}
        >
          {sendWords(isLoading, person !== null, taken.length)}
        </button>
      )}
    </div>
  );
}

function sendWords(isLoading: boolean, isSignedIn: boolean, count: number): string {
  if (!isSignedIn) return 'Sign in to keep them';
  if (isLoading) return 'Sending';
  return count === 1 ? 'Keep this photo' : `Keep these ${count} photos`;
}
