import { Module } from '@nestjs/common';
import { CouponsModule } from '../coupons/coupons.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { CouponFilesController } from './couponFiles.controller.js';
import { CouponFilesService } from './couponFiles.service.js';

@Module({
  imports: [CouponsModule, MachinesModule],
  controllers: [CouponFilesController],
  providers: [CouponFilesService],
})
export class CouponFilesModule {}
