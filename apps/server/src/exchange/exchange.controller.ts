import {
  exchangeFileFormats,
  exchangeJsonSchema,
  exchangePreviewSchema,
  exchangeSchema,
  exchangeStoredSchema,
  type Exchange,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangeStored,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Get, Header, Param, Put, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { By, For } from '../access/access.js';
import { requireBytes } from '../http/requireBytes.js';
import { Answers, PathPart, Queried } from '../http/schemaRoutes.js';
import { ExchangeService } from './exchange.service.js';

const fileFormat = z.enum(exchangeFileFormats, { error: `one of ${exchangeFileFormats.join(', ')}` });
const ids = z.string({ error: 'ids with commas between' }).max(200_000, { error: 'ids with commas between' });
const wish = z.object({ cards: ids.optional() });
const taking = z.object({ take: ids.optional() });

@ApiTags('exchange')
@Controller('exchange')
export class ExchangeController {
  constructor(private readonly exchange: ExchangeService) {}

  @Get('json')
  @Header('Content-Disposition', 'attachment; filename="lone-heron.exchange.json"')
  @ApiOperation({ summary: 'Machines, cards and coupons; cards=id,id for those cards with what they need' })
  @Answers(exchangeSchema)
  write(@Queried(wish) { cards }: { cards?: string }): Promise<Exchange> {
    return this.exchange.write({ cards: listOf(cards) });
  }

  @Get('csv')
  @ApiOperation({ summary: 'Cards as a table, each by its newest version' })
  async writeCsv(@Queried(wish) { cards }: { cards?: string }): Promise<StreamableFile> {
    const text = await this.exchange.writeCsv({ cards: listOf(cards) });
    return new StreamableFile(Buffer.from(text), {
      type: 'text/csv; charset=utf-8',
      disposition: 'attachment; filename="cards.csv"',
    });
  }

  @Get('schema')
  @ApiOperation({ summary: 'The shape of the JSON as JSON Schema' })
  schema(): object {
    return exchangeJsonSchema();
  }

  @Put(':format/preview')
  @For('lead')
  @ApiConsumes('application/octet-stream')
  @ApiOperation({ summary: 'What would become of a file, part by part; nothing is stored' })
  @Answers(exchangePreviewSchema)
  preview(
    @PathPart('format', fileFormat) format: ExchangeFileFormat,
    @Queried(taking) { take }: { take?: string },
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<ExchangePreview> {
    return this.exchange.preview({ format, bytes: requireBytes(body), taken: new Set(listOf(take)) }, by);
  }

  @Put(':format/stored/:hash')
  @For('lead')
  @ApiConsumes('application/octet-stream')
  @ApiOperation({ summary: 'Store what is new in a file that was shown and what was taken, all or none' })
  @Answers(exchangeStoredSchema)
  store(
    @PathPart('format', fileFormat) format: ExchangeFileFormat,
    @Param('hash') hash: string,
    @Queried(taking) { take }: { take?: string },
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<ExchangeStored> {
    return this.exchange.store({ format, bytes: requireBytes(body), taken: new Set(listOf(take)) }, hash, by);
  }
}

function listOf(text: string | undefined): readonly string[] | null {
  return text === undefined ? null : text.split(',').filter((each) => each !== '');
}
