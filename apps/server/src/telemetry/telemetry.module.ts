import { Global, Module, type DynamicModule } from '@nestjs/common';
import { MachinesModule } from '../machines/machines.module.js';
import { SpellKeeper } from './face/SpellKeeper.js';
import type { ShopPlace } from '../storage/ShopPlace.js';
import { HeardLightService } from './heardLight.service.js';
import { LiveElsewhere } from './LiveElsewhere.js';
import { LoggedLightController } from './loggedLight.controller.js';
import { LoggedLightService } from './loggedLight.service.js';
import { MeterController } from './meter.controller.js';
import { SpellsService } from './spells.service.js';
import { TelemetryController } from './telemetry.controller.js';
import { TelemetryPlan } from './TelemetryPlan.js';
import { TelemetryService } from './telemetry.service.js';
import { TelemetrySettingsService } from './telemetrySettings.service.js';
import { telemetryRows } from './face/telemetryRows.js';
import { TelemetryStore } from './TelemetryStore.js';

/** Global for the keeper of spells, which whatever is welded asks. */
@Global()
@Module({})
export class TelemetryModule {
  /** For a thread beside the server: nothing listens and nothing is opened, so that what machines say has one keeper. */
  static asleep(place: ShopPlace): DynamicModule {
    return {
      module: TelemetryModule,
      providers: [
        { provide: TelemetryStore, useFactory: () => new TelemetryStore(telemetryRows(place)) },
        SpellKeeper,
      ],
      exports: [SpellKeeper],
    };
  }

  static of(place: ShopPlace, plan: TelemetryPlan): DynamicModule {
    return {
      module: TelemetryModule,
      imports: [MachinesModule],
      controllers: [TelemetryController, MeterController, LoggedLightController],
      providers: [
        { provide: TelemetryPlan, useValue: plan },
        { provide: TelemetryStore, useFactory: () => new TelemetryStore(telemetryRows(place)) },
        LoggedLightService,
        ...[
          TelemetryService,
          LiveElsewhere,
          TelemetrySettingsService,
          HeardLightService,
          SpellsService,
          SpellKeeper,
        ],
      ],
      exports: [SpellKeeper],
    };
  }
}
