import type { Photo } from '@lone-heron/contract';
import { Camera } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  pictureAddress,
  usePhotosQuery,
  useRestorePhotoMutation,
  useWithdrawPhotoMutation,
} from '../../shared/api/photosApi.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Modal } from '../../shared/page/Modal.js';
import { photoSubjectWords } from '../../shared/vocabulary/photoSubjects.js';
import { AddPhotos } from './AddPhotos.js';
import { sayFailed, sayUndoable } from '../../shared/save/sayUndoable.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** A coupon's photos, and the way to add one. */
export function PhotoWall({ couponId, isOut }: { couponId: string; isOut: boolean }) {
  const { data: photos = [], error, refetch } = unlessShown(usePhotosQuery(couponId));
  const [opened, setOpened] = useState<Photo | null>(null);
  if (error !== undefined) return <LoadFailed what="the photos" error={error} retry={refetch} />;
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-3" aria-label="Photos">
      <h2 className="font-semibold">Photos</h2>
      {photos.length === 0 && (
        <p className="flex items-center gap-2 text-soft">
          <Camera className="size-5" aria-hidden="true" /> None yet: face and back under slanting light tell
          most.
        </p>
      )}
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {photos.map((photo) => (
          <button
            key={photo.id}
            type="button"
            className="flex flex-col gap-1 rounded-box border border-base-300 p-1 text-left"
            onClick={() => setOpened(photo)}
          >
            <img
              src={pictureAddress(photo.hash, 'small')}
              alt={`Photo of ${photoSubjectWords[photo.subject]}`}
              className="aspect-4/3 w-full rounded object-cover"
            />
            <span className="px-1 text-sm">{photoSubjectWords[photo.subject]}</span>
          </button>
        ))}
      </div>
      {!isOut && <AddPhotos couponId={couponId} />}
      {opened !== null && <OpenPhoto photo={opened} onClose={() => setOpened(null)} />}
    </section>
  );
}

function OpenPhoto({ photo, onClose }: { photo: Photo; onClose: () => void }) {
  const [withdraw, { isLoading }] = useWithdrawPhotoMutation();
  const [restore] = useRestorePhotoMutation();
  const takeAway = async () => {
    const { error } = await withdraw(photo.id);
    if (error !== undefined) {
      sayFailed(error, 'The photo is still there.');
      return;
    }
    sayUndoable('The photo was taken away.', {
      undo: () => restore(photo.id),
      stays: 'The photo is still away.',
    });
    onClose();
  };
  return (
    <Modal title={`Photo of ${photoSubjectWords[photo.subject]}`} isWide onClose={onClose}>
      <img
        src={pictureAddress(photo.hash)}
        alt={`Photo of ${photoSubjectWords[photo.subject]}`}
        className="mx-auto max-h-[70dvh] max-w-full"
      />
      <div className="mt-3 flex justify-end gap-2">
        <Link className="btn touch btn-primary" to={`/coupons/${photo.couponId}/measure?photo=${photo.id}`}>
          Measure on it
        </Link>
        {photo.subject === 'face' && (
          <Link className="btn touch" to={`/coupons/${photo.couponId}/tint?photo=${photo.id}`}>
            Read its colours
          </Link>
        )}
        <button
          type="button"
          className="btn touch btn-ghost"
          disabled={isLoading}
          onClick={() => void takeAway()}
        >
          Take it away
        </button>
      </div>
    </Modal>
  );
}
