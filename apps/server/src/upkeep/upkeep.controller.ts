import {
  machineUpkeepSchema,
  upkeepDraftSchema,
  type MachineUpkeep,
  type Person,
  type UpkeepDraft,
} from '@lone-heron/contract';
import { Controller, Get, Header, Put } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { Asker, By, For } from '../access/access.js';
import { Answers, AnswersMany, MachineId, Revision, Sent } from '../http/schemaRoutes.js';
import { MachinesService } from '../machines/machines.service.js';
import { Clock } from '../time/clock.js';
import { calendarFeed } from './calendarFeed.js';
import { UpkeepService } from './upkeep.service.js';

@ApiTags('upkeep')
@Controller()
export class UpkeepController {
  constructor(
    private readonly upkeep: UpkeepService,
    private readonly machines: MachinesService,
    private readonly clock: Clock,
  ) {}

  @Get('upkeep')
  @ApiOperation({
    summary: 'What is done to each machine of one’s workshop again and again, and where it stands',
  })
  @AnswersMany(machineUpkeepSchema)
  list(@Asker() asker: Person | null): Promise<MachineUpkeep[]> {
    return this.upkeep.list(asker);
  }

  @Get('machines/:id/upkeep')
  @ApiOperation({ summary: 'The upkeep of one machine, of whichever workshop' })
  @Answers(machineUpkeepSchema)
  one(@MachineId() id: string): Promise<MachineUpkeep> {
    return this.upkeep.one(id);
  }

  @Get('upkeep.ics')
  @Header('Content-Type', 'text/calendar; charset=utf-8')
  @Header('Content-Disposition', 'inline; filename="lone-heron-upkeep.ics"')
  @ApiProduces('text/calendar')
  @ApiOperation({ summary: 'What is due, as a calendar to subscribe to or to take in' })
  async calendar(@Asker() asker: Person | null): Promise<string> {
    return calendarFeed(await this.machines.list(), await this.upkeep.list(asker), this.clock.now());
  }

  @Put('machines/:id/upkeep/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Write the next revision of a machine’s upkeep' })
  @Answers(machineUpkeepSchema)
  revise(
    @MachineId() id: string,
    @Revision() revision: number,
    @Sent(upkeepDraftSchema) draft: UpkeepDraft,
    @By() by: Person,
  ): Promise<MachineUpkeep> {
    return this.upkeep.revise(id, revision, draft, by);
  }
}
