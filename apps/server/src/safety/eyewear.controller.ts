import { clientId, eyewearDraftSchema, eyewearSchema, type Eyewear, type Person } from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { EyewearService } from './eyewear.service.js';

class EyewearDto extends createZodDto(eyewearSchema) {}
class EyewearDraftDto extends createZodDto(eyewearDraftSchema) {}

@ApiTags('safety')
@Controller('eyewear')
export class EyewearController {
  constructor(private readonly eyewear: EyewearService) {}

  @Get()
  @ApiOperation({ summary: 'Helmets and glasses, those in use first' })
  @ApiOkResponse({ type: [EyewearDto] })
  list(): Promise<Eyewear[]> {
    return this.eyewear.list();
  }

  @Put(':id')
  @For('upkeep', 'lead')
  @ApiOperation({ summary: 'Record a helmet or a pair as it was found' })
  @ApiOkResponse({ type: EyewearDto })
  save(
    @Param('id', new SchemaPipe(clientId, 'id')) id: string,
    @Body(new SchemaPipe(eyewearDraftSchema)) draft: EyewearDraftDto,
    @By() by: Person,
  ): Promise<Eyewear> {
    return this.eyewear.save(id, draft, by);
  }
}
