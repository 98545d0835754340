import {
  cardProcedureSchema,
  procedureDraftSchema,
  signatureSchema,
  type CardProcedure,
  type Person,
  type ProcedureDraft,
  type Signature,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, Id, Revision, Sent } from '../http/schemaRoutes.js';
import { SignInService } from '../people/signIn.service.js';
import { ProceduresService } from './procedures.service.js';

@ApiTags('procedures')
@Controller('cards/:id/procedure')
export class ProceduresController {
  constructor(
    private readonly procedures: ProceduresService,
    private readonly door: SignInService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'A card’s welding procedure, newest revision first, and the coupons it rests on' })
  @Answers(cardProcedureSchema)
  read(@Id() id: string): Promise<CardProcedure> {
    return this.procedures.read(id);
  }

  @Put('revisions/:revision')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write the next revision. Repeating it is the same save' })
  @Answers(cardProcedureSchema)
  write(
    @Id() id: string,
    @Revision() revision: number,
    @Sent(procedureDraftSchema) draft: ProcedureDraft,
    @By() by: Person,
  ): Promise<CardProcedure> {
    return this.procedures.write(id, revision, draft, by);
  }

  @Put('revisions/:revision/approval')
  @For('lead')
  @ApiOperation({ summary: 'Approve the newest revision, with one’s PIN' })
  @Answers(cardProcedureSchema)
  async approve(
    @Id() id: string,
    @Revision() revision: number,
    @Sent(signatureSchema) { pin }: Signature,
    @By() by: Person,
  ): Promise<CardProcedure> {
    await this.door.confirm(by, pin);
    return this.procedures.approve(id, revision, by);
  }
}
