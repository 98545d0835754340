import { Module } from '@nestjs/common';
import { EyewearController } from './eyewear.controller.js';
import { EyewearService } from './eyewear.service.js';

@Module({ controllers: [EyewearController], providers: [EyewearService] })
export class SafetyModule {}
