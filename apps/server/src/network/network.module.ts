import { Module, type DynamicModule } from '@nestjs/common';
import { NetworkController } from './network.controller.js';
import { reachedBy, type ReachedBy } from './reachedBy.js';

@Module({})
export class NetworkModule {
  static reached(by: ReachedBy): DynamicModule {
    return {
      module: NetworkModule,
      controllers: [NetworkController],
      providers: [{ provide: reachedBy, useValue: by }],
    };
  }
}
