import type { JobDraft } from '@lone-heron/contract';
import type { KeyboardEventHandler, PointerEventHandler } from 'react';
import { useJobPhotosQuery } from '../shared/api/jobsApi.js';
import { pictureAddress } from '../shared/api/photosApi.js';
import { useShopPhotosQuery } from '../shared/api/shopPhotosApi.js';
import { tagPlaces, type TagPlace } from './pictures/tagPlaces.js';
import type { Stroke } from './pictures/placeOnPicture.js';

/** Height of a tag's letters, of the picture's hundredths. */
const letter = 2.1;

interface MarkedPictureProps {
  jobId: string;
  job: JobDraft;
  photoId: string;
  /** The weld that stands out; null for none. */
  mark: string | null;
  /** Marks that are welded. */
  done: ReadonlySet<string>;
  /** So small that only the weld that is looked at has its mark. */
  isSmall?: boolean;
  /** A stroke that is being drawn; null for none. */
  drawn?: Stroke | null;
  onPointer?: {
    readonly down: PointerEventHandler<HTMLElement>;
    readonly move: PointerEventHandler<HTMLElement>;
    readonly up: PointerEventHandler<HTMLElement>;
  };
  /** Where keys hold a cross; null for none. */
  cross?: Stroke['from'] | null;
  keys?: { readonly onKeyDown: KeyboardEventHandler<HTMLElement>; readonly onBlur: () => void };
}

/** A picture of the part with the welds that are placed on it: done ones thin, the one that is looked at thick and ringed. */
export function MarkedPicture({
  jobId,
  job,
  photoId,
  mark,
  done,
  isSmall = false,
  drawn = null,
  onPointer,
  cross = null,
  keys,
}: MarkedPictureProps) {
  const picture = job.pictures.find((each) => each.photoId === photoId);
  const hash = useHashOf(photoId, jobId, job.machineId);
  if (picture === undefined || hash === undefined) return null;
  const height = 100 * picture.heightShare;
  const placed = job.welds.flatMap((weld) =>
    weld.place?.photoId === photoId
      ? [{ mark: weld.mark, place: weld.place, isLooked: weld.mark === mark, isDone: done.has(weld.mark) }]
      : [],
  );
  // The one that is looked at lies over the others, and its tag has the first place.
  const inOrder = placed.toSorted((one, other) => Number(one.isLooked) - Number(other.isLooked));
  const tagged = inOrder
    .toReversed()
    .filter(({ isLooked }) => !isSmall || isLooked)
    .map((each) => ({ ...each, words: each.isDone && !each.isLooked ? `✓${each.mark}` : each.mark }));
  const tags = tagPlaces(
    tagged.map(({ words, place }) => ({ mark: words, ...place })),
    { width: 100, height, letter },
  );
  return (
    <figure
      className={`relative select-none ${onPointer === undefined ? '' : 'cursor-crosshair touch-none'}`}
      onPointerDown={onPointer?.down}
      onPointerMove={onPointer?.move}
      onPointerUp={onPointer?.up}
      {...(keys === undefined
        ? {}
        : { ...keys, tabIndex: 0, role: 'application', 'aria-label': 'The picture, to draw on by keys' })}
    >
      <img
        src={pictureAddress(hash)}
        alt={`${picture.name === '' ? 'The part' : picture.name}, with ${placed.length} welds marked on it`}
        className="w-full rounded-field bg-white"
        draggable={false}
      />
      <svg
        viewBox={`0 0 100 ${height}`}
        className="pointer-events-none absolute inset-0 size-full"
        aria-hidden="true"
      >
        {inOrder.map((each) => (
          <Seam key={each.mark} {...each} height={height} />
        ))}
        {tagged.map(({ words, ...each }, i) => (
          <Tag key={each.mark} words={words} at={tags[i] as TagPlace} isLooked={each.isLooked} />
        ))}
        {cross !== null && (
          <path
            d={`M${cross.x * 100 - 3} ${cross.y * height}h6M${cross.x * 100} ${cross.y * height - 3}v6`}
            stroke="var(--ember)"
            strokeWidth={0.7}
          />
        )}
        {drawn !== null && (
          <line
            {...ends(drawn, height)}
            stroke="var(--melt)"
            strokeWidth={1}
            strokeLinecap="round"
            strokeDasharray="2 1.5"
          />
        )}
      </svg>
    </figure>
  );
}

/** Where a picture lies: one that was only just added is among the machine's newest, not yet among the job's. */
function useHashOf(photoId: string, jobId: string, machineId: string): string | undefined {
  const { data: saved } = useJobPhotosQuery(jobId);
  const isNew = saved?.every(({ id }) => id !== photoId) ?? false;
  const { data: newest = [] } = useShopPhotosQuery(machineId, { skip: !isNew });
  return [...(saved ?? []), ...newest].find(({ id }) => id === photoId)?.hash;
}

function ends({ from, to }: Stroke, height: number) {
  return { x1: from.x * 100, y1: from.y * height, x2: to.x * 100, y2: to.y * height };
}

interface SeamProps {
  place: Stroke;
  height: number;
  isLooked: boolean;
  isDone: boolean;
}

function Seam({ place, height, isLooked, isDone }: SeamProps) {
  const at = ends(place, height);
  const colour = isLooked ? 'var(--melt)' : isDone ? 'var(--full)' : '#16242c';
  return (
    <g>
      <line
        {...at}
        stroke={colour}
        strokeWidth={isLooked ? 1.6 : 1}
        strokeLinecap="round"
        strokeDasharray={isDone ? undefined : '2.5 0.8'}
      />
      {isLooked && (
        <circle
          cx={(at.x1 + at.x2) / 2}
          cy={(at.y1 + at.y2) / 2}
          r={5}
          fill="none"
          stroke="var(--ember)"
          strokeWidth={0.7}
        />
      )}
    </g>
  );
}

/** A mark beside its seam. */
function Tag({ words, at, isLooked }: { words: string; at: TagPlace; isLooked: boolean }) {
  return (
    <g transform={`translate(${at.x} ${at.y}) scale(${isLooked ? 1.3 : 1})`}>
      <rect
        x={-at.width / 2}
        y={-at.height / 2}
        width={at.width}
        height={at.height}
        rx={at.height / 2}
        fill={isLooked ? 'var(--melt)' : '#fcfdfd'}
        stroke="#16242c"
        strokeWidth={0.2}
      />
      <text textAnchor="middle" dominantBaseline="central" fontSize={letter} fontWeight={600} fill="#16242c">
        {words}
      </text>
    </g>
  );
}
