import {
  clientId,
  dayEntryDraftSchema,
  daySchema,
  machineId,
  revisionNumber,
  sequenceDraftSchema,
  sequenceSchema,
  type Day,
  type Person,
  type Sequence,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { DaysService } from './days.service.js';
import { SequencesService } from './sequences.service.js';

class DayDto extends createZodDto(daySchema) {}
class DayEntryDraftDto extends createZodDto(dayEntryDraftSchema) {}
class SequenceDto extends createZodDto(sequenceSchema) {}
class SequenceDraftDto extends createZodDto(sequenceDraftSchema) {}

const machinePipe = new SchemaPipe(machineId, 'id');
const dayPipe = new SchemaPipe(clientId, 'dayId');

@ApiTags('readiness')
@Controller()
export class ReadinessController {
  constructor(
    private readonly days: DaysService,
    private readonly sequences: SequencesService,
  ) {}

  @Get('days')
  @ApiOperation({ summary: 'The newest day of each machine' })
  @ApiOkResponse({ type: [DayDto] })
  latest(): Promise<Day[]> {
    return this.days.latest();
  }

  @Get('days/:dayId')
  @ApiOperation({ summary: 'One day with everything that was done' })
  @ApiOkResponse({ type: DayDto })
  day(@Param('dayId', dayPipe) dayId: string): Promise<Day> {
    return this.days.find(dayId);
  }

  @Get('machines/:id/days')
  @ApiOperation({ summary: 'A machine’s days, newest first' })
  @ApiOkResponse({ type: [DayDto] })
  record(@Param('id', machinePipe) id: string): Promise<Day[]> {
    return this.days.record(id);
  }

  @Put('machines/:id/days/:dayId')
  @ForEverybody()
  @ApiOperation({ summary: 'Open a machine’s day; gives the one that is open where there is one' })
  @ApiOkResponse({ type: DayDto })
  open(
    @Param('id', machinePipe) id: string,
    @Param('dayId', dayPipe) dayId: string,
    @By() by: Person,
  ): Promise<Day> {
    return this.days.open(id, dayId, by);
  }

  @Put('days/:dayId/entries/:entryId')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down what was done at a step; repeating it is the same save' })
  @ApiOkResponse({ type: DayDto })
  enter(
    @Param('dayId', dayPipe) dayId: string,
    @Param('entryId', new SchemaPipe(clientId, 'entryId')) entryId: string,
    @Body(new SchemaPipe(dayEntryDraftSchema)) draft: DayEntryDraftDto,
    @By() by: Person,
  ): Promise<Day> {
    return this.days.enter(dayId, entryId, draft, by);
  }

  @Get('machines/:id/sequence')
  @ApiOperation({ summary: 'A machine’s start-up and shut-down as they stand' })
  @ApiOkResponse({ type: SequenceDto })
  sequence(@Param('id', machinePipe) id: string): Promise<Sequence> {
    return this.sequences.current(id);
  }

  @Put('machines/:id/sequence/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Change a machine’s start-up and shut-down: their next revision' })
  @ApiOkResponse({ type: SequenceDto })
  revise(
    @Param('id', machinePipe) id: string,
    @Param('revision', new SchemaPipe(revisionNumber, 'revision')) revision: number,
    @Body(new SchemaPipe(sequenceDraftSchema)) draft: SequenceDraftDto,
    @By() by: Person,
  ): Promise<Sequence> {
    return this.sequences.revise(id, revision, draft, by);
  }
}
