import {
  couponFileFormats,
  couponFilterSchema,
  filePreviewSchema,
  fileStoredSchema,
  type CouponFileFormat,
  type CouponFilter,
  type FilePreview,
  type Person,
  type FileStored,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put, StreamableFile, Req } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { z } from 'zod';
import { By, For, type HeronRequest } from '../access/access.js';
import { requireBytes } from '../http/requireBytes.js';
import { Answers, PathPart, Queried } from '../http/schemaRoutes.js';
import { CouponFilesService } from './couponFiles.service.js';

const fileFormat = z.enum(couponFileFormats, { error: `one of ${couponFileFormats.join(', ')}` });
const types: Readonly<Record<CouponFileFormat, string>> = {
  csv: 'text/csv; charset=utf-8',
  json: 'application/json; charset=utf-8',
  zip: 'application/zip',
};

@ApiTags('coupon files')
@Controller('coupon-files')
export class CouponFilesController {
  constructor(private readonly files: CouponFilesService) {}

  @Get(':format')
  @ApiOperation({ summary: 'The coupons that match as a file' })
  async write(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Queried(couponFilterSchema) filter: CouponFilter,
    @Req() { person }: HeronRequest,
  ): Promise<StreamableFile> {
    const file = await this.files.write(format, filter, person);
    return new StreamableFile(file, {
      type: types[format],
      disposition: `attachment; filename="coupons.${format}"`,
    });
  }

  @Put(':format/preview')
  @For('lead')
  @ApiConsumes('application/octet-stream', 'application/zip')
  @ApiOperation({ summary: 'What would become of a file of coupons, row by row; nothing is stored' })
  @Answers(filePreviewSchema)
  preview(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<FilePreview> {
    return this.files.preview(format, requireBytes(body), by);
  }

  @Put(':format/stored/:hash')
  @For('lead')
  @ApiConsumes('application/octet-stream', 'application/zip')
  @ApiOperation({ summary: 'Store what is new in a file that was shown, all or none' })
  @Answers(fileStoredSchema)
  store(
    @PathPart('format', fileFormat) format: CouponFileFormat,
    @Param('hash') hash: string,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<FileStored> {
    return this.files.store(format, hash, requireBytes(body), by);
  }
}
