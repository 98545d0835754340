import {
  cardDraftSchema,
  cardSchema,
  signatureSchema,
  type Card,
  type CardDraft,
  type Person,
  type Signature,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Asker, By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Revision, Sent } from '../http/schemaRoutes.js';
import { SignInService } from '../people/signIn.service.js';
import { CardsService } from './cards.service.js';

@ApiTags('cards')
@Controller('cards')
export class CardsController {
  constructor(
    private readonly cards: CardsService,
    private readonly door: SignInService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'Cards with their versions, newest first' })
  @AnswersMany(cardSchema)
  list(@Asker() asker: Person | null): Promise<Card[]> {
    return this.cards.list(asker);
  }

  @Put(':id/versions/:version')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a version of a card; the first makes it. Repeating it is the same save' })
  @Answers(cardSchema)
  write(
    @Id() id: string,
    @Revision('version') version: number,
    @Sent(cardDraftSchema) draft: CardDraft,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.write(id, version, draft, by);
  }

  @Put(':id/versions/:version/proofs/:couponId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Say that a coupon was welded by the newest version' })
  @Answers(cardSchema)
  addProof(
    @Id() id: string,
    @Revision('version') version: number,
    @Id('couponId') couponId: string,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.setProof(id, version, couponId, true, by);
  }

  @Delete(':id/versions/:version/proofs/:couponId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a coupon off the newest version' })
  @Answers(cardSchema)
  removeProof(
    @Id() id: string,
    @Revision('version') version: number,
    @Id('couponId') couponId: string,
    @By() by: Person,
  ): Promise<Card> {
    return this.cards.setProof(id, version, couponId, false, by);
  }

  @Put(':id/versions/:version/signature')
  @For('lead')
  @ApiOperation({ summary: 'Sign the newest version, once it is proven, with one’s PIN' })
  @Answers(cardSchema)
  async sign(
    @Id() id: string,
    @Revision('version') version: number,
    @Sent(signatureSchema) { pin }: Signature,
    @By() by: Person,
  ): Promise<Card> {
    await this.door.confirm(by, pin);
    return this.cards.sign(id, version, by);
  }

  @Put(':id/retirement')
  @For('lead')
  @ApiOperation({ summary: 'Retire a card; it is kept' })
  @Answers(cardSchema)
  retire(@Id() id: string, @By() by: Person): Promise<Card> {
    return this.cards.setRetired(id, true, by);
  }

  @Delete(':id/retirement')
  @For('lead')
  @ApiOperation({ summary: 'Take a retired card out again' })
  @Answers(cardSchema)
  takeOut(@Id() id: string, @By() by: Person): Promise<Card> {
    return this.cards.setRetired(id, false, by);
  }
}
