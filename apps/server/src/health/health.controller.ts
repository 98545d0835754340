import { keepingSchema, type Keeping } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { ForAnyone } from '../access/access.js';
import { Answers } from '../http/schemaRoutes.js';
import { KeepingService } from './keeping.service.js';

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(
    private readonly dataSource: DataSource,
    private readonly keeping: KeepingService,
  ) {}

  @Get()
  @ForAnyone()
  @ApiOperation({ summary: 'Whether the server and its database answer' })
  @ApiOkResponse()
  async check(): Promise<{ status: 'ok' }> {
    await this.dataSource.query('SELECT 1');
    return { status: 'ok' };
  }

  @Get('keeping')
  @ApiOperation({ summary: 'How well the shop is kept: backups, photos, disk, clock, version' })
  @Answers(keepingSchema)
  kept(): Promise<Keeping> {
    return this.keeping.look();
  }
}
