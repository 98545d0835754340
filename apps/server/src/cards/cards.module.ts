import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { PeopleModule } from '../people/people.module.js';
import { CardsController } from './cards.controller.js';
import { CardsService } from './cards.service.js';

@Module({
  imports: [MachinesModule, PeopleModule],
  controllers: [CardsController],
  providers: [CardsService],
})
export class CardsModule {}
