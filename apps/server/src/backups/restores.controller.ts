import {
  backupContentsSchema,
  backupFileType,
  backupSentSchema,
  passphraseSchema,
  restoreBegunSchema,
  signatureSchema,
  type BackupContents,
  type BackupSent,
  type Passphrase,
  type Person,
  type RestoreBegun,
  type Signature,
} from '@lone-heron/contract';
import { Controller, Put, Req } from '@nestjs/common';
import { ApiConsumes, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { Request } from 'express';
import { By, For } from '../access/access.js';
import { Answers, Id, Sent } from '../http/schemaRoutes.js';
import { SignInService } from '../people/signIn.service.js';
import { RestoresService } from './restores.service.js';

@ApiTags('backups')
@Controller('restores')
export class RestoresController {
  constructor(
    private readonly restores: RestoresService,
    private readonly door: SignInService,
  ) {}

  @Put(':id/of/:backupId')
  @For('lead')
  @ApiOperation({ summary: 'Look through a backup that is kept here; nothing is changed' })
  @Answers(backupContentsSchema)
  lookAtKept(@Id() id: string, @Id('backupId') backupId: string): Promise<BackupContents> {
    return this.restores.lookAtKept(id, backupId);
  }

  @Put(':id/file')
  @For('lead')
  @ApiConsumes(backupFileType)
  @ApiOperation({
    summary:
      'Take a backup in from elsewhere and look through it, or say that it is encrypted; nothing is changed',
  })
  @Answers(backupSentSchema)
  lookAtSent(@Id() id: string, @Req() request: Request): Promise<BackupSent> {
    return this.restores.lookAtSent(id, request);
  }

  @Put(':id/opened')
  @For('lead')
  @ApiOperation({ summary: 'Open a backup that was taken in and is encrypted, and look through it' })
  @Answers(backupContentsSchema)
  openSent(@Id() id: string, @Sent(passphraseSchema) { passphrase }: Passphrase): Promise<BackupContents> {
    return this.restores.openSent(id, passphrase);
  }

  @Put(':id/begun')
  @For('lead')
  @ApiOperation({
    summary: 'Put it in the place of everything, which is set aside; the shop closes for a moment',
  })
  @Answers(restoreBegunSchema)
  async begin(
    @Id() id: string,
    @Sent(signatureSchema) { pin }: Signature,
    @By() by: Person,
  ): Promise<RestoreBegun> {
    await this.door.confirm(by, pin);
    return this.restores.begin(id, by);
  }
}
