import { changeSchema, type Change } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { ChangesService } from './changes.service.js';
import { AnswersMany } from '../http/schemaRoutes.js';

@ApiTags('history')
@Controller('changes')
export class ChangesController {
  constructor(private readonly changes: ChangesService) {}

  @Get()
  @ApiOperation({ summary: 'Who changed what, newest first' })
  @AnswersMany(changeSchema)
  list(): Promise<Change[]> {
    return this.changes.list();
  }
}
