import {
  couponTestDraftSchema,
  type Coupon,
  type Machine,
  type Photo,
  type TestDetail,
} from '@lone-heron/contract';
import { inMm, type PictureReading, type TintFound } from '@lone-heron/core';
import { useDeferredValue, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { useMachinesQuery } from '../../../shared/api/heronApi.js';
import { pictureAddress } from '../../../shared/api/photosApi.js';
import { TypedField } from '../../../shared/form/TypedField.js';
import { useKey } from '../../../shared/keys/useKey.js';
import { Loading } from '../../../shared/page/Loading.js';
import { shopUnits } from '../../../shared/figures/shopUnits.js';
import { bareUnitOf, readTyped, type TypedValue } from '../../../shared/figures/readTyped.js';
import { MeasureBoard, type Held } from '../measure/MeasureBoard.js';
import { tintTools, type ToolName } from '../measure/measureTools.js';
import { PickedPhoto } from '../measure/PickedPhoto.js';
import { PictureZoom } from '../measure/PictureZoom.js';
import { pixelsOf, type ScaledPicture } from '../../../shared/picture/pixelsOf.js';
import { isPlaced, movePoint, placePoint, scaleOf, type Placed } from '../measure/placed.js';
import { NextPress } from '../measure/NextPress.js';
import { ToolButton } from '../measure/ToolButton.js';
import { usePlaced } from '../measure/usePlaced.js';
import { TestEnd } from '../tests/AddTest.js';
import { sectionFields } from '../tests/testFields.js';
import { expectedTint } from './expectedTint.js';
import { TintFigures } from './TintFigures.js';
import { tintRead } from './tintRead.js';
import { TravelSides } from './TravelSides.js';

/** Colours read off a photo of the face: gas cover on each side, the aim, and the bands beside the computed ones. */
export function TintScreen() {
  const { data: machines } = useMachinesQuery(undefined);
  return (
    <PickedPhoto
      subject="face"
      title="Colour"
      wanted="No photo of the face yet. Take it square on in even light, with something white and a ruler beside the seam."
    >
      {(coupon, photo) =>
        machines === undefined ? (
          <Loading what="the machine" />
        ) : (
          <Reading
            key={photo.id}
            coupon={coupon}
            photo={photo}
            machine={machines.find(({ id }) => id === coupon.machineId)}
          />
        )
      }
    </PickedPhoto>
  );
}

interface ReadingProps {
  coupon: Coupon;
  photo: Photo;
  machine: Machine | undefined;
}

/** Where nothing is expected, so far to each side is looked, mm. */
const usualReachMm = 10;

function Reading({ coupon, photo, machine }: ReadingProps) {
  const { placed, set, undo } = usePlaced(photo.id, shopUnits().length === 'mm' ? '10' : '0.5');
  const [active, setActive] = useState<ToolName | null>('white');
  const [zoom, setZoom] = useState(1);
  const knownLength = readTyped(placed.knownLength, sectionFields.depth.quantity);
  const { scale, fault } = scaleOf(placed, 'value' in knownLength ? knownLength.value : null);
  const expected = useMemo(
    () => (machine === undefined ? null : expectedTint(coupon, machine.profile)),
    [coupon, machine],
  );
  const reachMm = expected === null ? usualReachMm : Math.max(usualReachMm / 2, inMm(expected.straw));
  const pixels = usePixels(photo);
  const settled = useDeferredValue(placed);
  const read = useMemo(
    () => (pixels === null ? null : tintRead(pixels, settled, scale, reachMm)),
    [pixels, settled, scale, reachMm],
  );
  useKey('Control+z', () => undo?.());
  const [from, to] = placed.points['seam'] ?? [];
  const move = ({ tool, index }: Held, point: { x: number; y: number }, isFirst: boolean) => {
    if (tool !== 'line') set(movePoint(placed, tool, index, point), isFirst);
  };
  const place = (point: { x: number; y: number }) => {
    if (active === null) return;
    const next = placePoint(placed, active, point);
    set(next);
    if (isPlaced(next, active)) setActive(tintTools.find(({ name }) => !isPlaced(next, name))?.name ?? null);
  };
  return (
    <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <div className="flex min-w-0 flex-col gap-2">
        <MeasureBoard
          photo={photo}
          placed={placed}
          active={tintTools.find(({ name }) => name === active) ?? null}
          zoom={zoom}
          onMove={move}
          onPlace={place}
        >
          {from !== undefined && to !== undefined && (
            <TravelSides from={from} to={to} unit={photo.widthPx / 900 / zoom} />
          )}
        </MeasureBoard>
        <PictureZoom zoom={zoom} onZoom={setZoom} />
      </div>
      <div className="flex flex-col gap-3 lg:row-span-2">
        <Placing
          placed={placed}
          active={active}
          knownLength={knownLength}
          fault={fault ?? (read !== null && 'fault' in read ? read.fault : null)}
          onActive={setActive}
          onKnownLength={(text) => set({ ...placed, knownLength: text }, false)}
          onUndo={undo === null ? null : () => void undo()}
        >
          {read !== null && 'found' in read && <TintFigures found={read.found} expected={expected} />}
        </Placing>
        <Recorded
          coupon={coupon}
          photo={photo}
          found={read !== null && 'found' in read ? read.found : null}
        />
      </div>
    </div>
  );
}

interface PlacingProps {
  placed: Placed;
  active: ToolName | null;
  knownLength: TypedValue;
  fault: string | null;
  onActive: (tool: ToolName) => void;
  onKnownLength: (text: string) => void;
  onUndo: (() => void) | null;
  /** What it comes to. */
  children: ReactNode;
}

/** What is placed, in its order: white, line, scale. */
function Placing({
  placed,
  active,
  knownLength,
  fault,
  onActive,
  onKnownLength,
  onUndo,
  children,
}: PlacingProps) {
  return (
    <section className="sheet flex flex-col gap-2 px-4 py-3" aria-label="What is placed">
      <NextPress placed={placed} active={active} onUndo={onUndo} />
      {tintTools.map((tool) => (
        <ToolButton
          key={tool.name}
          tool={tool}
          placed={placed}
          active={active}
          value={null}
          onActive={onActive}
        />
      ))}
      <TypedField
        label="Known length, such as the ruler’s"
        unit={bareUnitOf(sectionFields.depth.quantity)}
        text={placed.knownLength}
        read={knownLength}
        onType={onKnownLength}
      />
      <Fault said={fault} />
      {children}
    </section>
  );
}

function Fault({ said }: { said: string | null }) {
  if (said === null) return null;
  return (
    <p role="alert" className="fault text-sm">
      {said}
    </p>
  );
}

/** The photo's pixels, once they have come. */
function usePixels({ hash }: Photo): ScaledPicture | null {
  const [pixels, setPixels] = useState<ScaledPicture | null>(null);
  useEffect(() => {
    let isWanted = true;
    void pixelsOf(pictureAddress(hash)).then((read) => {
      if (isWanted) setPixels(read);
    });
    return () => {
      isWanted = false;
    };
  }, [hash]);
  return pixels;
}

/** The colours as they go into the record. */
function Recorded({ coupon, photo, found }: { coupon: Coupon; photo: Photo; found: TintFound | null }) {
  const navigate = useNavigate();
  const detail = useMemo(() => (found === null ? null : detailOf(found, photo.id)), [found, photo.id]);
  return (
    <section className="sheet px-4 py-3" aria-label="Into the record">
      <TestEnd
        sheet={`tint ${coupon.id}`}
        coupon={coupon}
        detail={detail}
        onStored={() => void navigate(`/coupons/${coupon.id}`)}
      >
        {detail === null && (
          <p className="text-sm text-soft">
            Place white, line and scale. Left and right are as seen along the travel.
          </p>
        )}
      </TestEnd>
    </section>
  );
}

function detailOf({ left, right, offset, widths }: TintFound, photoId: string): TestDetail | null {
  const detail = {
    ...{ kind: 'tint', photoId, left, right },
    offset: offset === null ? null : filed(offset),
    widths: Object.fromEntries(Object.entries(widths).map(([tint, width]) => [tint, filed(width)])),
  };
  return couponTestDraftSchema.shape.detail.safeParse(detail).data ?? null;
}

function filed({ mm, sdMm }: PictureReading) {
  const rounded = (value: number) => Math.round(value * 1000) / 1000;
  return { mm: rounded(mm), giveMm: rounded(sdMm) };
}
