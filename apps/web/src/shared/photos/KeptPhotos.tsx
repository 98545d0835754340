import type { ShopPhotoSubject } from '@lone-heron/contract';
import { Camera, Image, X } from 'lucide-react';
import { useState } from 'react';
import { useAsSomebody } from '../door/useAsSomebody.js';
import { photoChoice, photoFault } from '../files/photoFault.js';
import { useKeepPhoto } from './useKeepPhoto.js';

interface KeptPhotosProps {
  /** The machine it was done on: photos of the shop lie with it. */
  machineId: string;
  subject: ShopPhotoSubject;
  /** As many as the record takes. */
  most: number;
  /** What the photos are of, such as W3. */
  of: string;
  photoIds: readonly string[];
  onChange: (photoIds: readonly string[]) => void;
}

/** Photos that go with a record of the shop: each is kept in this browser at once and sent as soon as the server takes it. */
export function KeptPhotos({ machineId, subject, most, of, photoIds, onChange }: KeptPhotosProps) {
  const asSomebody = useAsSomebody();
  const { keep, addresses } = useKeepPhoto(machineId, subject, `photo of ${of}`);
  const [fault, setFault] = useState<string | null>(null);
  const isFull = photoIds.length >= most;
  const add = async (files: readonly File[]) => {
    const room = most - photoIds.length;
    const fitting = files.filter((file) => photoFault(file) === null);
    const tooMany =
      fitting.length > room ? `Of ${fitting.length} photos ${room} were taken: ${most} at most.` : null;
    setFault(files.map(photoFault).find((each) => each !== null) ?? tooMany);
    try {
      let kept = photoIds;
      for (const file of fitting.slice(0, room)) {
        kept = [...kept, await keep(file)];
        onChange(kept);
      }
    } catch {
      setFault('Not every photo was kept: this browser has no room left.');
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {!isFull && (
        <label className="btn touch-always has-focus-visible:outline-3">
          <Camera className="size-5" aria-hidden="true" /> Take a photo
          <input
            type="file"
            accept={photoChoice}
            multiple
            className="sr-only"
            onChange={(event) => {
              const files = [...(event.target.files ?? [])];
              event.target.value = '';
              asSomebody(() => void add(files));
            }}
          />
        </label>
      )}
      {photoIds.map((id, i) => (
        <Kept
          key={id}
          words={`photo ${i + 1} of ${of}`}
          address={addresses.get(id) ?? null}
          onRemove={() => onChange(photoIds.filter((each) => each !== id))}
        />
      ))}
      {fault !== null && (
        <p role="alert" className="fault w-full">
          {fault}
        </p>
      )}
    </div>
  );
}

/** One that was taken; after a reload it is kept and no longer shown. */
function Kept({ words, address, onRemove }: { words: string; address: string | null; onRemove: () => void }) {
  const [isShown, setIsShown] = useState(true);
  return (
    <figure className="flex items-center rounded-box border border-base-300">
      {address !== null && isShown ? (
        <img
          src={address}
          alt={words}
          className="size-12 rounded object-cover"
          onError={() => setIsShown(false)}
        />
      ) : (
        <figcaption className="flex items-center gap-1 pl-2">
          <Image className="size-5" aria-hidden="true" /> {words}
        </figcaption>
      )}
      <button
        type="button"
        className="btn touch-always btn-square btn-ghost"
        aria-label={`Leave ${words} out`}
        onClick={onRemove}
      >
        <X className="size-5" aria-hidden="true" />
      </button>
    </figure>
  );
}
