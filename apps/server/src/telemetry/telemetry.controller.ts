import {
  liveMachineSchema,
  machineTelemetryDraftSchema,
  machineTelemetrySchema,
  lightSpellSchema,
  spellCurveSchema,
  type LiveMachine,
  type MachineSpell,
  type MachineTelemetry,
  type MachineTelemetryDraft,
  type Person,
  type SpellCurve,
} from '@lone-heron/contract';
import { Controller, Get, Header, Param, Put } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, MachineId, Revision, Sent } from '../http/schemaRoutes.js';
import { SpellsService } from './spells.service.js';
import { TelemetryService } from './telemetry.service.js';
import { TelemetrySettingsService } from './telemetrySettings.service.js';

@ApiTags('telemetry')
@Controller()
export class TelemetryController {
  constructor(
    private readonly settings: TelemetrySettingsService,
    private readonly telemetry: TelemetryService,
    private readonly spells: SpellsService,
  ) {}

  @Get('machines/:id/telemetry')
  @ApiOperation({ summary: 'How a machine is listened to: one answer, or none where nobody has said' })
  @AnswersMany(machineTelemetrySchema)
  async find(@MachineId() machineId: string): Promise<MachineTelemetry[]> {
    const found = await this.settings.find(machineId);
    return found === null ? [] : [found];
  }

  @Put('machines/:id/telemetry/revisions/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Say how a machine is listened to' })
  @Answers(machineTelemetrySchema)
  async revise(
    @MachineId() machineId: string,
    @Revision() revision: number,
    @Sent(machineTelemetryDraftSchema) draft: MachineTelemetryDraft,
    @By() by: Person,
  ): Promise<MachineTelemetry> {
    const revised = await this.settings.revise(machineId, revision, draft, by);
    await this.telemetry.settled();
    return revised;
  }

  @Get('live')
  @ApiOperation({ summary: 'Every machine that is listened to, as it was last heard. No safety signal' })
  @AnswersMany(liveMachineSchema)
  live(): LiveMachine[] {
    return this.telemetry.live();
  }

  @Get('spells/of/:id')
  @ApiOperation({ summary: 'A machine’s spells of light of the last day, newest first' })
  @AnswersMany(lightSpellSchema)
  recent(@MachineId() machineId: string): Promise<MachineSpell[]> {
    return this.spells.recent(machineId);
  }

  @Get('spells/taken/:id')
  @ApiOperation({ summary: 'The spells of light that a coupon or a go at a seam took for its own' })
  @AnswersMany(lightSpellSchema)
  taken(@Param('id') id: string): Promise<MachineSpell[]> {
    return this.spells.takenBy(id);
  }

  @Get('spells/:id/curve')
  @ApiOperation({
    summary: 'A spell along its time, at most 300 points: one curve, or none where it is too old',
  })
  @AnswersMany(spellCurveSchema)
  async curve(@Param('id') id: string): Promise<SpellCurve[]> {
    const found = await this.spells.curve(id);
    return found === null ? [] : [found];
  }

  @Get('spells/:id/curve.csv')
  @Header('Content-Type', 'text/csv; charset=utf-8')
  @Header('Content-Disposition', 'attachment; filename="spell-of-light.csv"')
  @ApiProduces('text/csv')
  @ApiOperation({ summary: 'A spell along its time, every point that is kept, as CSV' })
  curveFile(@Param('id') id: string): Promise<string> {
    return this.spells.curveFile(id);
  }
}
