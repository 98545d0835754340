import {
  shopRecordDraftSchema,
  shopRecordSchema,
  type Person,
  type ShopRecord,
  type ShopRecordDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Sent } from '../http/schemaRoutes.js';
import { RecordsService } from './records.service.js';

@ApiTags('records')
@Controller()
@Answers(shopRecordSchema)
export class RecordsController {
  constructor(private readonly records: RecordsService) {}

  @Get('machines/:id/records')
  @ApiOperation({ summary: 'Scrap tests, supply and safety tests of a machine, newest first' })
  @AnswersMany(shopRecordSchema)
  list(@MachineId() id: string): Promise<ShopRecord[]> {
    return this.records.list(id);
  }

  @Put('records/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Write something down about a machine; repeating it is the same save' })
  write(
    @Id() id: string,
    @Sent(shopRecordDraftSchema) draft: ShopRecordDraft,
    @By() by: Person,
  ): Promise<ShopRecord> {
    return this.records.write(id, draft, by);
  }

  @Put('records/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a record back; it is kept' })
  withdraw(@Id() id: string, @By() by: Person): Promise<ShopRecord> {
    return this.records.setWithdrawn(id, true, by);
  }

  @Delete('records/:id/withdrawal')
  @ForEverybody()
  @ApiOperation({ summary: 'Put a taken-back record in again' })
  restore(@Id() id: string, @By() by: Person): Promise<ShopRecord> {
    return this.records.setWithdrawn(id, false, by);
  }
}
