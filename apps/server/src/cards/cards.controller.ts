import { cardDraftSchema, cardSchema, clientId, type Card, type Person } from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { z } from 'zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { CardsService } from './cards.service.js';

class CardDto extends createZodDto(cardSchema) {}
class CardDraftDto extends createZodDto(cardDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');
const couponPipe = new SchemaPipe(clientId, 'couponId');
const versionError = { error: 'a whole number from 1' };
const versionPipe = new SchemaPipe(
  z.coerce.number(versionError).int(versionError).min(1, versionError),
  'version',
);

@ApiTags('cards')
@Controller('cards')
export class CardsController {
  constructor(private readonly cards: CardsService) {}

  @Get()
  @ApiOperation({ summary: 'Cards with their versions, newest first' })
  @ApiOkResponse({ type: [CardDto] })
  list(): Promise<Card[]> {
    return this.cards.list();
  }

  @Put(':id/versions/:version')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a version of a card; the first makes it. Repeating it is the same save' })
  @ApiOkResponse({ type: CardDto })
  write(
    @Param('id', idPipe) id: string,
    @Param('version', versionPipe) version: number,
    @Body(new SchemaPipe(cardDraftSchema)) draft: CardDraftDto,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.write(id, version, draft, by);
  }

  @Put(':id/versions/:version/proofs/:couponId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Say that a coupon was welded by the newest version' })
  @ApiOkResponse({ type: CardDto })
  addProof(
    @Param('id', idPipe) id: string,
    @Param('version', versionPipe) version: number,
    @Param('couponId', couponPipe) couponId: string,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.setProof(id, version, couponId, true, by);
  }

  @Delete(':id/versions/:version/proofs/:couponId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a coupon off the newest version' })
  @ApiOkResponse({ type: CardDto })
  removeProof(
    @Param('id', idPipe) id: string,
    @Param('version', versionPipe) version: number,
    @Param('couponId', couponPipe) couponId: string,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.setProof(id, version, couponId, false, by);
  }

  @Put(':id/versions/:version/signature')
  @For('lead')
  @ApiOperation({ summary: 'Sign the newest version, once it is proven' })
  @ApiOkResponse({ type: CardDto })
  sign(
    @Param('id', idPipe) id: string,
    @Param('version', versionPipe) version: number,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.sign(id, version, by);
  }

  @Put(':id/retirement')
  @For('lead')
  @ApiOperation({ summary: 'Retire a card; it is kept' })
  @ApiOkResponse({ type: CardDto })
  retire(@Param('id', idPipe) id: string, @By() by: Person): Promise<Card> {
    return this.cards.setRetired(id, true, by);
  }

  @Delete(':id/retirement')
  @For('lead')
  @ApiOperation({ summary: 'Take a retired card out again' })
  @ApiOkResponse({ type: CardDto })
  takeOut(@Param('id', idPipe) id: string, @By() by: Person): Promise<Card> {
    return this.cards.setRetired(id, false, by);
  }
}
