import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { OpticsModule } from '../optics/optics.module.js';
import { CouponsController } from './coupons.controller.js';
import { CouponsService } from './coupons.service.js';

@Module({
  imports: [MachinesModule, OpticsModule],
  controllers: [CouponsController],
  providers: [CouponsService],
  exports: [CouponsService],
})
export class CouponsModule {}
