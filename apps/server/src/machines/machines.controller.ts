import { machineSchema, type Machine } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { MachinesService } from './machines.service.js';

class MachineDto extends createZodDto(machineSchema) {}

@ApiTags('machines')
@Controller('machines')
export class MachinesController {
  constructor(private readonly machines: MachinesService) {}

  @Get()
  @ApiOperation({ summary: 'The shop’s machines at their newest revision' })
  @ApiOkResponse({ type: [MachineDto] })
  list(): Promise<Machine[]> {
    return this.machines.list();
  }
}
