import { bottleDraftSchema, bottleSchema, clientId, type Bottle, type Person } from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { BottlesService } from './bottles.service.js';

class BottleDto extends createZodDto(bottleSchema) {}
class BottleDraftDto extends createZodDto(bottleDraftSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('supply')
@Controller('bottles')
@ApiOkResponse({ type: BottleDto })
export class BottlesController {
  constructor(private readonly bottles: BottlesService) {}

  @Get()
  @ApiOperation({ summary: 'Gas bottles, those in the shop first' })
  @ApiOkResponse({ type: [BottleDto] })
  list(): Promise<Bottle[]> {
    return this.bottles.list();
  }

  @Put(':id')
  @ForEverybody()
  @ApiOperation({ summary: 'Record a bottle, or what was found of it since' })
  save(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(bottleDraftSchema)) draft: BottleDraftDto,
    @By() by: Person,
  ): Promise<Bottle> {
    return this.bottles.save(id, draft, by);
  }

  @Put(':id/gone')
  @ForEverybody()
  @ApiOperation({ summary: 'Send a bottle back; its record is kept' })
  sendBack(@Param('id', idPipe) id: string, @By() by: Person): Promise<Bottle> {
    return this.bottles.setGone(id, true, by);
  }

  @Delete(':id/gone')
  @ForEverybody()
  @ApiOperation({ summary: 'Take a bottle in again that was sent back by mistake' })
  takeIn(@Param('id', idPipe) id: string, @By() by: Person): Promise<Bottle> {
    return this.bottles.setGone(id, false, by);
  }
}
