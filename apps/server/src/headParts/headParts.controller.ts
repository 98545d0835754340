import {
  headPartSchema,
  partChangeSchema,
  type HeadPart,
  type PartChange,
  type Person,
} from '@lone-heron/contract';
import { Controller, Delete, Get, HttpCode, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Sent } from '../http/schemaRoutes.js';
import { HeadPartsService } from './headParts.service.js';

@ApiTags('parts')
@Controller()
export class HeadPartsController {
  constructor(private readonly parts: HeadPartsService) {}

  @Get('machines/:id/parts')
  @ApiOperation({ summary: 'Parts of a machine besides the window, fitted and removed, newest first' })
  @AnswersMany(headPartSchema)
  list(@MachineId() id: string): Promise<HeadPart[]> {
    return this.parts.list(id);
  }

  @Put('parts/:id')
  @ForEverybody()
  @ApiOperation({ summary: 'Record a change of a part; repeating it is the same save' })
  @Answers(headPartSchema)
  change(@Id() id: string, @Sent(partChangeSchema) change: PartChange, @By() by: Person): Promise<HeadPart> {
    return this.parts.change(id, change, by);
  }

  @Delete('parts/:id')
  @ForEverybody()
  @HttpCode(204)
  @ApiOperation({ summary: 'Take a change back while its part is still in' })
  @ApiNoContentResponse()
  undo(@Id() id: string, @By() by: Person): Promise<void> {
    return this.parts.undo(id, by);
  }
}
