import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { ModeCardsController } from './modeCards.controller.js';
import { ModeCardsService } from './modeCards.service.js';

@Module({
  imports: [MachinesModule],
  controllers: [ModeCardsController],
  providers: [ModeCardsService],
  exports: [ModeCardsService],
})
export class ModeCardsModule {}
