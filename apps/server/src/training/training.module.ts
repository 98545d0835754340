import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { ClearancesController } from './clearances.controller.js';
import { ClearancesService } from './clearances.service.js';

@Module({ imports: [MachinesModule], controllers: [ClearancesController], providers: [ClearancesService] })
export class TrainingModule {}
