import {
  cardProcedureSchema,
  clientId,
  procedureDraftSchema,
  revisionNumber,
  type CardProcedure,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { ProceduresService } from './procedures.service.js';

class CardProcedureDto extends createZodDto(cardProcedureSchema) {}
class ProcedureDraftDto extends createZodDto(procedureDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');
const revisionPipe = new SchemaPipe(revisionNumber, 'revision');

@ApiTags('procedures')
@Controller('cards/:id/procedure')
export class ProceduresController {
  constructor(private readonly procedures: ProceduresService) {}

  @Get()
  @ApiOperation({ summary: 'A card’s welding procedure, newest revision first, and the coupons it rests on' })
  @ApiOkResponse({ type: CardProcedureDto })
  read(@Param('id', idPipe) id: string): Promise<CardProcedure> {
    return this.procedures.read(id);
  }

  @Put('revisions/:revision')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write the next revision. Repeating it is the same save' })
  @ApiOkResponse({ type: CardProcedureDto })
  write(
    @Param('id', idPipe) id: string,
    @Param('revision', revisionPipe) revision: number,
    @Body(new SchemaPipe(procedureDraftSchema)) draft: ProcedureDraftDto,
    @By() by: Person,
  ): Promise<CardProcedure> {
    return this.procedures.write(id, revision, draft, by);
  }

  @Put('revisions/:revision/approval')
  @For('lead')
  @ApiOperation({ summary: 'Approve the newest revision' })
  @ApiOkResponse({ type: CardProcedureDto })
  approve(
    @Param('id', idPipe) id: string,
    @Param('revision', revisionPipe) revision: number,
    @By() by: Person,
  ): Promise<CardProcedure> {
    return this.procedures.approve(id, revision, by);
  }
}
