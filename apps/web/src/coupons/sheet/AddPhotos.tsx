import type { PhotoSubject } from '@lone-heron/contract';
import { PhotosTaken } from '../../shared/coupons/log/PhotosTaken.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { PhotoFaults } from './PhotoFaults.js';
import { useSendPhotos } from './useSendPhotos.js';

interface AddPhotosProps {
  couponId: string;
  /** What a photo most likely shows here. */
  subject?: PhotoSubject;
}

/** Photos are chosen, said what they show, and then sent. */
export function AddPhotos({ couponId, subject = 'face' }: AddPhotosProps) {
  const { taken, setTaken, faults, isSending, send } = useSendPhotos(couponId);
  const person = usePersonAtDesk();
  return (
    <div className="flex flex-col gap-2">
      <PhotosTaken photos={taken} subject={subject} onChange={setTaken} />
      <PhotoFaults faults={faults} />
      {taken.length > 0 && (
        <button
          type="button"
          className="btn touch-always self-start btn-primary"
          disabled={isSending || person === null}
          onClick={() => void send()}
        >
          {sendWords(isSending, person !== null, taken.length)}
        </button>
      )}
    </div>
  );
}

function sendWords(isSending: boolean, isSignedIn: boolean, count: number): string {
  if (!isSignedIn) return 'Sign in to keep them';
  if (isSending) return 'Sending';
  return count === 1 ? 'Keep this photo' : `Keep these ${count} photos`;
}
