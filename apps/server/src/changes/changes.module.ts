import { Global, Module } from '@nestjs/common';
import { ChangesController } from './changes.controller.js';
import { ChangesService } from './changes.service.js';

/** Global: every noun of the shop writes its changes down. */
@Global()
@Module({ controllers: [ChangesController], providers: [ChangesService], exports: [ChangesService] })
export class ChangesModule {}
