import { Global, Module } from '@nestjs/common';
import { RecordKit } from './recordKit.js';

/** Global: every noun of the shop writes its records by it. */
@Global()
@Module({ providers: [RecordKit], exports: [RecordKit] })
export class KitModule {}
