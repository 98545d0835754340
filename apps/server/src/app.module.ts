import { Module, type DynamicModule } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import type { ServerResponse } from 'node:http';
import { CouponsModule } from './coupons/coupons.module.js';
import { HealthController } from './health/health.controller.js';
import { UnknownPathController } from './http/unknownPath.controller.js';
import { MachinesModule } from './machines/machines.module.js';
import { OpticsModule } from './optics/optics.module.js';
import { PeopleModule } from './people/people.module.js';
import { StorageModule } from './storage/storage.module.js';

@Module({ controllers: [UnknownPathController] })
class LastModule {}

/** The whole server over one database file. */
@Module({})
export class AppModule {
  static over(databaseFile: string, webFolder: string | null): DynamicModule {
    return {
      module: AppModule,
      imports: [
        StorageModule.forFile(databaseFile),
        ...(webFolder === null ? [] : [serveInterface(webFolder)]),
        MachinesModule,
        PeopleModule,
        OpticsModule,
        CouponsModule,
        LastModule,
      ],
      controllers: [HealthController],
    };
  }
}

/** Hashed assets may be kept for ever; the page that names them must be asked for each time. */
function serveInterface(webFolder: string): DynamicModule {
  return ServeStaticModule.forRoot({
    rootPath: webFolder,
    exclude: ['/api/{*rest}'],
    serveStaticOptions: {
      setHeaders: (response: ServerResponse, path: string) => {
        const isHashed = path.includes('/assets/');
        response.setHeader('Cache-Control', isHashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    },
  });
}
