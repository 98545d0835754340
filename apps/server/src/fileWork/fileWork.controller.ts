import { fileProgressSchema, type FileProgress } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Answers, Id } from '../http/schemaRoutes.js';
import { FilesUnderWay } from './filesUnderWay.js';

@ApiTags('files')
@Controller('file-work')
export class FileWorkController {
  constructor(private readonly underWay: FilesUnderWay) {}

  @Get(':id')
  @ApiOperation({ summary: 'How far a file has come that is being read in' })
  @Answers(fileProgressSchema)
  progress(@Id() id: string): FileProgress {
    return this.underWay.progressOf(id);
  }
}
