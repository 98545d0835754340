import {
  clientId,
  stockDraftSchema,
  stockItemSchema,
  type Person,
  type StockDraft,
  type StockItem,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Header, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { orderListCsv } from './orderListCsv.js';
import { StockService } from './stock.service.js';

class StockItemDto extends createZodDto(stockItemSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('drawer')
@Controller('stock')
@ApiOkResponse({ type: StockItemDto })
export class StockController {
  constructor(private readonly stock: StockService) {}

  @Get()
  @ApiOperation({ summary: 'Spare parts in the drawer, with how fast they are used' })
  @ApiOkResponse({ type: [StockItemDto] })
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
  save(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(stockDraftSchema)) draft: StockDraft,
    @By() by: Person,
  ): Promise<StockItem> {
    return this.stock.save(id, draft, by);
  }

  @Put(':id/removal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a sort off the list; it is kept' })
  remove(@Param('id', idPipe) id: string, @By() by: Person): Promise<StockItem> {
    return this.stock.setRemoved(id, true, by);
  }

  @Delete(':id/removal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a sort back on the list' })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<StockItem> {
    return this.stock.setRemoved(id, false, by);
  }
}
