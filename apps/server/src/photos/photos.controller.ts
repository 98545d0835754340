import {
  photoQuerySchema,
  photoSchema,
  type Person,
  type Photo,
  type PhotoQuery,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Put, Res, StreamableFile } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { z } from 'zod';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, PathPart, Queried } from '../http/schemaRoutes.js';
import { PhotosService } from './photos.service.js';
import { requirePicture } from './requirePicture.js';

const pictureHash = z.string().regex(/^[0-9a-f]{64}$/, { error: 'the SHA-256 of a photo, 64 hex digits' });

@ApiTags('photos')
@Controller()
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get('coupons/:id/photos')
  @ApiOperation({ summary: 'Photos of a coupon' })
  @AnswersMany(photoSchema)
  list(@Id() id: string): Promise<Photo[]> {
    return this.photos.list(id);
  }

  @Put('coupons/:id/photos/:photoId')
  @For('welder', 'lead')
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp', 'image/heic')
  @ApiOperation({ summary: 'Add a photo, its bytes as the body; repeating it is the same save' })
  @Answers(photoSchema)
  add(
    @Id() id: string,
    @Id('photoId') photoId: string,
    @Queried(photoQuerySchema) query: PhotoQuery,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<Photo> {
    return this.photos.add(photoId, id, requirePicture(body), query, by);
  }

  @Put('photos/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a photo away; its bytes are kept' })
  @Answers(photoSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<Photo> {
    return this.photos.setWithdrawn(id, true, by);
  }

  @Delete('photos/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a photo back' })
  @Answers(photoSchema)
  restore(@Id() id: string, @By() by: Person): Promise<Photo> {
    return this.photos.setWithdrawn(id, false, by);
  }

  @Get('photos/:hash')
  @ApiOperation({ summary: 'The picture itself' })
  whole(@PathPart('hash', pictureHash) hash: string, @Res({ passthrough: true }) response: Response) {
    return this.stream(hash, 'whole', response);
  }

  @Get('photos/:hash/small')
  @ApiOperation({ summary: 'The picture, 480 pixels at most' })
  small(@PathPart('hash', pictureHash) hash: string, @Res({ passthrough: true }) response: Response) {
    return this.stream(hash, 'small', response);
  }

  /** Under its hash a picture never changes. */
  private async stream(hash: string, size: 'whole' | 'small', response: Response): Promise<StreamableFile> {
    const { bytes, type } = await this.photos.picture(hash, size);
    response.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
    return new StreamableFile(bytes, { type });
  }
}
