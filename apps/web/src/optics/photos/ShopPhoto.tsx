import type { ShopPhotoSubject } from '@lone-heron/contract';
import { Camera, X } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { pictureAddress } from '../../shared/api/photosApi.js';
import { useAddShopPhotoMutation, useShopPhotosQuery } from '../../shared/api/shopPhotosApi.js';
import { photoChoice, photoFault } from '../../shared/files/photoFault.js';
import { Failure } from '../../shared/form/Failure.js';

interface ShopPhotoProps {
  machineId: string;
  subject: Exclude<ShopPhotoSubject, 'job' | 'trial'>;
  /** The one that was taken; null before. */
  photoId: string | null;
  onPhoto: (photoId: string | null) => void;
}

const takeWords: Readonly<Record<Exclude<ShopPhotoSubject, 'job' | 'trial'>, string>> = {
  glass: 'Photo of the glass',
  statusPage: 'Photo of the status page',
  upkeep: 'Add a photo',
};

/** A photo that goes with a record: from the camera of a phone, or from a file. It is kept as soon as it is taken. */
export function ShopPhoto({ machineId, subject, photoId, onPhoto }: ShopPhotoProps) {
  const [add, { isLoading, error }] = useAddShopPhotoMutation();
  const { data: photos = [] } = useShopPhotosQuery(machineId);
  const [fault, setFault] = useState<string | null>(null);
  const shown = photos.find(({ id }) => id === photoId);
  const take = async (picture: File) => {
    const found = photoFault(picture);
    setFault(found);
    if (found !== null) return;
    const { data } = await add({ id: uuid(), machineId, subject, picture });
    if (data !== undefined) onPhoto(data.id);
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="btn touch-always has-focus-visible:outline-3">
        <Camera className="size-5" aria-hidden="true" />
        {isLoading ? 'Storing the photo' : photoId === null ? takeWords[subject] : 'Take another'}
        <input
          type="file"
          accept={photoChoice}
          className="sr-only"
          disabled={isLoading}
          onChange={(event) => {
            const [picture] = event.target.files ?? [];
            if (picture !== undefined) void take(picture);
            event.target.value = '';
          }}
        />
      </label>
      {shown !== undefined && (
        <>
          <img
            src={pictureAddress(shown.hash, 'small')}
            alt="The photo that goes with it"
            className="h-14 rounded-box border border-base-300"
          />
          <button
            type="button"
            className="btn touch btn-square btn-ghost"
            aria-label="Leave the photo out"
            onClick={() => onPhoto(null)}
          >
            <X className="size-5" aria-hidden="true" />
          </button>
        </>
      )}
      {fault !== null && (
        <p role="alert" className="fault text-sm">
          {fault}
        </p>
      )}
      <Failure what="The photo was not stored." error={error} />
    </div>
  );
}
