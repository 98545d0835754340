import {
  dayEntryDraftSchema,
  daySchema,
  sequenceDraftSchema,
  sequenceSchema,
  type Day,
  type Person,
  type Sequence,
  type DayEntryDraft,
  type SequenceDraft,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Revision, Sent } from '../http/schemaRoutes.js';
import { DaysService } from './days.service.js';
import { SequencesService } from './sequences.service.js';

@ApiTags('readiness')
@Controller()
export class ReadinessController {
  constructor(
    private readonly days: DaysService,
    private readonly sequences: SequencesService,
  ) {}

  @Get('days')
  @ApiOperation({ summary: 'The newest day of each machine' })
  @AnswersMany(daySchema)
  latest(): Promise<Day[]> {
    return this.days.latest();
  }

  @Get('days/:dayId')
  @ApiOperation({ summary: 'One day with everything that was done' })
  @Answers(daySchema)
  day(@Id('dayId') dayId: string): Promise<Day> {
    return this.days.find(dayId);
  }

  @Get('machines/:id/days')
  @ApiOperation({ summary: 'A machine’s days, newest first' })
  @AnswersMany(daySchema)
  record(@MachineId() id: string): Promise<Day[]> {
    return this.days.record(id);
  }

  @Put('machines/:id/days/:dayId')
  @ForEverybody()
  @ApiOperation({ summary: 'Open a machine’s day; gives the one that is open where there is one' })
  @Answers(daySchema)
  open(@MachineId() id: string, @Id('dayId') dayId: string, @By() by: Person): Promise<Day> {
    return this.days.open(id, dayId, by);
  }

  @Put('days/:dayId/entries/:entryId')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down what was done at a step; repeating it is the same save' })
  @Answers(daySchema)
  enter(
    @Id('dayId') dayId: string,
    @Id('entryId') entryId: string,
    @Sent(dayEntryDraftSchema) draft: DayEntryDraft,
    @By() by: Person,
  ): Promise<Day> {
    return this.days.enter(dayId, entryId, draft, by);
  }

  @Get('machines/:id/sequence')
  @ApiOperation({ summary: 'A machine’s start-up and shut-down as they stand' })
  @Answers(sequenceSchema)
  sequence(@MachineId() id: string): Promise<Sequence> {
    return this.sequences.current(id);
  }

  @Put('machines/:id/sequence/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Change a machine’s start-up and shut-down: their next revision' })
  @Answers(sequenceSchema)
  revise(
    @MachineId() id: string,
    @Revision() revision: number,
    @Sent(sequenceDraftSchema) draft: SequenceDraft,
    @By() by: Person,
  ): Promise<Sequence> {
    return this.sequences.revise(id, revision, draft, by);
  }
}
