import {
  firstLeadSchema,
  nameChangeSchema,
  personDraftSchema,
  personSchema,
  pinResetSchema,
  roleChangeSchema,
  workshopChangeSchema,
  type Person,
  type FirstLead,
  type NameChange,
  type PersonDraft,
  type PinReset,
  type RoleChange,
  type WorkshopChange,
} from '@lone-heron/contract';
import { Controller, Delete, Get, Inject, Put, Req } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For, ForAnyone, type HeronRequest } from '../access/access.js';
import { signInPlan, type SignInPlan } from '../access/SignInPlan.js';
import { takesPins } from '../access/takesPins.js';
import { Answers, AnswersMany, PersonId, Sent } from '../http/schemaRoutes.js';
import { PeopleService } from './people.service.js';

@ApiTags('people')
@Controller('people')
@Answers(personSchema)
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    @Inject(signInPlan) private readonly ways: SignInPlan,
  ) {}

  @Get()
  @ForAnyone()
  @ApiOperation({ summary: 'Everybody of the shop: the list to sign in from' })
  @AnswersMany(personSchema)
  async list(@Req() request: HeronRequest): Promise<Person[]> {
    // Where no PIN is taken, nobody picks a name to sign in with: there the list is for those who are in.
    const isShown = request.person !== null || takesPins(this.ways.pinFrom, request);
    return isShown ? this.people.list() : [];
  }

  @Put(':id/first-lead')
  @ForAnyone()
  @ApiOperation({ summary: 'Make the first lead of a shop that has none' })
  makeFirstLead(@PersonId() id: string, @Sent(firstLeadSchema) lead: FirstLead): Promise<Person> {
    return this.people.makeFirstLead(id, lead);
  }

  @Put(':id')
  @For('lead')
  @ApiOperation({ summary: 'Add somebody under an id of the client’s' })
  add(
    @PersonId() id: string,
    @Sent(personDraftSchema) draft: PersonDraft,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.add(id, draft, by);
  }

  @Put(':id/name')
  @For('lead')
  @ApiOperation({ summary: 'Call somebody otherwise' })
  rename(
    @PersonId() id: string,
    @Sent(nameChangeSchema) { name }: NameChange,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.rename(id, name, by);
  }

  @Put(':id/role')
  @For('lead')
  @ApiOperation({ summary: 'Give somebody another role' })
  setRole(
    @PersonId() id: string,
    @Sent(roleChangeSchema) { role }: RoleChange,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.setRole(id, role, by);
  }

  @Put(':id/workshop')
  @For('lead')
  @ApiOperation({ summary: 'Make somebody a workshop’s, or the whole firm’s' })
  setWorkshop(
    @PersonId() id: string,
    @Sent(workshopChangeSchema) { workshopId }: WorkshopChange,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.setWorkshop(id, workshopId, by);
  }

  @Put(':id/pin')
  @For('lead')
  @ApiOperation({ summary: 'Give somebody a new PIN and lift their lock' })
  resetPin(
    @PersonId() id: string,
    @Sent(pinResetSchema) { newPin }: PinReset,
    @By() by: Person,
  ): Promise<Person> {
    return this.people.resetPin(id, newPin, by);
  }

  @Put(':id/disabled')
  @For('lead')
  @ApiOperation({ summary: 'Keep somebody from signing in; what they did stays theirs' })
  disable(@PersonId() id: string, @By() by: Person): Promise<Person> {
    return this.people.setDisabled(id, true, by);
  }

  @Delete(':id/disabled')
  @For('lead')
  @ApiOperation({ summary: 'Let somebody sign in again' })
  enable(@PersonId() id: string, @By() by: Person): Promise<Person> {
    return this.people.setDisabled(id, false, by);
  }
}
