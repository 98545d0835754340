import {
  eyewearDraftSchema,
  eyewearSchema,
  type Eyewear,
  type Person,
  type EyewearDraft,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { EyewearService } from './eyewear.service.js';

@ApiTags('safety')
@Controller('eyewear')
export class EyewearController {
  constructor(private readonly eyewear: EyewearService) {}

  @Get()
  @ApiOperation({ summary: 'Helmets and glasses, those in use first' })
  @AnswersMany(eyewearSchema)
  list(): Promise<Eyewear[]> {
    return this.eyewear.list();
  }

  @Put(':id')
  @For('upkeep', 'lead')
  @ApiOperation({ summary: 'Record a helmet or a pair as it was found' })
  @Answers(eyewearSchema)
  save(@Id() id: string, @Sent(eyewearDraftSchema) draft: EyewearDraft, @By() by: Person): Promise<Eyewear> {
    return this.eyewear.save(id, draft, by);
  }
}
