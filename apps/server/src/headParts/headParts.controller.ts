import {
  clientId,
  headPartSchema,
  machineId,
  partChangeSchema,
  type HeadPart,
  type PartChange,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { HeadPartsService } from './headParts.service.js';

class HeadPartDto extends createZodDto(headPartSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('parts')
@Controller()
export class HeadPartsController {
  constructor(private readonly parts: HeadPartsService) {}

  @Get('machines/:id/parts')
  @ApiOperation({ summary: 'Parts of a machine besides the window, fitted and removed, newest first' })
  @ApiOkResponse({ type: [HeadPartDto] })
  list(@Param('id', new SchemaPipe(machineId, 'id')) id: string): Promise<HeadPart[]> {
    return this.parts.list(id);
  }

  @Put('parts/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Record a change of a part; repeating it is the same save' })
  @ApiOkResponse({ type: HeadPartDto })
  change(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(partChangeSchema)) change: PartChange,
    @By() by: Person,
  ): Promise<HeadPart> {
    return this.parts.change(id, change, by);
  }

  @Delete('parts/:id')
  @ForEverybody()
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a change back while its part is still in' })
  @ApiNoContentResponse()
  undo(@Param('id', idPipe) id: string, @By() by: Person): Promise<void> {
    return this.parts.undo(id, by);
  }
}
