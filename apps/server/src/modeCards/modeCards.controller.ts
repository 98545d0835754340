import {
  modeCardDraftSchema,
  modeCardSchema,
  type ModeCard,
  type ModeCardDraft,
  type Person,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Revision, Sent } from '../http/schemaRoutes.js';
import { ModeCardsService } from './modeCards.service.js';

@ApiTags('mode cards')
@Controller('mode-cards')
export class ModeCardsController {
  constructor(private readonly cards: ModeCardsService) {}

  @Get()
  @ApiOperation({ summary: 'Cards of cleaning, cutting and pulses with their versions, newest first' })
  @AnswersMany(modeCardSchema)
  list(): Promise<ModeCard[]> {
    return this.cards.list();
  }

  @Put(':id/versions/:version')
  @For('welder', 'lead')
  @ApiOperation({
    summary: 'Write a version of such a card; the first makes it. Repeating it is the same save',
  })
  @Answers(modeCardSchema)
  write(
    @Id() id: string,
    @Revision('version') version: number,
    @Sent(modeCardDraftSchema) draft: ModeCardDraft,
    @By() by: Person,
  ): Promise<ModeCard> {
    return this.cards.write(id, version, draft, by);
  }

  @Put(':id/retirement')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Retire a card; it is kept' })
  @Answers(modeCardSchema)
  retire(@Id() id: string, @By() by: Person): Promise<ModeCard> {
    return this.cards.setRetired(id, true, by);
  }

  @Delete(':id/retirement')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a retired card out again' })
  @Answers(modeCardSchema)
  takeOut(@Id() id: string, @By() by: Person): Promise<ModeCard> {
    return this.cards.setRetired(id, false, by);
  }
}
