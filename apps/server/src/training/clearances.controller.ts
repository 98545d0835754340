import {
  clearanceDraftSchema,
  clearanceSchema,
  clientId,
  type Clearance,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { ClearancesService } from './clearances.service.js';

class ClearanceDto extends createZodDto(clearanceSchema) {}
class ClearanceDraftDto extends createZodDto(clearanceDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('training')
@Controller('clearances')
@ApiOkResponse({ type: ClearanceDto })
export class ClearancesController {
  constructor(private readonly clearances: ClearancesService) {}

  @Get()
  @ApiOperation({ summary: 'Who was cleared for which machine and mode, newest first' })
  @ApiOkResponse({ type: [ClearanceDto] })
  list(): Promise<Clearance[]> {
    return this.clearances.list();
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Clear somebody for a machine and a mode' })
  clear(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(clearanceDraftSchema)) draft: ClearanceDraftDto,
    @By() by: Person,
  ): Promise<Clearance> {
    return this.clearances.clear(id, draft, by);
  }

  @Put(':id/withdrawal')
  @For('lead')
  @ApiOperation({ summary: 'Withdraw a clearance; its record is kept' })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<Clearance> {
    return this.clearances.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('lead')
  @ApiOperation({ summary: 'Give a withdrawn clearance again' })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<Clearance> {
    return this.clearances.setWithdrawn(id, false, by);
  }
}
