import { personSchema, type Person } from '@lone-heron/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { PeopleService } from './people.service.js';

class PersonDto extends createZodDto(personSchema) {}

@ApiTags('people')
@Controller('people')
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get()
  @ApiOperation({ summary: 'Everybody who welds here' })
  @ApiOkResponse({ type: [PersonDto] })
  list(): Promise<Person[]> {
    return this.people.list();
  }
}
