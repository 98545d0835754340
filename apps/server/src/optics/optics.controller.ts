import {
  clientId,
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
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, Query, Res } from '@nestjs/common';
import {
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiOperation,
  ApiTags,
} from '@nestjs/swagger';
import type { Response } from 'express';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { OpticsService } from './optics.service.js';
import { WindowLivesService } from './windowLives.service.js';

class WindowChangeDto extends createZodDto(windowChangeSchema) {}
class WindowHistoryDto extends createZodDto(windowHistorySchema) {}
class WindowStudyDto extends createZodDto(windowStudySchema) {}
class GlassWeightsDto extends createZodDto(glassWeightsSchema) {}
class ProtectiveWindowDto extends createZodDto(protectiveWindowSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('optics')
@Controller('windows')
export class OpticsController {
  constructor(
    private readonly optics: OpticsService,
    private readonly lives: WindowLivesService,
  ) {}

  @Get()
  @ApiOperation({ summary: 'The protective windows that are fitted, with what went through them' })
  @ApiOkResponse({ type: [ProtectiveWindowDto] })
  fitted(): Promise<ProtectiveWindow[]> {
    return this.optics.fitted();
  }

  @Get('history')
  @ApiOperation({ summary: 'Windows that came out, newest first, some at a time' })
  @ApiOkResponse({ type: WindowHistoryDto })
  history(
    @Query(new SchemaPipe(windowHistoryQuerySchema)) query: WindowHistoryQuery,
  ): Promise<WindowHistory> {
    return this.optics.history(query);
  }

  @Get('study')
  @ApiOperation({ summary: 'How long windows last here, what ends them and what makes the difference' })
  @ApiOkResponse({ type: WindowStudyDto })
  study(@Query(new SchemaPipe(windowStudyQuerySchema)) query: WindowStudyQuery): Promise<WindowStudy> {
    return this.lives.study(query);
  }

  @Get('weights')
  @ApiOperation({ summary: 'What this shop’s failures say of the weights of what wears glass' })
  @ApiOkResponse({ type: GlassWeightsDto })
  weights(): Promise<GlassWeights> {
    return this.lives.weights();
  }

  @Put(':id')
  @ForEverybody()
  @ApiOperation({
    summary: 'Record a change of window under an id of the client’s; repeating it is the same save',
  })
  @ApiCreatedResponse({ type: ProtectiveWindowDto })
  @ApiOkResponse({ type: ProtectiveWindowDto, description: 'It was stored already.' })
  async change(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(windowChangeSchema)) change: WindowChangeDto,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<ProtectiveWindow> {
    const { window, isNew } = await this.optics.change(id, change, by);
    response.status(isNew ? 201 : 200);
    return window;
  }

  @Delete(':id')
  @ForEverybody()
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a change back while no coupon was welded through the new window' })
  @ApiNoContentResponse()
  undo(@Param('id', idPipe) id: string, @By() by: Person): Promise<void> {
    return this.optics.undoChange(id, by);
  }
}
