import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
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

  /** Beside the server that has it open: over a connection of its own, which waits for its turn to write. */
  static beside(file: string, queue: (dataSource: DataSource) => WriteQueue): DynamicModule {
    const options = { ...databaseOptions(file), migrationsRun: false, retryAttempts: 0 };
    return {
      module: StorageModule,
      imports: [TypeOrmModule.forRoot(options)],
      providers: [{ provide: WriteQueue, inject: [DataSource], useFactory: queue }],
      exports: [WriteQueue],
    };
  }
}
