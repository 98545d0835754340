import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { LaddersController } from './ladders.controller.js';
import { LaddersService } from './ladders.service.js';

@Module({ imports: [MachinesModule], controllers: [LaddersController], providers: [LaddersService] })
export class LaddersModule {}
