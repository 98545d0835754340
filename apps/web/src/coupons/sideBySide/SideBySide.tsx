import type { Coupon, Machine, Photo } from '@lone-heron/contract';
import { skipToken } from '@reduxjs/toolkit/query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useCouponQuery } from '../inspection/inspectionApi.js';
import { pictureAddress, usePhotosQuery } from '../../shared/api/photosApi.js';
import { couponMelt } from '../../shared/coupons/couponMelt.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { photoSubjectWords } from '../../shared/vocabulary/photoSubjects.js';
import { comparedFacts } from './comparedFacts.js';

const most = 4;

/** Two or more coupons held side by side: their sections, what differs between them, their photos under one zoom. */
export function SideBySide() {
  const [search] = useSearchParams();
  const ids = (search.get('ids') ?? '').split(',').filter((id) => id !== '');
  const { coupons, error, refetch } = useFourCoupons(ids);
  const [look, setLook] = useState<Look>({ zoom: 1, x: 50, y: 50 });
  const { data: machines = [] } = useMachinesQuery(undefined);
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Side by side" back={{ to: '/coupons', name: 'coupons' }} />
      {ids.length < 2 && (
        <p className="sheet p-6">Pick two or more on the list, then hold them side by side.</p>
      )}
      {ids.length > most && (
        <p className="text-soft">
          The first {most} of the {ids.length} that were picked.
        </p>
      )}
      {error !== undefined && <LoadFailed what="the coupons" error={error} retry={refetch} />}
      <div
        className="grid gap-3"
        style={{ gridTemplateColumns: `repeat(${coupons.length}, minmax(0, 1fr))` }}
      >
        {coupons.map((coupon) => (
          <Column key={coupon.id} coupon={coupon} machines={machines} look={look} onLook={setLook} />
        ))}
      </div>
      {coupons.length > 1 && <Differences coupons={coupons} machines={machines} />}
    </div>
  );
}

/** As many as fit beside each other. */
function useFourCoupons([first, second, third, fourth]: readonly string[]) {
  const answers = [
    useCouponQuery(first ?? skipToken),
    useCouponQuery(second ?? skipToken),
    useCouponQuery(third ?? skipToken),
    useCouponQuery(fourth ?? skipToken),
  ];
  return {
    coupons: answers.flatMap(({ data }) => data ?? []),
    error: answers.find(({ error }) => error !== undefined)?.error,
    refetch: () => answers.forEach(({ isUninitialized, refetch }) => void (isUninitialized || refetch())),
  };
}

/** Where every photo is looked at: how much larger, and the middle in per cent of the picture. */
interface Look {
  readonly zoom: number;
  readonly x: number;
  readonly y: number;
}

interface ColumnProps {
  coupon: Coupon;
  machines: readonly Machine[];
  look: Look;
  onLook: (look: Look) => void;
}

function Column({ coupon, machines, look, onLook }: ColumnProps) {
  const { data: photos = [] } = usePhotosQuery(coupon.id);
  const machine = machines.find((each) => each.id === coupon.machineId);
  const outcome = outcomeOfLook[coupon.back];
  return (
    <article className="sheet flex flex-col gap-2 p-3" aria-label={`Coupon ${coupon.number}`}>
      <h2 className="text-lg font-semibold">Coupon {coupon.number}</h2>
      {machine !== undefined && (
        <MiniSection melt={couponMelt(coupon, machine.profile)} outcome={outcome} className="h-28 w-full" />
      )}
      <p className="flex items-center gap-2">
        <OutcomeMark outcome={outcome} /> {wordsOfLooks(coupon.lookedAt)[coupon.back].short}
      </p>
      {photos.map((photo) => (
        <LinkedPhoto key={photo.id} photo={photo} look={look} onLook={onLook} />
      ))}
      {photos.length === 0 && <p className="text-sm text-soft">No photo.</p>}
    </article>
  );
}

interface LinkedPhotoProps {
  photo: Photo;
  look: Look;
  onLook: (look: Look) => void;
}

const zooms = [1, 2, 4, 8];

/** A photo under the zoom that all of them share: a press brings that place to the middle and closer, in every one. */
function LinkedPhoto({ photo, look, onLook }: LinkedPhotoProps) {
  const next = zooms[(zooms.indexOf(look.zoom) + 1) % zooms.length] ?? 1;
  const words = photoSubjectWords[photo.subject];
  return (
    <figure>
      <button
        type="button"
        className="block aspect-4/3 w-full cursor-zoom-in overflow-hidden rounded-box border border-base-300"
        aria-label={`Photo of ${words}: ${next === 1 ? 'show all of each' : `look ${next} times closer in each`}`}
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          const isByKey = event.detail === 0;
          const place = (at: number, size: number, middle: number) =>
            isByKey ? middle : middle + ((at / size) * 100 - 50) / look.zoom;
          onLook({
            zoom: next,
            x: next === 1 ? 50 : place(event.clientX - box.left, box.width, look.x),
            y: next === 1 ? 50 : place(event.clientY - box.top, box.height, look.y),
          });
        }}
      >
        <img
          src={pictureAddress(photo.hash)}
          alt=""
          className="size-full object-contain"
          style={{
            transform: `scale(${look.zoom}) translate(${50 - look.x}%, ${50 - look.y}%)`,
          }}
        />
      </button>
      <figcaption className="text-sm text-soft">{words}</figcaption>
    </figure>
  );
}

function Differences({ coupons, machines }: { coupons: readonly Coupon[]; machines: readonly Machine[] }) {
  const facts = comparedFacts(coupons, machines);
  return (
    <section className="sheet overflow-x-auto" aria-label="What differs">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">What</th>
            {coupons.map(({ id, number }) => (
              <th key={id} scope="col">
                Coupon {number}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {facts.map(({ name, values, differs }) => (
            <tr key={name} className={differs ? 'bg-base-200' : ''}>
              <th scope="row" className={differs ? 'font-semibold' : 'font-normal text-soft'}>
                {name}
                {differs && <span className="sr-only"> differs</span>}
              </th>
              {values.map((value, i) => (
                <td key={coupons[i]?.id} className={differs ? 'font-semibold' : 'text-soft'}>
                  {value}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
