import { createReadStream } from 'node:fs';
import {
  backupSchema,
  backupsSchema,
  clientId,
  type Backup,
  type Backups,
  type Person,
} from '@lone-heron/contract';
import { Controller, Get, Param, Put, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { BackupsService } from './backups.service.js';

class BackupDto extends createZodDto(backupSchema) {}
class BackupsDto extends createZodDto(backupsSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

/** A backup holds everything, PINs' hashes among it: for leads alone, also where reading is open. */
@ApiTags('backups')
@Controller('backups')
export class BackupsController {
  constructor(private readonly backups: BackupsService) {}

  @Get()
  @For('lead')
  @ApiOperation({ summary: 'The backups that are kept, newest first' })
  @ApiOkResponse({ type: BackupsDto })
  list(): Promise<Backups> {
    return this.backups.list();
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Make a backup of the whole shop now; repeating it is the same backup' })
  @ApiOkResponse({ type: BackupDto })
  make(@Param('id', idPipe) id: string, @By() by: Person): Promise<Backup> {
    return this.backups.make(id, by);
  }

  @Get(':id/file')
  @For('lead')
  @ApiOperation({ summary: 'The backup as a file' })
  async file(@Param('id', idPipe) id: string): Promise<StreamableFile> {
    const { path, file } = await this.backups.pathOf(id);
    return new StreamableFile(createReadStream(path), {
      type: 'application/zip',
      disposition: `attachment; filename="${file}"`,
    });
  }
}
