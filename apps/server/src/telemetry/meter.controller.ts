import {
  heardSamplesSchema,
  machineUser,
  samplesTakenSchema,
  type HeardSamples,
  type SamplesTaken,
} from '@lone-heron/contract';
import { Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { SkipThrottle } from '@nestjs/throttler';
import { ForAnyone } from '../access/access.js';
import { Answers, PathPart, Sent } from '../http/schemaRoutes.js';
import { conflict } from '../http/problem.js';
import { TelemetryService } from './telemetry.service.js';

@ApiTags('telemetry')
@Controller('meters')
// The door has looked at its password before anything of it was read; many meters come from one address.
@SkipThrottle()
export class MeterController {
  constructor(private readonly telemetry: TelemetryService) {}

  @Post(':user/samples')
  @ForAnyone()
  @HttpCode(200)
  @ApiOperation({
    summary:
      'What a meter saw, oldest first; it signs in as Authorization: Bearer and the machine’s password',
  })
  @Answers(samplesTakenSchema)
  async hear(
    @PathPart('user', machineUser) user: string,
    @Sent(heardSamplesSchema) samples: HeardSamples,
  ): Promise<SamplesTaken> {
    const taken = await this.telemetry.hearMeter(user, samples);
    if (taken === null) throw conflict('That machine is not listened to any more.');
    return taken;
  }
}
