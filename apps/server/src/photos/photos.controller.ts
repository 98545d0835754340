import {
  clientId,
  photoQuerySchema,
  photoSchema,
  type Person,
  type Photo,
  type PhotoQuery,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put, Query, Res, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { createReadStream } from 'node:fs';
import { createZodDto } from 'nestjs-zod';
import { z } from 'zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { PhotosService } from './photos.service.js';
import { requirePicture } from './requirePicture.js';

class PhotoDto extends createZodDto(photoSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');
const hashPipe = new SchemaPipe(
  z.string().regex(/^[0-9a-f]{64}$/, { error: 'the SHA-256 of a photo, 64 hex digits' }),
  'hash',
);

@ApiTags('photos')
@Controller()
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get('coupons/:id/photos')
  @ApiOperation({ summary: 'Photos of a coupon' })
  @ApiOkResponse({ type: [PhotoDto] })
  list(@Param('id', idPipe) id: string): Promise<Photo[]> {
    return this.photos.list(id);
  }

  @Put('coupons/:id/photos/:photoId')
  @For('welder', 'lead')
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp')
  @ApiOperation({ summary: 'Add a photo, its bytes as the body; repeating it is the same save' })
  @ApiOkResponse({ type: PhotoDto })
  add(
    @Param('id', idPipe) id: string,
    @Param('photoId', idPipe) photoId: string,
    @Query(new SchemaPipe(photoQuerySchema)) query: PhotoQuery,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<Photo> {
    return this.photos.add(photoId, id, requirePicture(body), query, by);
  }

  @Put('photos/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a photo away; its bytes are kept' })
  @ApiOkResponse({ type: PhotoDto })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<Photo> {
    return this.photos.setWithdrawn(id, true, by);
  }

  @Delete('photos/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a photo back' })
  @ApiOkResponse({ type: PhotoDto })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<Photo> {
    return this.photos.setWithdrawn(id, false, by);
  }

  @Get('photos/:hash')
  @ApiOperation({ summary: 'The picture itself' })
  whole(@Param('hash', hashPipe) hash: string, @Res({ passthrough: true }) response: Response) {
    return this.stream(hash, 'whole', response);
  }

  @Get('photos/:hash/small')
  @ApiOperation({ summary: 'The picture, 480 pixels at most' })
  small(@Param('hash', hashPipe) hash: string, @Res({ passthrough: true }) response: Response) {
    return this.stream(hash, 'small', response);
  }

  /** Under its hash a picture never changes. */
  private async stream(hash: string, size: 'whole' | 'small', response: Response): Promise<StreamableFile> {
    const { path, type } = await this.photos.picture(hash, size);
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    return new StreamableFile(createReadStream(path), { type });
  }
}
