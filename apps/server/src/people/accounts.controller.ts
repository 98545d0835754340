import {
  accountDraftSchema,
  accountSchema,
  type Account,
  type AccountDraft,
  type Person,
} from '@lone-heron/contract';
import { Controller, Delete, Get, HttpCode, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, PersonId, Sent } from '../http/schemaRoutes.js';
import { AccountsService } from './accounts.service.js';

@ApiTags('people')
@Controller()
export class AccountsController {
  constructor(private readonly accounts: AccountsService) {}

  @Get('accounts')
  @For('lead')
  @ApiOperation({ summary: 'How people sign in who come over the network' })
  @AnswersMany(accountSchema)
  list(): Promise<Account[]> {
    return this.accounts.list();
  }

  @Put('people/:id/account')
  @For('lead')
  @ApiOperation({ summary: 'Give somebody an account, or change it; every device of theirs signs in again' })
  @Answers(accountSchema)
  save(
    @PersonId() id: string,
    @Sent(accountDraftSchema) draft: AccountDraft,
    @By() by: Person,
  ): Promise<Account> {
    return this.accounts.save(id, draft, by);
  }

  @Delete('people/:id/account')
  @For('lead')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take somebody’s account away; their PIN stays' })
  @ApiNoContentResponse()
  remove(@PersonId() id: string, @By() by: Person): Promise<void> {
    return this.accounts.remove(id, by);
  }
}
