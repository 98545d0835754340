import { useParams } from 'react-router';
import { CouponByNumber } from './CouponByNumber.js';
import { CouponSheet } from './CouponSheet.js';

/** A coupon by its own address, or by its number: /coupons/133. */
export function CouponPage() {
  const { id = '' } = useParams();
  return /^\d{1,7}$/.test(id) ? <CouponByNumber number={Number(id)} /> : <CouponSheet />;
}
