import { realTravelMmS, type Coupon, type Machine, type Person } from '@lone-heron/contract';
import { Trash2 } from 'lucide-react';
import { couponMelt } from '../shared/couponMelt.js';
import { MiniSection } from '../shared/drawing/MiniSection.js';
import { OutcomeMark } from '../shared/OutcomeMark.js';
import { figure } from '../shared/words/figures.js';
import { lookWords, outcomeOfLook } from '../shared/words/looks.js';
import { shownMoment } from '../shared/words/moments.js';
import { dialledInWords, jointInWords } from '../shared/words/settingInWords.js';
import { useTakeBack } from './useTakeBack.js';

interface CouponTableProps {
  coupons: readonly Coupon[];
  machines: readonly Machine[];
  people: readonly Person[];
}

/** One line a coupon: its drawing, the joint and the exact setting, what was seen, and who, where, through which glass. */
export function CouponTable({ coupons, machines, people }: CouponTableProps) {
  const now = new Date();
  return (
    <div className="sheet">
      <table className="table coupon-table">
        <thead>
          <tr>
            <th scope="col">No</th>
            <th scope="col">Section</th>
            <th scope="col">Joint and setting</th>
            <th scope="col">Back</th>
            <th scope="col">Real travel</th>
            <th scope="col">Machine and window</th>
            <th scope="col">Who and when</th>
            <th scope="col">
              <span className="sr-only">Take back</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {coupons.map((coupon) => (
            <CouponRow
              key={coupon.id}
              coupon={coupon}
              machine={machines.find(({ id }) => id === coupon.machineId)}
              person={people.find(({ id }) => id === coupon.personId)}
              now={now}
            />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface CouponRowProps {
  coupon: Coupon;
  machine: Machine | undefined;
  person: Person | undefined;
  now: Date;
}

function CouponRow({ coupon, machine, person, now }: CouponRowProps) {
  const takeBack = useTakeBack();
  const outcome = outcomeOfLook[coupon.back];
  const travel = realTravelMmS(coupon);
  return (
    <tr>
      <th scope="row" className="figure text-lg">
        {coupon.number}
      </th>
      <td className="w-28">
        {machine !== undefined && (
          <MiniSection
            melt={couponMelt(coupon, machine.profile)}
            secondThicknessMm={coupon.joint.secondThicknessMm}
            gapMm={coupon.joint.gapMm}
            outcome={outcome}
            className="h-10 w-24"
          />
        )}
      </td>
      <td className="min-w-56">
        <span className="font-medium">{jointInWords(coupon.joint)}</span>
        <br />
        <span className="text-sm text-soft">{dialledInWords(coupon.setting)}</span>
        {coupon.remark !== '' && <p className="text-sm italic">“{coupon.remark}”</p>}
      </td>
      <td>
        <span className="flex items-center gap-2 whitespace-nowrap">
          <OutcomeMark outcome={outcome} />
          {lookWords[coupon.back].short}
        </span>
      </td>
      <td className="whitespace-nowrap tabular-nums">
        {travel === null ? (
          <span className="text-sm text-soft">not timed</span>
        ) : (
          <>
            {figure(travel, 1)} mm/s
            <br />
            <span className="text-sm text-soft">
              {coupon.runLengthMm} mm in {coupon.lightOnS} s
            </span>
          </>
        )}
      </td>
      <td>
        {machine?.name ?? coupon.machineId}
        <br />
        <span className="text-sm text-soft">window {coupon.windowNumber}</span>
      </td>
      <td className="whitespace-nowrap">
        {person?.name ?? coupon.personId}
        <br />
        <time dateTime={coupon.weldedAt} className="text-sm text-soft">
          {shownMoment(coupon.weldedAt, now)}
        </time>
      </td>
      <td>
        <button
          type="button"
          className="btn touch btn-square btn-ghost"
          aria-label={`Take coupon ${coupon.number} back`}
          onClick={() => void takeBack(coupon)}
        >
          <Trash2 className="size-5" aria-hidden="true" />
        </button>
      </td>
    </tr>
  );
}
