import {
  machineId,
  machineRevisionDraftSchema,
  machineRevisionSchema,
  machineSchema,
  revisionNumber,
  type Machine,
  type MachineRevision,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { MachinesService } from './machines.service.js';

class MachineDto extends createZodDto(machineSchema) {}
class MachineRevisionDto extends createZodDto(machineRevisionSchema) {}
class MachineRevisionDraftDto extends createZodDto(machineRevisionDraftSchema) {}

const idPipe = new SchemaPipe(machineId, 'id');

@ApiTags('machines')
@Controller('machines')
export class MachinesController {
  constructor(private readonly machines: MachinesService) {}

  @Get()
  @ApiOperation({ summary: 'The shop’s machines at their newest revision' })
  @ApiOkResponse({ type: [MachineDto] })
  list(): Promise<Machine[]> {
    return this.machines.list();
  }

  @Get(':id/revisions')
  @ApiOperation({ summary: 'Every revision of a machine, newest first' })
  @ApiOkResponse({ type: [MachineRevisionDto] })
  history(@Param('id', idPipe) id: string): Promise<MachineRevision[]> {
    return this.machines.history(id);
  }

  @Put(':id/revisions/:revision')
  @For('lead')
  @ApiOperation({
    summary: 'Make a machine (revision 1) or change one (the next revision); repeating it is the same save',
  })
  @ApiCreatedResponse({ type: MachineDto })
  @ApiOkResponse({ type: MachineDto, description: 'It was stored already.' })
  async revise(
    @Param('id', idPipe) id: string,
    @Param('revision', new SchemaPipe(revisionNumber, 'revision')) revision: number,
    @Body(new SchemaPipe(machineRevisionDraftSchema)) draft: MachineRevisionDraftDto,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Machine> {
    const { machine, isNew } = await this.machines.revise(id, revision, draft, by);
    response.status(isNew ? 201 : 200);
    return machine;
  }
}
