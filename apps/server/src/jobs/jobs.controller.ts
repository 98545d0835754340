import {
  jobDraftSchema,
  jobFileJsonSchema,
  jobLineSchema,
  jobSchema,
  jobStateChangeSchema,
  shopPhotoSchema,
  type Job,
  type JobDraft,
  type JobLine,
  type JobState,
  type Person,
  type ShopPhoto,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Revision, Sent } from '../http/schemaRoutes.js';
import { JobsService } from './jobs.service.js';

@ApiTags('jobs')
@Controller('jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Get()
  @ApiOperation({ summary: 'Every job and how far it is, newest first' })
  @AnswersMany(jobLineSchema)
  list(): Promise<JobLine[]> {
    return this.jobs.list();
  }

  @Get('schema')
  @ApiOperation({ summary: 'The JSON Schema of a job in a file' })
  schema(): object {
    return jobFileJsonSchema();
  }

  @Get(':id')
  @ApiOperation({ summary: 'A job as it is planned now, and what was welded of it' })
  @Answers(jobSchema)
  read(@Id() id: string): Promise<Job> {
    return this.jobs.read(id);
  }

  @Get(':id/revisions/:revision')
  @ApiOperation({ summary: 'A job as it was planned once' })
  @Answers(jobDraftSchema)
  readRevision(@Id() id: string, @Revision() revision: number): Promise<JobDraft> {
    return this.jobs.readRevision(id, revision);
  }

  @Get(':id/photos')
  @ApiOperation({ summary: 'The pictures a job is planned on, and the photos of its goes and checks' })
  @AnswersMany(shopPhotoSchema)
  photos(@Id() id: string): Promise<ShopPhoto[]> {
    return this.jobs.photos(id);
  }

  @Put(':id/revisions/:revision')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Plan a job anew as a whole; revision 1 makes it. Repeating it is the same save' })
  @Answers(jobSchema)
  write(
    @Id() id: string,
    @Revision() revision: number,
    @Sent(jobDraftSchema) draft: JobDraft,
    @By() by: Person,
  ): Promise<Job> {
    return this.jobs.write(id, revision, draft, by);
  }

  @Put(':id/state')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Say how far a job is' })
  @Answers(jobSchema)
  setState(
    @Id() id: string,
    @Sent(jobStateChangeSchema) { state }: { state: JobState },
    @By() by: Person,
  ): Promise<Job> {
    return this.jobs.setState(id, state, by);
  }

  @Put(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a job back; it is kept' })
  @Answers(jobSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<Job> {
    return this.jobs.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back job in again' })
  @Answers(jobSchema)
  restore(@Id() id: string, @By() by: Person): Promise<Job> {
    return this.jobs.setWithdrawn(id, false, by);
  }
}
