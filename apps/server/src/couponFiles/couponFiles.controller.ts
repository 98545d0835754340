import {
  couponFileFormats,
  couponsOutSchema,
  filePreviewSchema,
  fileStoredSchema,
  type CouponFileFormat,
  type CouponsOut,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put, Req, Res, type StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { z } from 'zod';
import { By, For, type HeronRequest } from '../access/access.js';
import { FilesUnderWay } from '../fileWork/filesUnderWay.js';
import { FileWork } from '../fileWork/FileWork.js';
import { asked, type AskedFor } from '../fileWork/askedFor.js';
import { fileAnswer } from '../http/fileAnswer.js';
import { requireBytes } from '../http/requireBytes.js';
import { AnswersJson, PathPart, Queried } from '../http/schemaRoutes.js';

const fileFormat = z.enum(couponFileFormats, { error: `one of ${couponFileFormats.join(', ')}` });
const types: Readonly<Record<CouponFileFormat, string>> = {
  csv: 'text/csv; charset=utf-8',
  json: 'application/json; charset=utf-8',
  zip: 'application/zip',
};

@ApiTags('coupon files')
@Controller('coupon-files')
export class CouponFilesController {
  constructor(
    private readonly work: FileWork,
    private readonly underWay: FilesUnderWay,
  ) {}

  @Get(':format')
  @ApiOperation({ summary: 'The coupons that match as a file' })
  async write(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Queried(couponsOutSchema) { length, travel, gasFlow, ...filter }: CouponsOut,
    @Req() { person }: HeronRequest,
  ): Promise<StreamableFile> {
    const file = await this.work.write({
      ...{ job: 'couponFile.write', format, filter, by: person },
      units: { length, travel, gasFlow },
    });
    return fileAnswer(file, types[format], `coupons.${format}`);
  }

  @Put(':format/preview')
  @For('lead')
  @ApiConsumes('application/octet-stream', 'application/zip')
  @ApiOperation({ summary: 'What would become of a file of coupons, row by row; nothing is stored' })
  @AnswersJson(filePreviewSchema)
  preview(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Queried(asked) { work }: AskedFor,
    @Body() body: unknown,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const order = { job: 'couponFile.preview', format, bytes: requireBytes(body), by } as const;
    return this.underWay.read(order, work, response);
  }

  @Put(':format/stored/:hash')
  @For('lead')
  @ApiConsumes('application/octet-stream', 'application/zip')
  @ApiOperation({ summary: 'Store what is new in a file that was shown, all or none' })
  @AnswersJson(fileStoredSchema)
  store(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Param('hash') hash: string,
    @Queried(asked) { work }: AskedFor,
    @Body() body: unknown,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<string> {
    const order = { job: 'couponFile.store', format, hash, bytes: requireBytes(body), by } as const;
    return this.underWay.read(order, work, response);
  }
}
