import { Navigate } from 'react-router';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';

/** A coupon by the number on its scrap: goes to its own address. */
export function CouponByNumber({ number }: { number: number }) {
  const { data, error, refetch } = unlessShown(useCouponsQuery({ words: String(number), limit: 200 }));
  if (error !== undefined) return <LoadFailed what="the coupons" error={error} retry={refetch} />;
  if (data === undefined) return <Loading what="the coupon" />;
  const coupon = data.coupons.find((each) => each.number === number);
  if (coupon !== undefined) return <Navigate to={`/coupons/${coupon.id}`} replace />;
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Coupon ${number}`} back={{ to: '/coupons', name: 'coupons' }} />
      <p className="sheet p-5 text-lg">There is no coupon {number}, or it was taken back.</p>
    </div>
  );
}
