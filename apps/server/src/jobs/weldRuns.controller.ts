import {
  jobSchema,
  runTimeSchema,
  weldMarkSchema,
  weldRunDraftSchema,
  weldRunSchema,
  type Job,
  type Person,
  type RunTime,
  type WeldRun,
  type WeldRunDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, PathPart, Revision as WholeNumber, Sent } from '../http/schemaRoutes.js';
import { WeldClaimsService } from './weldClaims.service.js';
import { WeldRunsService } from './weldRuns.service.js';

const Mark = () => PathPart('mark', weldMarkSchema);
const Seam = () => WholeNumber('seam');

@ApiTags('jobs')
@Controller()
export class WeldRunsController {
  constructor(
    private readonly runs: WeldRunsService,
    private readonly claims: WeldClaimsService,
  ) {}

  @Get('weld-runs/times')
  @ApiOperation({ summary: 'How long the newest goes took that were timed' })
  @AnswersMany(runTimeSchema)
  times(): Promise<RunTime[]> {
    return this.runs.times();
  }

  @Put('weld-runs/:id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a go at a seam down. Repeating it is the same save' })
  @Answers(weldRunSchema)
  write(@Id() id: string, @Sent(weldRunDraftSchema) draft: WeldRunDraft, @By() by: Person): Promise<WeldRun> {
    return this.runs.write(id, draft, by);
  }

  @Put('weld-runs/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a go back; it is kept' })
  @Answers(weldRunSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<WeldRun> {
    return this.runs.setWithdrawn(id, true, by);
  }

  @Delete('weld-runs/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back go in again' })
  @Answers(weldRunSchema)
  restore(@Id() id: string, @By() by: Person): Promise<WeldRun> {
    return this.runs.setWithdrawn(id, false, by);
  }

  @Put('jobs/:id/claims/:mark/:seam')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a seam in hand, so that nobody else begins it' })
  @Answers(jobSchema)
  take(@Id() jobId: string, @Mark() mark: string, @Seam() seam: number, @By() by: Person): Promise<Job> {
    return this.claims.take({ jobId, mark, seam }, by);
  }

  @Delete('jobs/:id/claims/:mark/:seam')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Let a seam go that one had in hand' })
  @Answers(jobSchema)
  letGo(@Id() jobId: string, @Mark() mark: string, @Seam() seam: number, @By() by: Person): Promise<Job> {
    return this.claims.letGo({ jobId, mark, seam }, by);
  }
}
