import {
  couponTestDraftSchema,
  type Coupon,
  type Photo,
  type SectionMeasure,
  type TestDetail,
} from '@lone-heron/contract';
import type { PictureReading } from '@lone-heron/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { useKey } from '../../../shared/keys/useKey.js';
import { readTyped } from '../../../shared/figures/readTyped.js';
import { typedText } from '../../../shared/figures/spoken.js';
import { TestEnd } from '../tests/AddTest.js';
import { SectionPrepared, useSectionPreparation, type SectionPreparation } from '../tests/SectionPrepared.js';
import { sectionFields } from '../tests/testFields.js';
import { MeasureBoard, type Held } from './MeasureBoard.js';
import { allTools, type ToolName } from './measureTools.js';
import {
  bendLine,
  faceOf,
  isPlaced,
  movePoint,
  placePoint,
  readingFault,
  readingsOf,
  recordedReadings,
  scaleOf,
  type Placed,
} from './placed.js';
import { PickedPhoto } from './PickedPhoto.js';
import { PictureZoom } from './PictureZoom.js';
import { ToolPanel } from './ToolPanel.js';
import { usePlaced } from './usePlaced.js';
import { useTrace } from './useTrace.js';

/** Lengths measured on a photo of a section: scale, face, points or a traced line, and into the record. */
export function MeasureScreen() {
  return (
    <PickedPhoto
      subject="section"
      title="Section"
      wanted="No photo of a section yet. Take it square on, with the whole thickness sharp and a ruler or the sheet itself to set the scale by."
    >
      {(coupon, photo) => <Measuring key={photo.id} coupon={coupon} photo={photo} />}
    </PickedPhoto>
  );
}

function Measuring({ coupon, photo }: { coupon: Coupon; photo: Photo }) {
  const thicknessMm = coupon.joint.firstThicknessMm;
  const { placed, set, undo } = usePlaced(photo.id, typedText(thicknessMm, 'mm', 3));
  const [active, setActive] = useState<ToolName | null>('scale');
  const [zoom, setZoom] = useState(1);
  const knownLength = readTyped(placed.knownLength, sectionFields.depth.quantity);
  const lengthMm = 'value' in knownLength ? knownLength.value : null;
  const { scale, fault } = scaleOf(placed, lengthMm);
  const trace = useTrace(photo, placed, thicknessMm, scale?.mmPerPixel ?? null);
  const readings = useMemo(() => readingsOf(placed, scale), [placed, scale]);
  const stepBack = () => {
    const before = undo?.();
    if (before !== undefined) setActive(toolThatDiffers(before, placed) ?? active);
  };
  useKey('Control+z', stepBack);
  const startTrace = async () => {
    const traced = await trace.start();
    if (traced !== null) set({ ...placed, ...traced });
  };
  const move = ({ tool, index }: Held, point: { x: number; y: number }, isFirst: boolean) =>
    set(
      tool === 'line' ? bendLine(placed, index, point, bendReach) : movePoint(placed, tool, index, point),
      isFirst,
    );
  return (
    <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,1fr)_22rem]">
      <div className="flex min-w-0 flex-col gap-2">
        <MeasureBoard
          photo={photo}
          placed={placed}
          active={allTools.find(({ name }) => name === active) ?? null}
          zoom={zoom}
          onMove={move}
          onPlace={(point) => {
            if (active === null) return;
            const next = placePoint(placed, active, point);
            set(next);
            if (isPlaced(next, active)) setActive(after(active));
          }}
        />
        <PictureZoom zoom={zoom} onZoom={setZoom} />
      </div>
      <div className="lg:row-span-2">
        <ToolPanel
          placed={placed}
          active={active}
          knownLength={knownLength}
          scaleFault={fault}
          readings={readings}
          trace={trace}
          onActive={setActive}
          onKnownLength={(text) => set({ ...placed, knownLength: text }, false)}
          onTrace={() => void startTrace()}
          onCancelTrace={trace.cancel}
          onUndo={undo === null ? null : stepBack}
        />
      </div>
      <Recorded coupon={coupon} photo={photo} readings={readings} hasFace={faceOf(placed) !== null} />
    </div>
  );
}

/** How many points of a traced line to each side a pulled one takes along. */
const bendReach = 8;

/** The tool whose points a step back took away or gave back: it is placed next. */
function toolThatDiffers(one: Placed, other: Placed): ToolName | null {
  const tool = allTools.find(({ name }) => one.points[name]?.length !== other.points[name]?.length);
  return tool?.name ?? null;
}

/** Scale leads to face, and face to depth; after that a hand picks. */
function after(tool: ToolName): ToolName | null {
  if (tool === 'scale') return 'face';
  return tool === 'face' ? 'depth' : null;
}

interface RecordedProps {
  coupon: Coupon;
  photo: Photo;
  readings: Readonly<Partial<Record<SectionMeasure, PictureReading>>>;
  hasFace: boolean;
}

/** The section as it goes into the record, and with it into the evidence. */
function Recorded({ coupon, photo, readings, hasFace }: RecordedProps) {
  const navigate = useNavigate();
  const [prepared, setPrepared] = useSectionPreparation(coupon);
  const measured = recordedReadings(readings);
  const detail = detailOf({ measured, ...prepared, photoId: photo.id });
  return (
    <section className="sheet px-4 py-3 lg:col-start-1" aria-label="Into the record">
      <TestEnd
        sheet={`measure ${coupon.id}`}
        coupon={coupon}
        detail={detail}
        onStored={() => void navigate(`/coupons/${coupon.id}`)}
      >
        <SectionPrepared coupon={coupon} prepared={prepared} onChange={setPrepared} />
        {measured === null && (
          <p className="fault text-sm" role="alert">
            {readingFault(readings)} Is its point on the right side of the face?
          </p>
        )}
        {detail === null && measured !== null && (
          <p className="text-sm text-soft">
            {hasFace
              ? 'Place the depth, trace the line, or say that the melt came through.'
              : 'Place scale and face first.'}
          </p>
        )}
      </TestEnd>
    </section>
  );
}

interface ToRecord extends SectionPreparation {
  measured: ReturnType<typeof recordedReadings>;
  photoId: string;
}

function detailOf({ measured, isThrough, ...rest }: ToRecord): TestDetail | null {
  if (measured === null || (!isThrough && measured.depth === undefined)) return null;
  const detail = { kind: 'section', ...rest, isThrough, measured };
  return couponTestDraftSchema.shape.detail.safeParse(detail).data ?? null;
}
