import {
  stockDraftSchema,
  stockItemSchema,
  type Person,
  type StockDraft,
  type StockItem,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Header, Put } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { orderListCsv } from './orderListCsv.js';
import { StockService } from './stock.service.js';

@ApiTags('drawer')
@Controller('stock')
@Answers(stockItemSchema)
export class StockController {
  constructor(private readonly stock: StockService) {}

  @Get()
  @ApiOperation({ summary: 'Spare parts in the drawer, with how fast they are used' })
  @AnswersMany(stockItemSchema)
  list(): Promise<StockItem[]> {
    return this.stock.list();
  }

  @Get('order.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="lone-heron-order.csv"')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'What to order now, for a spreadsheet' })
  async order(): Promise<string> {
    return orderListCsv(await this.stock.list());
  }

  @Put(':id')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down a sort of spare, or count it anew; repeating it is the same save' })
  save(@Id() id: string, @Sent(stockDraftSchema) draft: StockDraft, @By() by: Person): Promise<StockItem> {
    return this.stock.save(id, draft, by);
  }

  @Put(':id/removal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a sort off the list; it is kept' })
  remove(@Id() id: string, @By() by: Person): Promise<StockItem> {
    return this.stock.setRemoved(id, true, by);
  }

  @Delete(':id/removal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a sort back on the list' })
  restore(@Id() id: string, @By() by: Person): Promise<StockItem> {
    return this.stock.setRemoved(id, false, by);
  }
}
