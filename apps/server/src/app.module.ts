import { Module, RequestMethod, type DynamicModule } from '@nestjs/common';
import { ServeStaticModule } from '@nestjs/serve-static';
import type { ServerResponse } from 'node:http';
import { LoggerModule } from 'nestjs-pino';
import type { Logger as PinoLogger } from 'pino';
import { pinsFromAnywhere, type SignInPlan } from './access/SignInPlan.js';
import { AccessModule } from './access/access.module.js';
import { ChangesModule } from './changes/changes.module.js';
import { CouponsModule } from './coupons/coupons.module.js';
import { HealthModule } from './health/health.module.js';
import { UnknownPathController } from './http/unknownPath.controller.js';
import { FileWorkModule } from './fileWork/fileWork.module.js';
import { HeadPartsModule } from './headParts/headParts.module.js';
import { HouseModule } from './house/house.module.js';
import { KitModule } from './kit/kit.module.js';
import { InspectionModule } from './inspection/inspection.module.js';
import { BackupsModule } from './backups/backups.module.js';
import type { ReopenShop } from './backups/restores.service.js';
import { backupsHere, type BackupWork } from './backups/backupWork.js';
import type { SecondPlace } from './backups/secondPlace.js';
import { CardsModule } from './cards/cards.module.js';
import { JobsModule } from './jobs/jobs.module.js';
import { LaddersModule } from './ladders/ladders.module.js';
import { ModeCardsModule } from './modeCards/modeCards.module.js';
import { TrialsModule } from './trials/trials.module.js';
import { LightModule } from './light/light.module.js';
import { MachinesModule } from './machines/machines.module.js';
import { WorkshopsModule } from './workshops/workshops.module.js';
import { WindowsModule } from './windows/windows.module.js';
import { NewsModule } from './news/news.module.js';
import { NetworkModule } from './network/network.module.js';
import { thisMachineAlone, type ReachedBy } from './network/reachedBy.js';
import { PeopleModule } from './people/people.module.js';
import { PhotosModule } from './photos/photos.module.js';
import { ProceduresModule } from './procedures/procedures.module.js';
import { LinksModule } from './links/links.module.js';
import { ProgramSlotsModule } from './programSlots/programSlots.module.js';
import { ReadinessModule } from './readiness/readiness.module.js';
import { RecordsModule } from './records/records.module.js';
import { SafetyModule } from './safety/safety.module.js';
import { StockModule } from './stock/stock.module.js';
import type { ShopPlace } from './storage/ShopPlace.js';
import { StorageModule } from './storage/storage.module.js';
import { SupplyModule } from './supply/supply.module.js';
import { TelemetryModule } from './telemetry/telemetry.module.js';
import type { TelemetryPlan } from './telemetry/TelemetryPlan.js';
import { TimeModule } from './time/time.module.js';
import { TrainingModule } from './training/training.module.js';
import { UpkeepModule } from './upkeep/upkeep.module.js';

@Module({ controllers: [UnknownPathController] })
class LastModule {}

const everyRoute = [{ path: '{*path}', method: RequestMethod.ALL }];

/** What the server is made over. */
export interface AppPlan {
  /** Where the shop is kept; made where it is missing. */
  readonly place: ShopPlace;
  /** Built interface, or null for the API alone. */
  readonly webFolder: string | null;
  /** Served to the local network, where reading too is for signed-in people. */
  readonly isOnNetwork: boolean;
  /** Names it goes by on the network, beside its bare addresses. */
  readonly names?: readonly string[];
  /** Certificate and key to serve HTTPS with, or null for HTTP. */
  readonly tls: { readonly cert: Buffer; readonly key: Buffer } | null;
  /** How backups are made; in this thread where left out. */
  readonly backups?: BackupWork;
  /** Where backups are copied to as well; nowhere where left out. */
  readonly second?: SecondPlace | null;
  /** Where it logs; what should be looked at goes to whoever started it where left out. */
  readonly log?: PinoLogger;
  /** Files and many rows are read and written in threads of their own; by the one that serves where left out. */
  readonly isInThreads?: boolean;
  /** How it is opened anew after a restore at the page. */
  readonly reopen?: ReopenShop;
  /** Where its own MQTT broker listens; on this machine at any port where left out. */
  readonly telemetry?: TelemetryPlan;
  /** Who may come in how; with a name and a PIN, or a passphrase, where left out. */
  readonly signIn?: SignInPlan;
  /** How it is reached from the network; by this machine alone where left out. */
  readonly reached?: ReachedBy;
}

/** The whole server over one database file. */
@Module({})
export class AppModule {
  static over(plan: AppPlan): DynamicModule {
    const { place, webFolder, isOnNetwork, log } = plan;
    const {
      isInThreads = false,
      reached = thisMachineAlone,
      signIn = pinsFromAnywhere,
      backups = backupsHere,
      second = null,
      reopen = notReopened,
      telemetry = anyPortHere,
    } = plan;
    return {
      module: AppModule,
      imports: [
        ...(log === undefined
          ? []
          : [LoggerModule.forRoot({ pinoHttp: { logger: log }, useExisting: true, forRoutes: everyRoute })]),
        TimeModule,
        StorageModule.of(place, isInThreads),
        NewsModule,
        ChangesModule,
        KitModule,
        AccessModule.with(isOnNetwork, signIn),
        ...(webFolder === null ? [] : [serveInterface(webFolder)]),
        NetworkModule.reached(reached),
        MachinesModule,
        PeopleModule,
        WorkshopsModule,
        WindowsModule,
        CouponsModule,
        PhotosModule.of(place),
        InspectionModule,
        CardsModule,
        FileWorkModule.over(place, isInThreads),
        ProceduresModule,
        ProgramSlotsModule,
        LinksModule,
        TelemetryModule.of(place, telemetry),
        JobsModule,
        LaddersModule,
        TrialsModule,
        ModeCardsModule,
        SupplyModule,
        ReadinessModule,
        RecordsModule,
        LightModule,
        HeadPartsModule,
        StockModule,
        UpkeepModule,
        SafetyModule,
        TrainingModule,
        HouseModule,
        BackupsModule.of({ place, work: backups, second, reopen }),
        HealthModule,
        LastModule,
      ],
    };
  }
}

const anyPortHere: TelemetryPlan = { host: '127.0.0.1', port: 0 };

/** Where nobody opens it anew, whoever embeds it has to. */
function notReopened(): never {
  throw new Error('this server cannot be opened anew: restore at the machine itself');
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
