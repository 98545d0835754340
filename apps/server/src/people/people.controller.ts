import {
  firstLeadSchema,
  personDraftSchema,
  personId,
  personSchema,
  pinResetSchema,
  roleChangeSchema,
  type Person,
} from '@lone-heron/contract';
import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { createZodDto } from 'nestjs-zod';
import { By, For, ForAnyone } from '../access/access.js';
import { SchemaPipe } from '../http/schemaPipe.js';
import { PeopleService } from './people.service.js';

class PersonDto extends createZodDto(personSchema) {}
class PersonDraftDto extends createZodDto(personDraftSchema) {}
class FirstLeadDto extends createZodDto(firstLeadSchema) {}
class PinResetDto extends createZodDto(pinResetSchema) {}
class RoleChangeDto extends createZodDto(roleChangeSchema) {}

const idPipe = new SchemaPipe(personId, 'id');

@ApiTags('people')
@Controller('people')
@ApiOkResponse({ type: PersonDto })
export class PeopleController {
  constructor(private readonly people: PeopleService) {}

  @Get()
  @ForAnyone()
  @ApiOperation({ summary: 'Everybody of the shop: the list to sign in from' })
  @ApiOkResponse({ type: [PersonDto] })
  list(): Promise<Person[]> {
    return this.people.list();
  }

  @Put(':id/first-lead')
  @ForAnyone()
  @ApiOperation({ summary: 'Make the first lead of a shop that has none' })
  makeFirstLead(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(firstLeadSchema)) lead: FirstLeadDto,
  ): Promise<Person> {
    return this.people.makeFirstLead(id, lead);
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Add somebody under an id of the client’s' })
  add(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(personDraftSchema)) draft: PersonDraftDto,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.add(id, draft, by);
  }

  @Put(':id/role')
  @For('lead')
  @ApiOperation({ summary: 'Give somebody another role' })
  setRole(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(roleChangeSchema)) { role }: RoleChangeDto,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.setRole(id, role, by);
  }

  @Put(':id/pin')
  @For('lead')
  @ApiOperation({ summary: 'Give somebody a new PIN and lift their lock' })
  resetPin(
    @Param('id', idPipe) id: string,
    @Body(new SchemaPipe(pinResetSchema)) { newPin }: PinResetDto,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.resetPin(id, newPin, by);
  }

  @Put(':id/disabled')
  @For('lead')
  @ApiOperation({ summary: 'Keep somebody from signing in; what they did stays theirs' })
  disable(@Param('id', idPipe) id: string, @By() by: Person): Promise<Person> {
    return this.people.setDisabled(id, true, by);
  }

  @Delete(':id/disabled')
  @For('lead')
  @ApiOperation({ summary: 'Let somebody sign in again' })
  enable(@Param('id', idPipe) id: string, @By() by: Person): Promise<Person> {
    return this.people.setDisabled(id, false, by);
  }
}
