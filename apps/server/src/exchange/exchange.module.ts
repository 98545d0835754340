import { Module } from '@nestjs/common';
import { CouponsModule } from '../coupons/coupons.module.js';
import { JobsModule } from '../jobs/jobs.module.js';
import { ModeCardsModule } from '../modeCards/modeCards.module.js';
import { TrialsModule } from '../trials/trials.module.js';
import { MachinesModule } from '../machines/machines.module.js';
import { ExchangeService } from './exchange.service.js';

/** Its routes stand in FileWorkModule, for a thread has none. */
@Module({
  imports: [CouponsModule, JobsModule, MachinesModule, ModeCardsModule, TrialsModule],
  providers: [ExchangeService],
  exports: [ExchangeService],
})
export class ExchangeModule {}
