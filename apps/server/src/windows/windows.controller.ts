import {
  glassWeightsSchema,
  protectiveWindowSchema,
  windowChangeSchema,
  windowHistoryQuerySchema,
  windowHistorySchema,
  windowStudyQuerySchema,
  windowStudySchema,
  type GlassWeights,
  type Person,
  type ProtectiveWindow,
  type WindowHistory,
  type WindowHistoryQuery,
  type WindowStudy,
  type WindowStudyQuery,
  type WindowChange,
} from '@lone-heron/contract';
import { Controller, Delete, Get, HttpCode, Put, Res } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { Asker, By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, AnswersSave, Id, Queried, Sent } from '../http/schemaRoutes.js';
import { WindowsService } from './windows.service.js';
import { WindowLivesService } from './windowLives.service.js';

@ApiTags('optics')
@Controller('windows')
export class WindowsController {
  constructor(
    private readonly windows: WindowsService,
    private readonly lives: WindowLivesService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The protective windows that are fitted, with what went through them' })
  @AnswersMany(protectiveWindowSchema)
  fitted(): Promise<ProtectiveWindow[]> {
    return this.windows.fitted();
  }

  @Get('history')
  @ApiOperation({ summary: 'Windows that came out, newest first, some at a time' })
  @Answers(windowHistorySchema)
  history(@Queried(windowHistoryQuerySchema) query: WindowHistoryQuery): Promise<WindowHistory> {
    return this.windows.history(query);
  }

  @Get('study')
  @ApiOperation({
    summary: 'How long windows last in one’s workshop, what ends them and what makes the difference',
  })
  @Answers(windowStudySchema)
  study(
    @Queried(windowStudyQuerySchema) query: WindowStudyQuery,
    @Asker() asker: Person | null,
  ): Promise<WindowStudy> {
    return this.lives.study(query, asker?.workshopId ?? null);
  }

  @Get('weights')
  @ApiOperation({ summary: 'What this shop’s failures say of the weights of what wears glass' })
  @Answers(glassWeightsSchema)
  weights(): Promise<GlassWeights> {
    return this.lives.weights();
  }

  @Put(':id')
  @ForEverybody()
  @ApiOperation({
    summary: 'Record a change of window under an id of the client’s; repeating it is the same save',
  })
  @AnswersSave(protectiveWindowSchema)
  async change(
    @Id() id: string,
    @Sent(windowChangeSchema) change: WindowChange,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ProtectiveWindow> {
    const { window, isNew } = await this.windows.change(id, change, by);
    response.status(isNew ? 201 : 200);
    return window;
  }

  @Delete(':id')
  @ForEverybody()
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a change back while no coupon was welded through the new window' })
  @ApiNoContentResponse()
  undo(@Id() id: string, @By() by: Person): Promise<void> {
    return this.windows.undoChange(id, by);
  }
}
