import {
  clientId,
  machineId,
  shopPhotoQuerySchema,
  shopPhotoSchema,
  type Person,
  type ShopPhoto,
  type ShopPhotoQuery,
} from '@lone-heron/contract';
import { Body, Controller, Get, Param, Put, Query } from '@nestjs/common';
import { ApiConsumes, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, ForEverybody } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { requirePicture } from './requirePicture.js';
import { ShopPhotosService } from './shopPhotos.service.js';

class ShopPhotoDto extends createZodDto(shopPhotoSchema) {}

@ApiTags('photos')
@Controller()
export class ShopPhotosController {
  constructor(private readonly photos: ShopPhotosService) {}

  @Get('machines/:id/photos')
  @ApiOperation({ summary: 'Photos of a machine’s glass, status page and upkeep, newest first' })
  @ApiOkResponse({ type: [ShopPhotoDto] })
  list(@Param('id', new SchemaPipe(machineId, 'id')) id: string): Promise<ShopPhoto[]> {
    return this.photos.list(id);
  }

  @Put('shop-photos/:id')
  @ForEverybody()
  @ApiConsumes('image/jpeg', 'image/png', 'image/webp')
  @ApiOperation({ summary: 'Add a photo of the shop, its bytes as the body; repeating it is the same save' })
  @ApiOkResponse({ type: ShopPhotoDto })
  add(
    @Param('id', new SchemaPipe(clientId, 'id')) id: string,
    @Query(new SchemaPipe(shopPhotoQuerySchema)) query: ShopPhotoQuery,
    @Body() body: unknown,
    @By() by: Person,
  ): Promise<ShopPhoto> {
    return this.photos.add(id, requirePicture(body), query, by);
  }
}
