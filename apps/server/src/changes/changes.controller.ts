import { changeSchema, type Change } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { ChangesService } from './changes.service.js';

class ChangeDto extends createZodDto(changeSchema) {}

@ApiTags('history')
@Controller('changes')
export class ChangesController {
  constructor(private readonly changes: ChangesService) {}

  @Get()
  @ApiOperation({ summary: 'Who changed what, newest first' })
  @ApiOkResponse({ type: [ChangeDto] })
  list(): Promise<Change[]> {
    return this.changes.list();
  }
}
