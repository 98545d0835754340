import {
  loggerQuerySchema,
  loggerReadSchema,
  type LoggerQuery,
  type LoggerRead,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Put } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { requireBytes } from '../http/requireBytes.js';
import { Answers, MachineId, Queried } from '../http/schemaRoutes.js';
import { LoggedLightService } from './loggedLight.service.js';

@ApiTags('telemetry')
@Controller('logged-light/:id')
export class LoggedLightController {
  constructor(private readonly logged: LoggedLightService) {}

  @Put('preview')
  @For('lead')
  @ApiConsumes('application/octet-stream')
  @ApiOperation({ summary: 'What spells of light a data logger’s file holds; nothing is stored' })
  @Answers(loggerReadSchema)
  preview(
    @MachineId() machineId: string,
    @Queried(loggerQuerySchema) query: LoggerQuery,
    @Body() body: unknown,
  ): Promise<LoggerRead> {
    return this.logged.read(machineId, requireBytes(body), query, null);
  }

  @Put('stored')
  @For('lead')
  @ApiConsumes('application/octet-stream')
  @ApiOperation({ summary: 'Take in what a data logger wrote; the same file again adds nothing' })
  @Answers(loggerReadSchema)
  store(
    @MachineId() machineId: string,
    @Queried(loggerQuerySchema) query: LoggerQuery,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<LoggerRead> {
    return this.logged.read(machineId, requireBytes(body), query, by);
  }
}
