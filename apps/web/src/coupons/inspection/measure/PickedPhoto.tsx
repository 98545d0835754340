import type { Coupon, Photo, PhotoSubject } from '@lone-heron/contract';
import type { ReactNode } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { useCouponQuery } from '../inspectionApi.js';
import { pictureAddress, usePhotosQuery } from '../../../shared/api/photosApi.js';
import { LoadFailed } from '../../../shared/page/LoadFailed.js';
import { Loading } from '../../../shared/page/Loading.js';
import { PageHeader } from '../../../shared/page/PageHeader.js';
import { AddPhotos } from '../../sheet/AddPhotos.js';
import { unlessShown } from '../../../shared/api/unlessShown.js';

interface PickedPhotoProps {
  /** What the photo shows that is taken where the address names none. */
  subject: PhotoSubject;
  title: string;
  /** Said where there is none: how to take it. */
  wanted: string;
  children: (coupon: Coupon, photo: Photo) => ReactNode;
}

/** A page that works on one photo of a coupon: the one of the address, else the first that shows what it is about. */
export function PickedPhoto({ subject, title, wanted, children }: PickedPhotoProps) {
  const { id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const { data: coupon, error, refetch } = unlessShown(useCouponQuery(id));
  const { data: photos } = usePhotosQuery(id);
  if (error !== undefined) return <LoadFailed what="the coupon" error={error} retry={refetch} />;
  if (coupon === undefined || photos === undefined) return <Loading what="the coupon" />;
  const photo =
    photos.find((each) => each.id === search.get('photo')) ??
    photos.find((each) => each.subject === subject) ??
    null;
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`${title} of coupon ${coupon.number}`}
        back={{ to: `/coupons/${coupon.id}`, name: `coupon ${coupon.number}` }}
      />
      {photo === null && (
        <section className="sheet flex flex-col gap-3 p-6">
          <p className="text-lg">{wanted}</p>
          <AddPhotos couponId={coupon.id} subject={subject} />
        </section>
      )}
      {photo !== null && photos.length > 1 && (
        <nav className="flex gap-2" aria-label="Photos of this coupon">
          {photos.map((each) => (
            <button
              key={each.id}
              type="button"
              aria-pressed={each.id === photo.id}
              className={`rounded-box border-2 p-0.5 ${each.id === photo.id ? 'border-primary' : 'border-base-300'}`}
              onClick={() => setSearch({ photo: each.id }, { replace: true })}
            >
              <img
                src={pictureAddress(each.hash, 'small')}
                alt={`Measure on photo ${each.subject}`}
                className="h-12 w-16 object-cover"
              />
            </button>
          ))}
        </nav>
      )}
      {photo !== null && children(coupon, photo)}
    </div>
  );
}
