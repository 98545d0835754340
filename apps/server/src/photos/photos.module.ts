import { Module, type DynamicModule } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { PhotoFiles } from './face/photoFiles.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';
import { ShopPhotosController } from './shopPhotos.controller.js';
import { ShopPhotosService } from './shopPhotos.service.js';

@Module({})
export class PhotosModule {
  /** @param folder where the pictures lie; made with the first one */
  static inFolder(folder: string): DynamicModule {
    return {
      module: PhotosModule,
      // Files of coupons carry photos too.
      global: true,
      imports: [MachinesModule],
      controllers: [PhotosController, ShopPhotosController],
      providers: [
        PhotosService,
        ShopPhotosService,
        { provide: PhotoFiles, useValue: new PhotoFiles(folder) },
      ],
      exports: [PhotoFiles],
    };
  }
}
