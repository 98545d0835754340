import { Module } from '@nestjs/common';
import { CouponsModule } from '../coupons/coupons.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { ExchangeController } from './exchange.controller.js';
import { ExchangeService } from './exchange.service.js';

@Module({
  imports: [CouponsModule, MachinesModule],
  controllers: [ExchangeController],
  providers: [ExchangeService],
})
export class ExchangeModule {}
