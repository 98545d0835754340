import {
  clientId,
  machineId,
  shopRecordDraftSchema,
  shopRecordSchema,
  type Person,
  type ShopRecord,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { RecordsService } from './records.service.js';

class ShopRecordDto extends createZodDto(shopRecordSchema) {}
class ShopRecordDraftDto extends createZodDto(shopRecordDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('records')
@Controller()
@ApiOkResponse({ type: ShopRecordDto })
export class RecordsController {
  constructor(private readonly records: RecordsService) {}

  @Get('machines/:id/records')
  @ApiOperation({ summary: 'Scrap tests, supply and safety tests of a machine, newest first' })
  @ApiOkResponse({ type: [ShopRecordDto] })
  list(@Param('id', new SchemaPipe(machineId, 'id')) id: string): Promise<ShopRecord[]> {
    return this.records.list(id);
  }

  @Put('records/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Write something down about a machine; repeating it is the same save' })
  write(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(shopRecordDraftSchema)) draft: ShopRecordDraftDto,
    @By() by: Person,
  ): Promise<ShopRecord> {
    return this.records.write(id, draft, by);
  }

  @Put('records/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a record back; it is kept' })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<ShopRecord> {
    return this.records.setWithdrawn(id, true, by);
  }

  @Delete('records/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a taken-back record in again' })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<ShopRecord> {
    return this.records.setWithdrawn(id, false, by);
  }
}
