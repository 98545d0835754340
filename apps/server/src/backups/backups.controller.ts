import { backupSchema, backupsSchema, type Backup, type Backups, type Person } from '@lone-heron/contract';
import { Controller, Get, Put, type StreamableFile } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { fileAnswer } from '../http/fileAnswer.js';
import { Answers, Id } from '../http/schemaRoutes.js';
import { wholeBackup } from './wholeBackup.js';
import { BackupsService } from './backups.service.js';

/** A backup holds everything, PINs' hashes among it: for leads alone, also where reading is open. */
@ApiTags('backups')
@Controller('backups')
export class BackupsController {
  constructor(private readonly backups: BackupsService) {}

  @Get()
  @For('lead')
  @ApiOperation({ summary: 'The backups that are kept, newest first' })
  @Answers(backupsSchema)
  list(): Promise<Backups> {
    return this.backups.list();
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Make a backup of the whole shop now; repeating it is the same backup' })
  @Answers(backupSchema)
  make(@Id() id: string, @By() by: Person): Promise<Backup> {
    return this.backups.make(id, by);
  }

  @Get(':id/file')
  @For('lead')
  @ApiOperation({ summary: 'The backup as a file' })
  async file(@Id() id: string): Promise<StreamableFile> {
    const { path, file } = await this.backups.pathOf(id);
    return fileAnswer(await wholeBackup(path), 'application/zip', file);
  }
}
