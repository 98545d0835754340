import { Module, type DynamicModule } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { PhotoFiles } from './face/photoFiles.js';
import { photoFilesOf } from './face/photoFilesOf.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';
import { ShopPhotosController } from './shopPhotos.controller.js';
import { ShopPhotosService } from './shopPhotos.service.js';

@Module({})
export class PhotosModule {
  /** @param place whose pictures they are; a folder is made with the first one */
  static of(place: ShopPlace): DynamicModule {
    return {
      module: PhotosModule,
      // Files of coupons carry photos too.
      global: true,
      imports: [MachinesModule],
      controllers: [PhotosController, ShopPhotosController],
      providers: [PhotosService, ShopPhotosService, { provide: PhotoFiles, useValue: photoFilesOf(place) }],
      exports: [PhotoFiles],
    };
  }
}
