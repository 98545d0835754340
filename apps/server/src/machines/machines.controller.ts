import {
  machineRevisionDraftSchema,
  machineRevisionSchema,
  machineSchema,
  workshopChangeSchema,
  type Machine,
  type MachineRevision,
  type Person,
  type MachineRevisionDraft,
  type WorkshopChange,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Asker, By, For } from '../access/access.js';
import { Answers, AnswersMany, AnswersSave, MachineId, Revision, Sent } from '../http/schemaRoutes.js';
import { MachinesService } from './machines.service.js';

@ApiTags('machines')
@Controller('machines')
export class MachinesController {
  constructor(private readonly machines: MachinesService) {}

  @Get()
  @ApiOperation({
    summary: 'The shop’s machines at their newest revision, those of one’s own workshop first',
  })
  @AnswersMany(machineSchema)
  list(@Asker() asker: Person | null): Promise<Machine[]> {
    return this.machines.listFor(asker);
  }

  @Get(':id/revisions')
  @ApiOperation({ summary: 'Every revision of a machine, newest first' })
  @AnswersMany(machineRevisionSchema)
  history(@MachineId() id: string): Promise<MachineRevision[]> {
    return this.machines.history(id);
  }

  @Put(':id/retired')
  @For('lead')
  @ApiOperation({ summary: 'Take a machine out of use; what was done with it stays' })
  @Answers(machineSchema)
  retire(@MachineId() id: string, @By() by: Person): Promise<Machine> {
    return this.machines.setRetired(id, true, by);
  }

  @Delete(':id/retired')
  @For('lead')
  @ApiOperation({ summary: 'Take a machine into use again' })
  @Answers(machineSchema)
  takeBack(@MachineId() id: string, @By() by: Person): Promise<Machine> {
    return this.machines.setRetired(id, false, by);
  }

  @Put(':id/workshop')
  @For('lead')
  @ApiOperation({ summary: 'Put a machine into a workshop with everything of it, or make it the firm’s' })
  @Answers(machineSchema)
  setWorkshop(
    @MachineId() id: string,
    @Sent(workshopChangeSchema) { workshopId }: WorkshopChange,
    @By() by: Person,
  ): Promise<Machine> {
    return this.machines.setWorkshop(id, workshopId, by);
  }

  @Put(':id/revisions/:revision')
  @For('lead')
  @ApiOperation({
    summary: 'Make a machine (revision 1) or change one (the next revision); repeating it is the same save',
  })
  @AnswersSave(machineSchema)
  async revise(
    @MachineId() id: string,
    @Revision() revision: number,
    @Sent(machineRevisionDraftSchema) draft: MachineRevisionDraft,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Machine> {
    const { machine, isNew } = await this.machines.revise(id, revision, draft, by);
    response.status(isNew ? 201 : 200);
    return machine;
  }
}
