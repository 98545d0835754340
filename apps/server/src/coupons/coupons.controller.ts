import {
  couponAmendmentSchema,
  couponDraftSchema,
  couponEntrySchema,
  couponGroupQuerySchema,
  couponGroupsSchema,
  couponPageSchema,
  couponQuerySchema,
  couponSchema,
  relevantCouponsSchema,
  relevantQuerySchema,
  type Coupon,
  type CouponEntry,
  type CouponGroupQuery,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type Person,
  type RelevantCoupons,
  type RelevantQuery,
  type CouponAmendment,
  type CouponDraft,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Put, Res } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, AnswersSave, Id, Queried, Revision, Sent } from '../http/schemaRoutes.js';
import { CouponsService } from './coupons.service.js';

@ApiTags('coupons')
@Controller('coupons')
export class CouponsController {
  constructor(private readonly coupons: CouponsService) {}

  @Get()
  @ApiOperation({ summary: 'Coupons that match, a stretch at a time' })
  @Answers(couponPageSchema)
  list(@Queried(couponQuerySchema) query: CouponQuery): Promise<CouponPage> {
    return this.coupons.list(query);
  }

  @Get('groups')
  @ApiOperation({ summary: 'How many coupons match under each heading' })
  @Answers(couponGroupsSchema)
  groups(@Queried(couponGroupQuerySchema) { by, ...filter }: CouponGroupQuery): Promise<CouponGroups> {
    return this.coupons.groups(filter, by);
  }

  @Get('relevant')
  @ApiOperation({
    summary: 'Coupons that speak to a joint on a machine, newest first, with how many were left out',
  })
  @Answers(relevantCouponsSchema)
  relevant(@Queried(relevantQuerySchema) query: RelevantQuery): Promise<RelevantCoupons> {
    return this.coupons.relevant(query);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One coupon, taken back or not' })
  @Answers(couponSchema)
  one(@Id() id: string): Promise<Coupon> {
    return this.coupons.one(id);
  }

  @Get(':id/entries')
  @ApiOperation({ summary: 'What a coupon said before each amendment' })
  @AnswersMany(couponEntrySchema)
  entries(@Id() id: string): Promise<CouponEntry[]> {
    return this.coupons.entries(id);
  }

  @Put(':id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Log a coupon under an id of the client’s; repeating it is the same save' })
  @AnswersSave(couponSchema)
  async log(
    @Id() id: string,
    @Sent(couponDraftSchema) draft: CouponDraft,
    @By() by: Person,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Coupon> {
    const { coupon, isNew } = await this.coupons.log(id, draft, by);
    response.status(isNew ? 201 : 200);
    return coupon;
  }

  @Put(':id/revisions/:revision')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Amend a coupon; what it said before is kept' })
  @Answers(couponSchema)
  amend(
    @Id() id: string,
    @Revision() revision: number,
    @Sent(couponAmendmentSchema) amendment: CouponAmendment,
    @By() by: Person,
  ): Promise<Coupon> {
    return this.coupons.amend(id, revision, amendment, by);
  }

  @Put(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a coupon back; its record is kept' })
  @Answers(couponSchema)
  withdraw(@Id() id: string, @By() by: Person): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back coupon in again' })
  @Answers(couponSchema)
  restore(@Id() id: string, @By() by: Person): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, false, by);
  }
}
