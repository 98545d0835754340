import {
  bottleDraftSchema,
  bottleSchema,
  type Bottle,
  type Person,
  type BottleDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { BottlesService } from './bottles.service.js';

@ApiTags('supply')
@Controller('bottles')
@Answers(bottleSchema)
export class BottlesController {
  constructor(private readonly bottles: BottlesService) {}

  @Get()
  @ApiOperation({ summary: 'Gas bottles, those in the shop first' })
  @AnswersMany(bottleSchema)
  list(): Promise<Bottle[]> {
    return this.bottles.list();
  }

  @Put(':id')
  @ForEverybody()
  @ApiOperation({ summary: 'Record a bottle, or what was found of it since' })
  save(@Id() id: string, @Sent(bottleDraftSchema) draft: BottleDraft, @By() by: Person): Promise<Bottle> {
    return this.bottles.save(id, draft, by);
  }

  @Put(':id/gone')
  @ForEverybody()
  @ApiOperation({ summary: 'Send a bottle back; its record is kept' })
  sendBack(@Id() id: string, @By() by: Person): Promise<Bottle> {
    return this.bottles.setGone(id, true, by);
  }

  @Delete(':id/gone')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a bottle in again that was sent back by mistake' })
  takeIn(@Id() id: string, @By() by: Person): Promise<Bottle> {
    return this.bottles.setGone(id, false, by);
  }
}
