import { Module } from '@nestjs/common';
import { CouponsModule } from '../coupons/coupons.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { CouponFilesService } from './couponFiles.service.js';

/** Its routes stand in FileWorkModule, for a thread has none. */
@Module({
  imports: [CouponsModule, MachinesModule],
  providers: [CouponFilesService],
  exports: [CouponFilesService],
})
export class CouponFilesModule {}
