import {
  exchangeFileFormats,
  exchangeJsonSchema,
  exchangePreviewSchema,
  exchangeSchema,
  exchangeStoredSchema,
  type ExchangeFileFormat,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put, Req, Res, type StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { z } from 'zod';
import { By, For, type HeronRequest } from '../access/access.js';
import { asked } from '../fileWork/askedFor.js';
import { FilesUnderWay } from '../fileWork/filesUnderWay.js';
import { FileWork } from '../fileWork/FileWork.js';
import { fileAnswer } from '../http/fileAnswer.js';
import { requireBytes } from '../http/requireBytes.js';
import { Answers, AnswersJson, PathPart, Queried } from '../http/schemaRoutes.js';

const fileFormat = z.enum(exchangeFileFormats, { error: `one of ${exchangeFileFormats.join(', ')}` });
const ids = z.string({ error: 'ids with commas between' }).max(200_000, { error: 'ids with commas between' });
const wish = z.object({ cards: ids.optional() });
const taking = z.object({ ...asked.shape, take: ids.optional() });
type Taking = z.infer<typeof taking>;

@ApiTags('exchange')
@Controller('exchange')
export class ExchangeController {
  constructor(
    private readonly work: FileWork,
    private readonly underWay: FilesUnderWay,
  ) {}

  @Get('json')
  @ApiOperation({ summary: 'Machines, cards and coupons; cards=id,id for those cards with what they need' })
  @Answers(exchangeSchema)
  write(
    @Queried(wish) { cards }: { cards?: string },
    @Req() { person }: HeronRequest,
  ): Promise<StreamableFile> {
    return this.file('json', 'lone-heron.exchange.json', listOf(cards), person);
  }

  @Get('csv')
  @ApiOperation({ summary: 'Cards as a table, each by its newest version' })
  writeCsv(
    @Queried(wish) { cards }: { cards?: string },
    @Req() { person }: HeronRequest,
  ): Promise<StreamableFile> {
    return this.file('csv', 'cards.csv', listOf(cards), person);
  }

  private async file(
    format: ExchangeFileFormat,
    name: string,
    cards: readonly string[] | null,
    by: Person | null,
  ): Promise<StreamableFile> {
    const file = await this.work.write({ job: 'exchange.write', format, cards, by });
    const type = `${format === 'json' ? 'application/json' : 'text/csv'}; charset=utf-8`;
    return fileAnswer(file, type, name);
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
  @AnswersJson(exchangePreviewSchema)
  preview(
    @PathPart('format', fileFormat) format: ExchangeFileFormat,
    @Queried(taking) { take, work }: Taking,
    @Body() body: unknown,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const bytes = requireBytes(body);
    const order = { job: 'exchange.preview', format, bytes, by, taken: listOf(take) ?? [] } as const;
    return this.underWay.read(order, work, response);
  }

  @Put(':format/stored/:hash')
  @For('lead')
  @ApiConsumes('application/octet-stream')
  @ApiOperation({ summary: 'Store what is new in a file that was shown and what was taken, all or none' })
  @AnswersJson(exchangeStoredSchema)
  store(
    @PathPart('format', fileFormat) format: ExchangeFileFormat,
    @Param('hash') hash: string,
    @Queried(taking) { take, work }: Taking,
    @Body() body: unknown,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const bytes = requireBytes(body);
    const order = { job: 'exchange.store', format, hash, bytes, by, taken: listOf(take) ?? [] } as const;
    return this.underWay.read(order, work, response);
  }
}

function listOf(text: string | undefined): readonly string[] | null {
  return text === undefined ? null : text.split(',').filter((each) => each !== '');
}
