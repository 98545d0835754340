import type { JobDraft } from '@lone-heron/contract';
import type { PointerEventHandler } from 'react';
import { useJobPhotosQuery } from '../shared/api/jobsApi.js';
import { pictureAddress } from '../shared/api/photosApi.js';
import { useShopPhotosQuery } from '../shared/api/shopPhotosApi.js';
import type { Stroke } from './pictures/placeOnPicture.js';

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
}: MarkedPictureProps) {
  const picture = job.pictures.find((each) => each.photoId === photoId);
  const hash = useHashOf(photoId, jobId, job.machineId);
  if (picture === undefined || hash === undefined) return null;
  const height = 100 * picture.heightShare;
  const placed = job.welds.flatMap((weld) =>
    weld.place?.photoId === photoId ? [{ mark: weld.mark, place: weld.place }] : [],
  );
  // The one that is looked at lies over the others.
  const inOrder = placed.toSorted((one, other) => Number(one.mark === mark) - Number(other.mark === mark));
  return (
    <figure
      className={`relative select-none ${onPointer === undefined ? '' : 'cursor-crosshair touch-none'}`}
      onPointerDown={onPointer?.down}
      onPointerMove={onPointer?.move}
      onPointerUp={onPointer?.up}
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
          <Seam
            key={each.mark}
            {...each}
            height={height}
            isLooked={each.mark === mark}
            isDone={done.has(each.mark)}
            hasTag={!isSmall || each.mark === mark}
          />
        ))}
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
  const { data: saved = [] } = useJobPhotosQuery(jobId);
  const isNew = saved.every(({ id }) => id !== photoId);
  const { data: newest = [] } = useShopPhotosQuery(machineId, { skip: !isNew });
  return [...saved, ...newest].find(({ id }) => id === photoId)?.hash;
}

function ends({ from, to }: Stroke, height: number) {
  return { x1: from.x * 100, y1: from.y * height, x2: to.x * 100, y2: to.y * height };
}

interface SeamProps {
  mark: string;
  place: Stroke;
  height: number;
  isLooked: boolean;
  isDone: boolean;
  hasTag: boolean;
}

function Seam({ mark, place, height, isLooked, isDone, hasTag }: SeamProps) {
  const { x1, y1, x2, y2 } = ends(place, height);
  const [x, y] = [(x1 + x2) / 2, (y1 + y2) / 2];
  const colour = isLooked ? 'var(--melt)' : isDone ? 'var(--full)' : '#16242c';
  return (
    <g>
      <line
        x1={x1}
        y1={y1}
        x2={x2}
        y2={y2}
        stroke={colour}
        strokeWidth={isLooked ? 1.6 : 1}
        strokeLinecap="round"
        strokeDasharray={isDone ? undefined : '2.5 0.8'}
      />
      {isLooked && <circle cx={x} cy={y} r={5} fill="none" stroke="var(--ember)" strokeWidth={0.7} />}
      {hasTag && (
        <Tag
          words={isDone && !isLooked ? `✓${mark}` : mark}
          x={x}
          y={y}
          height={height}
          isLooked={isLooked}
        />
      )}
    </g>
  );
}

interface TagProps {
  words: string;
  x: number;
  y: number;
  height: number;
  isLooked: boolean;
}

/** A mark over its seam, kept inside the picture. */
function Tag({ words, x, y, height, isLooked }: TagProps) {
  const size = isLooked ? 1.3 : 1;
  const at = `translate(${Math.min(95, Math.max(5, x))} ${Math.min(height - 2, Math.max(2, y - 2.8 * size))}) scale(${size})`;
  return (
    <g transform={at}>
      <rect
        x={-3.4}
        y={-1.5}
        width={6.8}
        height={3}
        rx={1.5}
        fill={isLooked ? 'var(--melt)' : '#fcfdfd'}
        stroke="#16242c"
        strokeWidth={0.2}
      />
      <text textAnchor="middle" dominantBaseline="central" fontSize={2.1} fontWeight={600} fill="#16242c">
        {words}
      </text>
    </g>
  );
}
