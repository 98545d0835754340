import {
  clientId,
  protectiveWindowSchema,
  windowChangeSchema,
  type Person,
  type ProtectiveWindow,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put, Res } from '@nestjs/common';
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

class WindowChangeDto extends createZodDto(windowChangeSchema) {}
class ProtectiveWindowDto extends createZodDto(protectiveWindowSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('optics')
@Controller('windows')
export class OpticsController {
  constructor(private readonly optics: OpticsService) {}

  @Get()
  @ApiOperation({ summary: 'Protective windows, newest first' })
  @ApiOkResponse({ type: [ProtectiveWindowDto] })
  list(): Promise<ProtectiveWindow[]> {
    return this.optics.list();
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
  undo(@Param('id', idPipe) id: string): Promise<void> {
    return this.optics.undoChange(id);
  }
}
