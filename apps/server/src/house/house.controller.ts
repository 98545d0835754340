import {
  houseSchema,
  houseSheetName,
  houseSheetDrafts,
  type House,
  type HouseContent,
  type HouseSheet,
  type Person,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { Asker, By, For, ForEverybody } from '../access/access.js';
import { Answers, PathPart, Revision, Sent } from '../http/schemaRoutes.js';
import { HouseService } from './house.service.js';

@ApiTags('house')
@Controller('house')
@Answers(houseSchema)
export class HouseController {
  constructor(private readonly house: HouseService) {}

  @Get()
  @ApiOperation({ summary: 'Practice, units, what is on hand and prices, each with its revision' })
  current(@Asker() asker: Person | null): Promise<House> {
    return this.house.current(asker?.workshopId ?? null);
  }

  @Put(':sheet/:revision/firms')
  @For('lead')
  @ApiOperation({ summary: 'Have one’s workshop go by the firm’s sheet again' })
  leaveToFirm(
    @PathPart('sheet', houseSheetName) sheet: HouseSheet,
    @Revision() revision: number,
    @By() by: Person,
  ): Promise<House> {
    return this.house.leaveToFirm(sheet, revision, by);
  }

  @Put('practice/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Keep to another school' })
  revisePractice(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.practice) content: HouseContent['practice'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('practice', revision, content, by);
  }

  @Put('units/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Say lengths, paces and flows in other units' })
  reviseUnits(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.units) content: HouseContent['units'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('units', revision, content, by);
  }

  @Put('prices/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Change what things cost' })
  revisePrices(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.prices) content: HouseContent['prices'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('prices', revision, content, by);
  }

  @Put('jobRates/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Say how long things take in a job, and what it is held against' })
  reviseJobRates(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.jobRates) content: HouseContent['jobRates'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('jobRates', revision, content, by);
  }

  @Put('acceptance/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Ask something else of a weld' })
  reviseAcceptance(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.acceptance) content: HouseContent['acceptance'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('acceptance', revision, content, by);
  }

  @Put('wire/:revision')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down the spools that are there' })
  reviseWire(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.wire) content: HouseContent['wire'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('wire', revision, content, by);
  }

  @Put('nozzles/:revision')
  @ForEverybody()
  @ApiOperation({ summary: 'Write down the nozzles that are there' })
  reviseNozzles(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.nozzles) content: HouseContent['nozzles'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('nozzles', revision, content, by);
  }

  @Put('glassWeights/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Weigh what wears glass otherwise' })
  reviseGlassWeights(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.glassWeights) content: HouseContent['glassWeights'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('glassWeights', revision, content, by);
  }

  @Put('losses/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Say what each outcome costs, aim by aim' })
  reviseLosses(
    @Revision() revision: number,
    @Sent(houseSheetDrafts.losses) content: HouseContent['losses'],
    @By() by: Person,
  ): Promise<House> {
    return this.house.revise('losses', revision, content, by);
  }
}
