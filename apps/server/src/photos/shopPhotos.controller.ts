import {
  shopPhotoQuerySchema,
  shopPhotoSchema,
  type Person,
  type ShopPhoto,
  type ShopPhotoQuery,
} from '@lone-heron/contract';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, ForEverybody } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Queried } from '../http/schemaRoutes.js';
import { requirePicture } from './requirePicture.js';
import { ShopPhotosService } from './shopPhotos.service.js';

@ApiTags('photos')
@Controller()
export class ShopPhotosController {
  constructor(private readonly photos: ShopPhotosService) {}

  @Get('machines/:id/photos')
  @ApiOperation({ summary: 'Photos of a machine’s glass, status page and upkeep, newest first' })
  @AnswersMany(shopPhotoSchema)
  list(@MachineId() id: string): Promise<ShopPhoto[]> {
    return this.photos.list(id);
  }

  @Put('shop-photos/:id')
  @ForEverybody()
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp', 'image/heic')
  @ApiOperation({ summary: 'Add a photo of the shop, its bytes as the body; repeating it is the same save' })
  @Answers(shopPhotoSchema)
  add(
    @Id() id: string,
    @Queried(shopPhotoQuerySchema) query: ShopPhotoQuery,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<ShopPhoto> {
    return this.photos.add(id, requirePicture(body), query, by);
  }
}
