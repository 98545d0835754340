import {
  ladderDraftSchema,
  ladderSchema,
  type Ladder,
  type Person,
  type LadderDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { LaddersService } from './ladders.service.js';

@ApiTags('ladders')
@Controller('ladders')
export class LaddersController {
  constructor(private readonly ladders: LaddersService) {}

  @Get()
  @ApiOperation({ summary: 'Ladders, newest first' })
  @AnswersMany(ladderSchema)
  list(): Promise<Ladder[]> {
    return this.ladders.list();
  }

  @Put(':id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Keep a ladder under an id of the client’s; repeating it is the same save' })
  @Answers(ladderSchema)
  make(@Id() id: string, @Sent(ladderDraftSchema) draft: LadderDraft, @By() by: Person): Promise<Ladder> {
    return this.ladders.make(id, draft, by);
  }

  @Put(':id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a ladder away; its coupons stay' })
  @Answers(ladderSchema)
  close(@Id() id: string, @By() by: Person): Promise<Ladder> {
    return this.ladders.setClosed(id, true, by);
  }

  @Delete(':id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a ladder out again' })
  @Answers(ladderSchema)
  reopen(@Id() id: string, @By() by: Person): Promise<Ladder> {
    return this.ladders.setClosed(id, false, by);
  }
}
