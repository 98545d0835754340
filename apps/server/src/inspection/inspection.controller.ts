import {
  couponTestDraftSchema,
  couponTestSchema,
  couponTintSchema,
  tintQuerySchema,
  type CouponTest,
  type CouponTestDraft,
  type CouponTint,
  type Person,
  type TintQuery,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, Queried, Sent } from '../http/schemaRoutes.js';
import { InspectionService } from './inspection.service.js';

@ApiTags('tests')
@Controller()
export class InspectionController {
  constructor(private readonly inspection: InspectionService) {}

  @Get('coupons/:id/tests')
  @ApiOperation({ summary: 'Tests of a coupon' })
  @AnswersMany(couponTestSchema)
  list(@Id() id: string): Promise<CouponTest[]> {
    return this.inspection.list(id);
  }

  @Get('tints')
  @ApiOperation({ summary: 'Colours read off photographed faces of a metal’s family, newest first' })
  @AnswersMany(couponTintSchema)
  tints(@Queried(tintQuerySchema) query: TintQuery): Promise<CouponTint[]> {
    return this.inspection.tints(query);
  }

  @Put('coupons/:id/tests/:testId')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Write a test down under an id of the client’s; repeating it is the same save' })
  @Answers(couponTestSchema)
  write(
    @Id() id: string,
    @Id('testId') testId: string,
    @Sent(couponTestDraftSchema) draft: CouponTestDraft,
    @By() by: Person,
  ): Promise<CouponTest> {
    return this.inspection.write(testId, id, draft, by);
  }

  @Put('tests/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a test back; its record is kept' })
  @Answers(couponTestSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<CouponTest> {
    return this.inspection.setWithdrawn(id, true, by);
  }

  @Delete('tests/:id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back test in again' })
  @Answers(couponTestSchema)
  restore(@Id() id: string, @By() by: Person): Promise<CouponTest> {
    return this.inspection.setWithdrawn(id, false, by);
  }
}
