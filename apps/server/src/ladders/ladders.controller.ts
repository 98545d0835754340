import { clientId, ladderDraftSchema, ladderSchema, type Ladder, type Person } from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { LaddersService } from './ladders.service.js';

class LadderDto extends createZodDto(ladderSchema) {}
class LadderDraftDto extends createZodDto(ladderDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('ladders')
@Controller('ladders')
export class LaddersController {
  constructor(private readonly ladders: LaddersService) {}

  @Get()
  @ApiOperation({ summary: 'Ladders, newest first' })
  @ApiOkResponse({ type: [LadderDto] })
  list(): Promise<Ladder[]> {
    return this.ladders.list();
  }

  @Put(':id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Keep a ladder under an id of the client’s; repeating it is the same save' })
  @ApiOkResponse({ type: LadderDto })
  make(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(ladderDraftSchema)) draft: LadderDraftDto,
    @By() by: Person,
  ): Promise<Ladder> {
    return this.ladders.make(id, draft, by);
  }

  @Put(':id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a ladder away; its coupons stay' })
  @ApiOkResponse({ type: LadderDto })
  close(@Param('id', idPipe) id: string): Promise<Ladder> {
    return this.ladders.setClosed(id, true);
  }

  @Delete(':id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a ladder out again' })
  @ApiOkResponse({ type: LadderDto })
  reopen(@Param('id', idPipe) id: string): Promise<Ladder> {
    return this.ladders.setClosed(id, false);
  }
}
