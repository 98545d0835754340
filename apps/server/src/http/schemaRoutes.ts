import * as contract from '@lone-heron/contract';
import { clientId, machineId, personId, revisionNumber } from '@lone-heron/contract';
import { applyDecorators, Body, Header, Param, Query } from '@nestjs/common';
import { ApiBody, ApiCreatedResponse, ApiOkResponse } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { z } from 'zod';
import { SchemaPipe } from './schemaPipe.js';

/**
 * Routes say the contract's schema once: what is sent is let through it or refused field by field, and the description of
 * the API knows it by the name the contract exports it under.
 */

/** A part of the path that a schema reads. */
export function PathPart(name: string, schema: z.ZodType): ParameterDecorator {
  return Param(name, new SchemaPipe(schema, name));
}

/** An id that a client gave. */
export const Id = (name = 'id') => PathPart(name, clientId);
export const MachineId = (name = 'id') => PathPart(name, machineId);
export const PersonId = (name = 'id') => PathPart(name, personId);
export const Revision = (name = 'revision') => PathPart(name, revisionNumber);

/** The body, as a schema of the contract has it. */
export function Sent(schema: z.ZodType): ParameterDecorator {
  return (target, key, index) => {
    Body(new SchemaPipe(schema))(target, key, index);
    const type = describedBy(schema);
    if (key === undefined || type === null) return;
    const method = Object.getOwnPropertyDescriptor(target, key) as PropertyDescriptor;
    ApiBody({ type })(target, key, method);
  };
}

/** The query, as a schema of the contract has it. */
export const Queried = (schema: z.ZodType) => Query(new SchemaPipe(schema));

/** What a route answers, or every route of a controller. */
export const Answers = (schema: z.ZodType) => ApiOkResponse({ type: requireDescribed(schema) });

/** The same, where it comes as text already. */
export const AnswersJson = (schema: z.ZodType) =>
  applyDecorators(Answers(schema), Header('Content-Type', 'application/json; charset=utf-8'));

/** A list of what the schema describes. */
export const AnswersMany = (schema: z.ZodType) => ApiOkResponse({ type: [requireDescribed(schema)] });

/** What a save answers: 201 where it is new, 200 where it is the same save again. */
export const AnswersSave = (schema: z.ZodType) =>
  applyDecorators(
    ApiCreatedResponse({ type: requireDescribed(schema) }),
    ApiOkResponse({ type: requireDescribed(schema), description: 'It was stored already.' }),
  );

type Described = ReturnType<typeof createZodDto>;

/** Schemas of the contract by what they are exported as, without the word "Schema". */
const names = new Map(
  // As unknown: the union of the types of all that is exported is more than a type checker takes in.
  Object.entries<unknown>({ ...contract }).flatMap(([name, value]) =>
    value instanceof z.ZodType ? [[value, named(name)] as const] : [],
  ),
);
const described = new Map<z.ZodType, Described>();

function named(exported: string): string {
  const bare = exported.replace(/Schema$/, '');
  return bare.charAt(0).toUpperCase() + bare.slice(1);
}

/** The class that the description of the API takes for a schema; null for one that the contract does not export. */
function describedBy(schema: z.ZodType): Described | null {
  const name = names.get(schema);
  if (name === undefined) return null;
  const known = described.get(schema);
  if (known !== undefined) return known;
  const made = createZodDto(schema);
  Object.defineProperty(made, 'name', { value: name });
  described.set(schema, made);
  return made;
}

function requireDescribed(schema: z.ZodType): Described {
  const type = describedBy(schema);
  if (type === null) throw new Error('a route answers a schema that the contract does not export');
  return type;
}
