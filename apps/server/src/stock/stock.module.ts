import { Module } from '@nestjs/common';
import { StockController } from './stock.controller.js';
import { StockService } from './stock.service.js';

@Module({ controllers: [StockController], providers: [StockService] })
export class StockModule {}
