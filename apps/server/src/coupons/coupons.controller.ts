import {
  clientId,
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
  revisionNumber,
  type Coupon,
  type CouponEntry,
  type CouponGroupQuery,
  type CouponGroups,
  type CouponPage,
  type CouponQuery,
  type Person,
  type RelevantCoupons,
  type RelevantQuery,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put, Query, Res } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { createZodDto } from 'nestjs-zod';
import { By, For } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { CouponsService } from './coupons.service.js';

class CouponDraftDto extends createZodDto(couponDraftSchema) {}
class CouponDto extends createZodDto(couponSchema) {}
class CouponPageDto extends createZodDto(couponPageSchema) {}
class RelevantCouponsDto extends createZodDto(relevantCouponsSchema) {}
class CouponGroupsDto extends createZodDto(couponGroupsSchema) {}
class CouponAmendmentDto extends createZodDto(couponAmendmentSchema) {}
class CouponEntryDto extends createZodDto(couponEntrySchema) {}

const idPipe = new SchemaPipe(clientId, 'id');
const revisionPipe = new SchemaPipe(revisionNumber, 'revision');

@ApiTags('coupons')
@Controller('coupons')
export class CouponsController {
  constructor(private readonly coupons: CouponsService) {}

  @Get()
  @ApiOperation({ summary: 'Coupons that match, a stretch at a time' })
  @ApiOkResponse({ type: CouponPageDto })
  list(@Query(new SchemaPipe(couponQuerySchema)) query: CouponQuery): Promise<CouponPage> {
    return this.coupons.list(query);
  }

  @Get('groups')
  @ApiOperation({ summary: 'How many coupons match under each heading' })
  @ApiOkResponse({ type: CouponGroupsDto })
  groups(
    @Query(new SchemaPipe(couponGroupQuerySchema)) { by, ...filter }: CouponGroupQuery,
  ): Promise<CouponGroups> {
    return this.coupons.groups(filter, by);
  }

  @Get('relevant')
  @ApiOperation({
    summary: 'Coupons that speak to a joint on a machine, newest first, with how many were left out',
  })
  @ApiOkResponse({ type: RelevantCouponsDto })
  relevant(@Query(new SchemaPipe(relevantQuerySchema)) query: RelevantQuery): Promise<RelevantCoupons> {
    return this.coupons.relevant(query);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One coupon, taken back or not' })
  @ApiOkResponse({ type: CouponDto })
  one(@Param('id', idPipe) id: string): Promise<Coupon> {
    return this.coupons.one(id);
  }

  @Get(':id/entries')
  @ApiOperation({ summary: 'What a coupon said before each amendment' })
  @ApiOkResponse({ type: [CouponEntryDto] })
  entries(@Param('id', idPipe) id: string): Promise<CouponEntry[]> {
    return this.coupons.entries(id);
  }

  @Put(':id')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Log a coupon under an id of the client’s; repeating it is the same save' })
  @ApiCreatedResponse({ type: CouponDto })
  @ApiOkResponse({ type: CouponDto, description: 'It was stored already.' })
  async log(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(couponDraftSchema)) draft: CouponDraftDto,
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
  @ApiOkResponse({ type: CouponDto })
  amend(
    @Param('id', idPipe) id: string,
    @Param('revision', revisionPipe) revision: number,
    @Body(new SchemaPipe(couponAmendmentSchema)) amendment: CouponAmendmentDto,
    @By() by: Person,
  ): Promise<Coupon> {
    return this.coupons.amend(id, revision, amendment, by);
  }

  @Put(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a coupon back; its record is kept' })
  @ApiOkResponse({ type: CouponDto })
  withdraw(@Param('id', idPipe) id: string, @By() by: Person): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, true, by);
  }

  @Delete(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back coupon in again' })
  @ApiOkResponse({ type: CouponDto })
  restore(@Param('id', idPipe) id: string, @By() by: Person): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, false, by);
  }
}
