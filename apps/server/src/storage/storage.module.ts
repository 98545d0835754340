import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { databaseOptions } from './database.js';
import { LongReads, LongReadsHere } from './longReads.js';
import { LongReadsInThread } from './longReadsInThread.js';
import { WriteQueue } from './writeQueue.js';

@Global()
@Module({})
export class StorageModule {
  /** @param isInThreads whether long reads have a thread of their own */
  static forFile(file: string, isInThreads: boolean): DynamicModule {
    const longReads = isInThreads
      ? { provide: LongReads, useFactory: () => new LongReadsInThread(file) }
      : { provide: LongReads, useClass: LongReadsHere };
    return {
      module: StorageModule,
      imports: [TypeOrmModule.forRoot({ ...databaseOptions(file), retryAttempts: 0 })],
      providers: [WriteQueue, longReads],
      exports: [WriteQueue, LongReads],
    };
  }

  /** Beside the server that has it open: over a connection of its own, which waits for its turn to write. */
  static beside(file: string, queue: (dataSource: DataSource) => WriteQueue): DynamicModule {
    const options = { ...databaseOptions(file), migrationsRun: false, retryAttempts: 0 };
    return {
      module: StorageModule,
      imports: [TypeOrmModule.forRoot(options)],
      providers: [
        { provide: WriteQueue, inject: [DataSource], useFactory: queue },
        { provide: LongReads, useClass: LongReadsHere },
      ],
      exports: [WriteQueue, LongReads],
    };
  }
}
