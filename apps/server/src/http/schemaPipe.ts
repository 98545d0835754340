import { fieldProblems } from '@lone-heron/contract';
import type { PipeTransform } from '@nestjs/common';
import type { z } from 'zod';
import { asStored } from './asStored.js';
import { refused } from './problem.js';

/** Lets a value through a schema of the contract, or refuses it field by field. */
export class SchemaPipe<Schema extends z.ZodType> implements PipeTransform<unknown, z.infer<Schema>> {
  /** @param field name put before the paths of refused fields; empty for a body */
  constructor(
    private readonly schema: Schema,
    private readonly field = '',
  ) {}

  transform(sent: unknown): z.infer<Schema> {
    const value = asStored(sent);
    const parsed = this.schema.safeParse(value);
    if (parsed.success) return parsed.data;
    const problems = fieldProblems(parsed.error, value);
    throw refused(problems.map((one) => ({ ...one, field: this.field === '' ? one.field : this.field })));
  }
}
