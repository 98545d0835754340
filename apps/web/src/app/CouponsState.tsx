import { useSelector } from 'react-redux';
import { useCouponsQuery } from '../shared/api/couponsApi.js';
import { selectWaiting } from '../shared/outbox/outboxSlice.js';

/** How many coupons there are; what waits in this browser matters more. */
export default function CouponsState() {
  const { data } = useCouponsQuery({ limit: 1 });
  const waiting = useSelector(selectWaiting).length;
  if (waiting > 0) return `${waiting} to be sent`;
  return data === undefined ? '' : `${data.total} logged`;
}
