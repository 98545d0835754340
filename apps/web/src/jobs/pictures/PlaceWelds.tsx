import type { JobDraft } from '@lone-heron/contract';
import { Ruler } from 'lucide-react';
import { useState, type PointerEvent } from 'react';
import { spokenLength } from '../../shared/figures/spoken.js';
import { MarkedPicture } from '../MarkedPicture.js';
import { crossInWords, useKeyStroke } from './useKeyStroke.js';
import { MeasureSheet } from './MeasureSheet.js';
import { isStroke, nextToPlace, readLengthMm, widthByMeasure, type Stroke } from './placeOnPicture.js';

interface PlaceWeldsProps {
  jobId: string;
  draft: JobDraft;
  photoId: string;
  onChange: (changes: Partial<Pick<JobDraft, 'pictures' | 'welds'>>) => void;
}

/** A drag along a seam places the weld that is picked and goes on to the next; along something known it measures the picture. */
export function PlaceWelds({ jobId, draft, photoId, onChange }: PlaceWeldsProps) {
  const [picked, setPicked] = useState(() => nextToPlace(draft.welds, null));
  const [isMeasuring, setMeasuring] = useState(false);
  const [known, setKnown] = useState<Stroke | null>(null);
  const picture = draft.pictures.find((each) => each.photoId === photoId);
  const weld = draft.welds.find(({ mark }) => mark === picked);
  const place = (stroke: Stroke) => {
    if (picture === undefined || !isStroke(stroke, picture)) return;
    if (isMeasuring) {
      setKnown(stroke);
      return;
    }
    if (picked === null) return;
    const welds = draft.welds.map((each) =>
      each.mark === picked ? { ...each, place: { photoId, ...stroke } } : each,
    );
    onChange({ welds });
    setPicked(nextToPlace(welds, picked) ?? picked);
  };
  const { drawn, onPointer } = useStroke(place);
  const byKeys = useKeyStroke(place);
  if (picture === undefined) return null;
  const setWeld = (changes: Partial<JobDraft['welds'][number]>) =>
    onChange({ welds: draft.welds.map((each) => (each.mark === picked ? { ...each, ...changes } : each)) });
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Place the welds">
      <PlaceKeys
        {...{ draft, picture, weld, isMeasuring }}
        onPick={setPicked}
        onMeasure={() => setMeasuring(!isMeasuring)}
        onWeld={setWeld}
      />
      <MarkedPicture
        jobId={jobId}
        job={draft}
        photoId={photoId}
        mark={picked}
        done={nobodyDone}
        drawn={drawn ?? byKeys.drawn}
        onPointer={onPointer}
        cross={byKeys.cross}
        keys={byKeys.keys}
      />
      <p className="text-sm text-soft" role="status">
        {byKeys.cross === null
          ? 'Without a pointer: Tab to the picture, arrows move a cross, Shift further, Enter begins and ends a seam.'
          : crossInWords(byKeys.cross, byKeys.drawn !== null)}
      </p>
      {known !== null && (
        <MeasureSheet
          onClose={() => setKnown(null)}
          onSay={(mm) => {
            const widthMm = widthByMeasure(known, mm, picture);
            onChange({
              pictures: draft.pictures.map((each) =>
                each.photoId === photoId ? { ...each, widthMm } : each,
              ),
            });
            setKnown(null);
            setMeasuring(false);
          }}
        />
      )}
    </section>
  );
}

interface PlaceKeysProps {
  draft: JobDraft;
  picture: JobDraft['pictures'][number];
  /** The weld that is placed next; undefined where there is none. */
  weld: JobDraft['welds'][number] | undefined;
  isMeasuring: boolean;
  onPick: (mark: string) => void;
  onMeasure: () => void;
  onWeld: (changes: Partial<JobDraft['welds'][number]>) => void;
}

/** Which weld the next drag is, whether it measures instead, and what the picture says of its length. */
function PlaceKeys({ draft, picture, weld, isMeasuring, onPick, onMeasure, onWeld }: PlaceKeysProps) {
  const read = weld?.place?.photoId === picture.photoId ? readLengthMm(weld.place, picture) : null;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="flex items-center gap-2">
        <span className="font-medium">Draw along</span>
        <select
          className="select touch-always text-base"
          value={weld?.mark ?? ''}
          onChange={(event) => onPick(event.target.value)}
        >
          {draft.welds.map(({ mark, place }) => (
            <option key={mark} value={mark}>
              {place === null ? mark : `${mark}, placed`}
            </option>
          ))}
        </select>
      </label>
      <button
        type="button"
        className={`btn touch-always ${isMeasuring ? 'btn-primary' : ''}`}
        aria-pressed={isMeasuring}
        onClick={onMeasure}
      >
        <Ruler className="size-5" aria-hidden="true" />{' '}
        {isMeasuring
          ? 'Draw along a known length'
          : picture.widthMm === null
            ? 'Measure the picture'
            : 'Measure it again'}
      </button>
      {weld?.place != null && (
        <button type="button" className="btn touch-always btn-ghost" onClick={() => onWeld({ place: null })}>
          Take {weld.mark} off
        </button>
      )}
      {weld !== undefined && read !== null && read !== weld.lengthMm && (
        <button
          type="button"
          className="btn touch-always"
          onClick={() => onWeld({ lengthMm: Math.max(1, read) })}
        >
          {weld.mark} reads {spokenLength(read)}, it says {spokenLength(weld.lengthMm)}: take what it reads
        </button>
      )}
    </div>
  );
}

const nobodyDone: ReadonlySet<string> = new Set();

/** A drag over the picture, in shares of its width and height. */
function useStroke(onEnd: (stroke: Stroke) => void) {
  const [drawn, setDrawn] = useState<Stroke | null>(null);
  const at = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (value: number) => Math.round(Math.min(1, Math.max(0, value)) * 1e5) / 1e5;
    return {
      x: share((event.clientX - box.left) / box.width),
      y: share((event.clientY - box.top) / box.height),
    };
  };
  const onPointer = {
    down: (event: PointerEvent<HTMLElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrawn({ from: at(event), to: at(event) });
    },
    move: (event: PointerEvent<HTMLElement>) => {
      if (drawn !== null) setDrawn({ ...drawn, to: at(event) });
    },
    up: (event: PointerEvent<HTMLElement>) => {
      if (drawn === null) return;
      setDrawn(null);
      onEnd({ ...drawn, to: at(event) });
    },
  };
  return { drawn, onPointer };
}
