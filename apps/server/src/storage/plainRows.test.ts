import { DataSource } from 'typeorm';
import { CouponEntity } from '../coupons/coupon.entity.js';
import { couponKeys } from '../coupons/couponRow.js';
import { startSampleServer } from '../testing/sampleServer.js';
import { plainRows } from './plainRows.js';

it('reads columns as TypeORM reads them: what is JSON, what is yes or no, what is empty', async () => {
  const server = await startSampleServer();
  const { manager } = server.app.get(DataSource);
  const query = () => manager.createQueryBuilder(CouponEntity, 'coupon').orderBy('coupon.number');
  const keys = [...couponKeys, 'hasSlip', 'gunAngleDeg'] as const;
  const rows = await plainRows(query().leftJoin('coupon.window', 'window'), keys, {
    windowNumber: 'window.number',
  });
  const whole = await query().leftJoinAndSelect('coupon.window', 'window').getMany();
  expect(whole.length).toBeGreaterThan(0);
  expect(rows).toEqual(
    whole.map((row) => ({
      ...Object.fromEntries(keys.map((key) => [key, row[key]])),
      windowNumber: row.window.number,
    })),
  );
  expect(rows.some(({ hasSlip }) => hasSlip) && rows.some(({ hasSlip }) => !hasSlip)).toBe(true);
  await server.stop();
});
