import type { Machine, ProtectiveWindow, RecordDetail, ShopPhoto } from '@lone-heron/contract';
import type { GlassOnPicture, PicturePoint, SpeckCount } from '@lone-heron/core';
import { useState } from 'react';
import { pictureAddress } from '../../../shared/api/photosApi.js';
import { usePersonAtDesk } from '../../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../../shared/door/WhoDidIt.js';
import { TypedField } from '../../../shared/form/TypedField.js';
import { useTypedValues } from '../../../shared/form/useTypedValues.js';
import { useWriteRecord } from '../../../shared/records/useWriteRecord.js';
import { beamShareOf, glassBetween, usualGlassMm } from './glassOnPhoto.js';
import { countInWords } from './countInWords.js';
import { useSpeckCount } from './useSpeckCount.js';
import { bareUnitOf } from '../../../shared/figures/readTyped.js';
import { typedText } from '../../../shared/figures/spoken.js';

interface CountBoardProps {
  machine: Machine;
  fitted: ProtectiveWindow;
  photo: ShopPhoto;
  onKept: () => void;
}

const quantities = {
  glass: { range: { quantity: 'free width of the glass', min: 5, max: 80, unit: 'mm' }, dimension: 'length' },
} as const;

/** The photo with two presses on the rim, the specks that were found, and the way to keep the count. */
export function CountBoard({ machine, fitted, photo, onKept }: CountBoardProps) {
  const typed = useTypedValues(quantities, { glass: typedText(usualGlassMm, 'mm', 1) });
  const [rim, setRim] = useState<readonly PicturePoint[]>([]);
  const { isRunning, said, count, start, cancel, forget } = useSpeckCount(photo);
  const [one, other] = rim;
  const glass =
    one === undefined || other === undefined || typed.values === null
      ? null
      : glassBetween(one, other, beamShareOf(machine.profile, typed.values.glass));
  const press = (point: PicturePoint) => {
    forget();
    setRim(rim.length === 2 ? [point] : [...rim, point]);
  };
  return (
    <section className="sheet grid gap-4 p-4 md:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]" aria-label="Count">
      <Picture photo={photo} rim={rim} glass={glass} count={count} onPress={press} />
      <div className="flex flex-col gap-3">
        <p className="text-lg" role="status">
          {rim.length < 2
            ? `Press the rim of the glass, then its rim straight across. ${rim.length} of 2.`
            : (said ?? 'Ready to count.')}
        </p>
        <TypedField
          label="Free width of the glass"
          unit={bareUnitOf(quantities.glass)}
          text={typed.texts.glass}
          read={typed.reads.glass}
          onType={(text) => {
            forget();
            typed.type('glass', text);
          }}
        />
        <p className="text-sm text-soft">
          The inner ring is where the light goes through,{' '}
          {machine.profile.optics === null
            ? 'taken as half of the glass: the machine’s optics are not written down in Shop.'
            : 'from the lens and the angle written down in Shop.'}
        </p>
        <div className="flex flex-wrap gap-2">
          {isRunning ? (
            <button type="button" className="btn touch-always" onClick={cancel}>
              Stop
            </button>
          ) : (
            <button
              type="button"
              className="btn touch-always btn-primary"
              disabled={glass === null}
              onClick={() => glass !== null && void start(glass)}
            >
              Count the specks
            </button>
          )}
          {rim.length > 0 && (
            <button
              type="button"
              className="btn touch-always btn-ghost"
              onClick={() => {
                forget();
                setRim([]);
              }}
            >
              Press the rim anew
            </button>
          )}
        </div>
        {count !== null && (
          <Keep machine={machine} fitted={fitted} photo={photo} count={count} onKept={onKept} />
        )}
      </div>
    </section>
  );
}

/** What was counted, and the way to keep it with the window. */
function Keep({ machine, fitted, photo, count, onKept }: CountBoardProps & { count: SpeckCount }) {
  const person = usePersonAtDesk();
  const { write, isSaving, failure } = useWriteRecord(machine.id);
  const keep = async () => {
    const kinds = (kind: 'dark' | 'pale') => count.specks.filter((speck) => speck.kind === kind).length;
    const { beamCovered, glassCovered } = count;
    const detail: RecordDetail = {
      ...{ kind: 'glass', windowId: fitted.id, dark: kinds('dark'), pale: kinds('pale') },
      ...{ beamCovered, glassCovered, photoId: photo.id },
    };
    if (await write(detail, '', `Kept with window ${fitted.number}.`)) onKept();
  };
  return (
    <>
      <p className="text-lg">{countInWords(count)}</p>
      <WhoDidIt label="Looked at by" />
      {failure !== null && (
        <p role="alert" className="fault">
          Not stored. {failure}
        </p>
      )}
      <button
        type="button"
        className="btn touch-always self-start btn-primary"
        disabled={person === null || isSaving}
        onClick={() => void keep()}
      >
        {isSaving ? 'Saving' : `Keep it with window ${fitted.number}`}
      </button>
    </>
  );
}

interface PictureProps {
  photo: ShopPhoto;
  rim: readonly PicturePoint[];
  glass: GlassOnPicture | null;
  count: SpeckCount | null;
  onPress: (point: PicturePoint) => void;
}

function Picture({ photo, rim, glass, count, onPress }: PictureProps) {
  const { widthPx, heightPx } = photo;
  const unit = Math.max(widthPx, heightPx) / 100;
  return (
    <div className="relative self-start">
      <img src={pictureAddress(photo.hash)} alt="The glass on its ground" className="w-full rounded-box" />
      <svg
        viewBox={`0 0 ${widthPx} ${heightPx}`}
        className="absolute inset-0 size-full cursor-crosshair touch-manipulation"
        role="application"
        aria-label="The photo: press the rim of the glass at two places straight across"
        onClick={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          onPress({
            x: ((event.clientX - box.left) / box.width) * widthPx,
            y: ((event.clientY - box.top) / box.height) * heightPx,
          });
        }}
      >
        {rim.map(({ x, y }) => (
          <circle key={`${x} ${y}`} cx={x} cy={y} r={unit} fill="var(--melt)" stroke="#16242c" />
        ))}
        {glass !== null && (
          <g fill="none" stroke="var(--melt)" strokeWidth={unit * 0.4}>
            <circle cx={glass.middle.x} cy={glass.middle.y} r={glass.radius} />
            <circle
              cx={glass.middle.x}
              cy={glass.middle.y}
              r={glass.radius * glass.beamShare}
              strokeDasharray={`${unit * 2} ${unit}`}
            />
          </g>
        )}
        {count?.specks.map(({ kind, middle, pixels }) => {
          const reach = Math.sqrt(pixels / Math.PI) + unit;
          return (
            <circle
              key={`${middle.x} ${middle.y}`}
              cx={middle.x}
              cy={middle.y}
              r={reach}
              fill="none"
              stroke={kind === 'dark' ? '#bf3f27' : '#16242c'}
              strokeWidth={unit * 0.35}
              strokeDasharray={kind === 'dark' ? undefined : `${unit * 0.7} ${unit * 0.5}`}
            />
          );
        })}
      </svg>
    </div>
  );
}
