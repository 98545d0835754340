import { Global, Module, type DynamicModule } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DataSource, type DataSourceOptions } from 'typeorm';
import { databaseOptions, openDatabase } from './database.js';
import { LongReads, LongReadsHere } from './longReads.js';
import { LongReadsInThread } from './longReadsInThread.js';
import { Neighbours } from './Neighbours.js';
import { OtherServers } from './OtherServers.js';
import { databaseFileIn, type ShopPlace } from './ShopPlace.js';
import { WriteQueue } from './writeQueue.js';

@Global()
@Module({})
export class StorageModule {
  /** @param isInThreads whether long reads have a thread of their own */
  static of(place: ShopPlace, isInThreads: boolean): DynamicModule {
    // A server works for several at once by itself.
    const longReads =
      isInThreads && place.url === null
        ? { provide: LongReads, useFactory: () => new LongReadsInThread(databaseFileIn(place.folder)) }
        : { provide: LongReads, useClass: LongReadsHere };
    return {
      module: StorageModule,
      imports: [opened(databaseOptions(place))],
      providers: [WriteQueue, Neighbours, longReads, ...(place.url === null ? [] : [listeningAt(place.url)])],
      exports: [WriteQueue, Neighbours, LongReads],
    };
  }

  /** Beside the server that has it open: over a connection of its own, which waits for its turn to write. */
  static beside(place: ShopPlace, queue: (dataSource: DataSource) => WriteQueue): DynamicModule {
    return {
      module: StorageModule,
      imports: [opened({ ...databaseOptions(place), migrationsRun: false })],
      providers: [
        { provide: WriteQueue, inject: [DataSource], useFactory: queue },
        { provide: LongReads, useClass: LongReadsHere },
      ],
      exports: [WriteQueue, LongReads],
    };
  }
}

/** Where others may serve the same shop. */
const listeningAt = (url: string) => ({
  provide: OtherServers,
  inject: [WriteQueue, Neighbours],
  useFactory: (writes: WriteQueue, neighbours: Neighbours) => new OtherServers(url, writes, neighbours),
});

function opened(options: DataSourceOptions): DynamicModule {
  return TypeOrmModule.forRootAsync({
    useFactory: () => ({ ...options, retryAttempts: 0 }),
    dataSourceFactory: (given) => openDatabase(given ?? options),
  });
}
