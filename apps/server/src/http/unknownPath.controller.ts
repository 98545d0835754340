import { All, Controller, Req } from '@nestjs/common';
import { ApiExcludeController } from '@nestjs/swagger';
import type { Request } from 'express';
import { notFound } from './problem.js';

/** Answers every other path under /api, so that none of them falls through to the interface. */
@ApiExcludeController()
@Controller()
export class UnknownPathController {
  @All('{*path}')
  refuse(@Req() request: Request): never {
    throw notFound('path', request.path);
  }
}
