import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { databaseOptions } from './database.js';
import { WriteQueue } from './writeQueue.js';

@Global()
@Module({})
export class StorageModule {
  static forFile(file: string): DynamicModule {
    return {
      module: StorageModule,
      imports: [TypeOrmModule.forRoot({ ...databaseOptions(file), retryAttempts: 0 })],
      providers: [WriteQueue],
      exports: [WriteQueue],
    };
  }
}
