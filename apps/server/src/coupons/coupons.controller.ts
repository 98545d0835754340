import {
  clientId,
  couponDraftSchema,
  couponPageSchema,
  couponQuerySchema,
  couponSchema,
  type Coupon,
  type CouponPage,
  type CouponQuery,
  type Person,
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

const idPipe = new SchemaPipe(clientId, 'id');

@ApiTags('coupons')
@Controller('coupons')
export class CouponsController {
  constructor(private readonly coupons: CouponsService) {}

  @Get()
  @ApiOperation({ summary: 'Coupons, newest first' })
  @ApiOkResponse({ type: CouponPageDto })
  list(@Query(new SchemaPipe(couponQuerySchema)) query: CouponQuery): Promise<CouponPage> {
    return this.coupons.list(query);
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

  @Put(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Take a coupon back; its record is kept' })
  @ApiOkResponse({ type: CouponDto })
  withdraw(@Param('id', idPipe) id: string): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, true);
  }

  @Delete(':id/withdrawal')
  @For('welder', 'lead')
  @ApiOperation({ summary: 'Put a taken-back coupon in again' })
  @ApiOkResponse({ type: CouponDto })
  restore(@Param('id', idPipe) id: string): Promise<Coupon> {
    return this.coupons.setWithdrawn(id, false);
  }
}
