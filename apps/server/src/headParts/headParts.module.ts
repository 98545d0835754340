import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { HeadPartsController } from './headParts.controller.js';
import { HeadPartsService } from './headParts.service.js';

@Module({ imports: [MachinesModule], controllers: [HeadPartsController], providers: [HeadPartsService] })
export class HeadPartsModule {}
