import { Module } from '@nestjs/common';
import { HouseController } from './house.controller.js';
import { HouseService } from './house.service.js';

@Module({ controllers: [HouseController], providers: [HouseService], exports: [HouseService] })
export class HouseModule {}
