import {
  workshopDraftSchema,
  workshopSchema,
  type Person,
  type Workshop,
  type WorkshopDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, HttpCode, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { WorkshopsService } from './workshops.service.js';

@ApiTags('workshops')
@Controller('workshops')
export class WorkshopsController {
  constructor(private readonly workshops: WorkshopsService) {}

  @Get()
  @ApiOperation({ summary: 'The workshops of the firm; none where it is one workshop' })
  @AnswersMany(workshopSchema)
  list(): Promise<Workshop[]> {
    return this.workshops.list();
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Open a workshop under an id of the client’s, or call it otherwise' })
  @Answers(workshopSchema)
  save(
    @Id() id: string,
    @Sent(workshopDraftSchema) draft: WorkshopDraft,
    @By() by: Person,
  ): Promise<Workshop> {
    return this.workshops.save(id, draft, by);
  }

  @Delete(':id')
  @For('lead')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a workshop off the list that nothing belongs to' })
  @ApiNoContentResponse()
  remove(@Id() id: string, @By() by: Person): Promise<void> {
    return this.workshops.remove(id, by);
  }
}
