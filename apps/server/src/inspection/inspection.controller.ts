import {
  clientId,
  couponTestDraftSchema,
  couponTestSchema,
  type CouponTest,
  type CouponTestDraft,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { InspectionService } from './inspection.service.js';

class CouponTestDto extends createZodDto(couponTestSchema) {}

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('tests')
@Controller()
export class InspectionController {
  constructor(private readonly inspection: InspectionService) {}

  @Get('coupons/:id/tests')
  @ApiOperation({ summary: 'Tests of a coupon' })
  @ApiOkResponse({ type: [CouponTestDto] })
  list(@Param('id', idPipe) id: string): Promise<CouponTest[]> {
    return this.inspection.list(id);
  }

  @Put('coupons/:id/tests/:testId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a test down under an id of the client’s; repeating it is the same save' })
  @ApiOkResponse({ type: CouponTestDto })
  write(
    @Param('id', idPipe) id: string,
    @Param('testId', idPipe) testId: string,
    @Body(new SchemaPipe(couponTestDraftSchema)) draft: CouponTestDraft,
    @By() by: Person,
  ): Promise<CouponTest> {
    return this.inspection.write(testId, id, draft, by);
  }

  @Put('tests/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a test back; its record is kept' })
  @ApiOkResponse({ type: CouponTestDto })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<CouponTest> {
    return this.inspection.setWithdrawn(id, true, by);
  }

  @Delete('tests/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back test in again' })
  @ApiOkResponse({ type: CouponTestDto })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<CouponTest> {
    return this.inspection.setWithdrawn(id, false, by);
  }
}
