import { Controller, Get, Req, Res } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import type { Request, Response } from 'express';
import { ForAnyone } from '../access/access.js';
import { notFound } from '../http/problem.js';
import { Measures } from './measures.js';

const thisMachine = ['127.0.0.1', '::1', '::ffff:127.0.0.1'];

@ApiTags('health')
@Controller('metrics')
export class MeasuresController {
  constructor(private readonly measures: Measures) {}

  /** To whoever is at the machine itself; elsewhere there is no such thing. */
  @Get()
  @ForAnyone()
  @ApiOperation({
    summary: 'What the server counts of itself, in the text form of Prometheus; on its own machine alone',
  })
  @ApiProduces('text/plain')
  async written(@Req() { socket }: Request, @Res({ passthrough: true }) response: Response): Promise<string> {
    if (!thisMachine.includes(socket.remoteAddress ?? '')) throw notFound('page', '/api/metrics');
    const { text, type } = await this.measures.written();
    response.type(type);
    return text;
  }
}
