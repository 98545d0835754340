import {
  trialDraftSchema,
  trialLadderDraftSchema,
  trialLadderSchema,
  trialSchema,
  type Person,
  type Trial,
  type TrialDraft,
  type TrialLadder,
  type TrialLadderDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Sent } from '../http/schemaRoutes.js';
import { TrialsService } from './trials.service.js';

@ApiTags('trials')
@Controller()
export class TrialsController {
  constructor(private readonly trials: TrialsService) {}

  @Get('trials')
  @ApiOperation({ summary: 'Strips, pieces and pulses, newest first' })
  @AnswersMany(trialSchema)
  list(): Promise<Trial[]> {
    return this.trials.list();
  }

  @Put('trials/:id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Keep a strip, a piece or a pulsed weld. Repeating it is the same save' })
  @Answers(trialSchema)
  write(@Id() id: string, @Sent(trialDraftSchema) draft: TrialDraft, @By() by: Person): Promise<Trial> {
    return this.trials.write(id, draft, by);
  }

  @Put('trials/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a trial back; it is kept' })
  @Answers(trialSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<Trial> {
    return this.trials.setWithdrawn(id, true, by);
  }

  @Delete('trials/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a trial in again' })
  @Answers(trialSchema)
  putBack(@Id() id: string, @By() by: Person): Promise<Trial> {
    return this.trials.setWithdrawn(id, false, by);
  }

  @Get('trial-ladders')
  @ApiOperation({ summary: 'Ladders of trials, newest first' })
  @AnswersMany(trialLadderSchema)
  ladders(): Promise<TrialLadder[]> {
    return this.trials.ladders();
  }

  @Put('trial-ladders/:id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Keep a ladder of trials. Repeating it is the same save' })
  @Answers(trialLadderSchema)
  makeLadder(
    @Id() id: string,
    @Sent(trialLadderDraftSchema) draft: TrialLadderDraft,
    @By() by: Person,
  ): Promise<TrialLadder> {
    return this.trials.makeLadder(id, draft, by);
  }

  @Put('trial-ladders/:id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a ladder of trials away; its trials stay' })
  @Answers(trialLadderSchema)
  close(@Id() id: string, @By() by: Person): Promise<TrialLadder> {
    return this.trials.setLadderClosed(id, true, by);
  }

  @Delete('trial-ladders/:id/closing')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a ladder of trials out again' })
  @Answers(trialLadderSchema)
  reopen(@Id() id: string, @By() by: Person): Promise<TrialLadder> {
    return this.trials.setLadderClosed(id, false, by);
  }
}
