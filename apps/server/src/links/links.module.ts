import { Module } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { LinksController } from './links.controller.js';
import { LinksService } from './links.service.js';

@Module({ imports: [MachinesModule], controllers: [LinksController], providers: [LinksService] })
export class LinksModule {}
