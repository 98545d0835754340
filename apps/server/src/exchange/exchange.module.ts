import { Module } from '@nestjs/common';
import { CouponsModule } from '../coupons/coupons.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { ExchangeService } from './exchange.service.js';

/** Its routes stand in FileWorkModule, for a thread has none. */
@Module({
  imports: [CouponsModule, MachinesModule],
  providers: [ExchangeService],
  exports: [ExchangeService],
})
export class ExchangeModule {}
