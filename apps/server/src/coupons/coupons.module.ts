import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { WindowsModule } from '../windows/windows.module.js';
import { CouponsController } from './coupons.controller.js';
import { CouponsService } from './coupons.service.js';

@Module({
  imports: [MachinesModule, WindowsModule],
  controllers: [CouponsController],
  providers: [CouponsService],
  exports: [CouponsService],
})
export class CouponsModule {}
