import { realTravelMmS, type Coupon, type CouponSort, type Machine, type Person } from '@lone-heron/contract';
import { columnVisibilityFeature, createColumnHelper, tableFeatures } from '@tanstack/react-table';
import { memo } from 'react';
import { Link } from 'react-router';
import { spokenLength, spokenTravel } from '../../shared/figures/spoken.js';
import { couponMelt } from '../../shared/coupons/couponMelt.js';
import { MiniSection } from '../../shared/drawing/MiniSection.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { outcomeOfLook, wordsOfLooks } from '../../shared/vocabulary/looks.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { dialledInWords, jointInWords } from '../../shared/sentences/settingInWords.js';
import { slipWords } from '../../shared/vocabulary/signs.js';

/** What a row needs beside the coupon itself. */
export interface CouponNames {
  readonly machines: readonly Machine[];
  /** Null until they have come. */
  readonly people: readonly Person[] | null;
  readonly now: Date;
}

/** A coupon with the names of what it refers to. */
export interface CouponRow extends CouponNames {
  readonly coupon: Coupon;
}

export const couponFeatures = tableFeatures({ columnVisibilityFeature });
const column = createColumnHelper<typeof couponFeatures, CouponRow>();

/** What a column is called, and what it sorts by. */
export const columnHeads: Readonly<Record<string, { name: string; sort: CouponSort | null }>> = {
  number: { name: 'No', sort: 'number' },
  section: { name: 'Section', sort: 'thicknessMm' },
  setting: { name: 'Joint and setting', sort: 'powerW' },
  back: { name: 'Back', sort: null },
  travel: { name: 'Real travel', sort: 'travelMmS' },
  machine: { name: 'Machine', sort: null },
  who: { name: 'Who and when', sort: 'weldedAt' },
};

// A line on the screen does not change while others scroll past it: each cell is drawn once.

const NumberCell = memo(function NumberCell({ coupon }: CouponRow) {
  return (
    <Link
      to={`/coupons/${coupon.id}`}
      className="touch flex items-center px-1 figure text-lg underline underline-offset-4"
      aria-label={`Coupon ${coupon.number}`}
    >
      {coupon.number}
    </Link>
  );
});

const SectionCell = memo(function SectionCell({ coupon, machines }: CouponRow) {
  const machine = machines.find(({ id }) => id === coupon.machineId);
  if (machine === undefined) return null;
  return (
    <MiniSection
      melt={couponMelt(coupon, machine.profile)}
      outcome={outcomeOfLook[coupon.back]}
      className="h-10 w-24"
    />
  );
});

const SettingCell = memo(function SettingCell({ coupon }: CouponRow) {
  return (
    <>
      <span className="block truncate font-medium">{jointInWords(coupon.joint)}</span>
      <span className="block truncate text-sm text-soft">
        {coupon.remark !== '' && <em className="text-base-content">“{coupon.remark}” </em>}
        {dialledInWords(coupon.setting)}
      </span>
    </>
  );
});

const BackCell = memo(function BackCell({ coupon }: CouponRow) {
  return (
    <>
      <span className="flex items-center gap-2 whitespace-nowrap">
        <OutcomeMark outcome={outcomeOfLook[coupon.back]} />
        {wordsOfLooks(coupon.lookedAt)[coupon.back].short}
      </span>
      <span className="block text-sm whitespace-nowrap text-soft">{besideTheBack(coupon)}</span>
    </>
  );
});

/** What stands beside the look: a section says more than it, and a slip makes it say nothing. */
function besideTheBack({ slip, section, along }: Coupon): string {
  if (slip !== undefined) return `slip: ${slipWords[slip]}`;
  if (section !== null)
    return section.isThrough ? 'cut: through' : `cut: ${spokenLength(section.depthMm)} deep`;
  return along === undefined ? '' : `${along.length} stretches`;
}

const TravelCell = memo(function TravelCell({ coupon }: CouponRow) {
  const travel = realTravelMmS(coupon);
  if (travel === null) return <span className="text-sm text-soft">not timed</span>;
  return (
    <span className="whitespace-nowrap tabular-nums">
      {spokenTravel(travel)}
      <br />
      <span className="text-sm text-soft max-lg:ml-2">
        {coupon.runLengthMm === null ? '' : spokenLength(coupon.runLengthMm)} in {coupon.lightOnS} s
      </span>
    </span>
  );
});

const MachineCell = memo(function MachineCell({ coupon, machines }: CouponRow) {
  return (
    <>
      <span className="block truncate">
        {machines.find(({ id }) => id === coupon.machineId)?.name ?? coupon.machineId}
      </span>
      <span className="text-sm text-soft">window {coupon.windowNumber}</span>
    </>
  );
});

const WhoCell = memo(function WhoCell({ coupon, people, now }: CouponRow) {
  const name = people?.find(({ id }) => id === coupon.personId)?.name;
  return (
    <span className="whitespace-nowrap">
      {name ?? (people === null ? ' ' : coupon.personId)}
      <br />
      <time dateTime={coupon.weldedAt} className="text-sm text-soft max-lg:ml-2">
        {shownMoment(coupon.weldedAt, now)}
      </time>
    </span>
  );
});

export const couponColumns = column.columns([
  column.display({ id: 'number', cell: ({ row }) => <NumberCell {...row.original} /> }),
  column.display({ id: 'section', cell: ({ row }) => <SectionCell {...row.original} /> }),
  column.display({ id: 'setting', cell: ({ row }) => <SettingCell {...row.original} /> }),
  column.display({ id: 'back', cell: ({ row }) => <BackCell {...row.original} /> }),
  column.display({ id: 'travel', cell: ({ row }) => <TravelCell {...row.original} /> }),
  column.display({ id: 'machine', cell: ({ row }) => <MachineCell {...row.original} /> }),
  column.display({ id: 'who', cell: ({ row }) => <WhoCell {...row.original} /> }),
]);
