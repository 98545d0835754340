import {
  linkReadSchema,
  linkSendingDraftSchema,
  linkSendingSchema,
  linkStoredSchema,
  machineLinkDraftSchema,
  machineLinkSchema,
  type LinkRead,
  type LinkSending,
  type LinkSendingDraft,
  type LinkStored,
  type MachineLink,
  type MachineLinkDraft,
  type Person,
} from '@lone-heron/contract';
import { Controller, Get, Put } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { By, For } from '../access/access.js';
import { Answers, AnswersMany, Id, MachineId, Revision, Sent } from '../http/schemaRoutes.js';
import { LinksService } from './links.service.js';

@ApiTags('links')
@Controller('machines/:id/link')
export class LinksController {
  constructor(private readonly links: LinksService) {}

  @Get()
  @ApiOperation({
    summary: 'How a machine is reached over its wire: one link, or none where nobody has said',
  })
  @AnswersMany(machineLinkSchema)
  async find(@MachineId() machineId: string): Promise<MachineLink[]> {
    const link = await this.links.find(machineId);
    return link === null ? [] : [link];
  }

  @Put('revisions/:revision')
  @For('lead')
  @ApiOperation({ summary: 'Say how a machine is reached, and whether anything may be written to it' })
  @Answers(machineLinkSchema)
  revise(
    @MachineId() machineId: string,
    @Revision() revision: number,
    @Sent(machineLinkDraftSchema) draft: MachineLinkDraft,
    @By() by: Person,
  ): Promise<MachineLink> {
    return this.links.revise(machineId, revision, draft, by);
  }

  @Put('trial')
  @For('lead')
  @ApiOperation({ summary: 'Read a machine by a link that is not saved yet; nothing is kept' })
  @Answers(linkReadSchema)
  tryOut(
    @MachineId() machineId: string,
    @Sent(machineLinkDraftSchema) draft: MachineLinkDraft,
  ): Promise<LinkRead> {
    return this.links.tryOut(machineId, draft);
  }

  @Put('reading')
  @For('welder', 'upkeep', 'lead')
  @ApiOperation({ summary: 'What the machine says now; nothing is kept' })
  @Answers(linkReadSchema)
  read(@MachineId() machineId: string): Promise<LinkRead> {
    return this.links.read(machineId);
  }

  @Put('stored')
  @For('welder', 'upkeep', 'lead')
  @ApiOperation({
    summary: 'The programs that are stored in the machine, and its feeder’s menu; nothing is kept',
  })
  @Answers(linkStoredSchema)
  readStored(@MachineId() machineId: string): Promise<LinkStored> {
    return this.links.readStored(machineId);
  }

  @Get('sendings')
  @ApiOperation({ summary: 'What was sent to the machine, newest first' })
  @AnswersMany(linkSendingSchema)
  sendings(@MachineId() machineId: string): Promise<LinkSending[]> {
    return this.links.sendings(machineId);
  }

  @Put('sendings/:sendingId')
  @For('welder', 'lead')
  @ApiOperation({
    summary: 'Send parameters, each read back; the same id is the same sending and writes nothing again',
  })
  @Answers(linkSendingSchema)
  send(
    @MachineId() machineId: string,
    @Id('sendingId') sendingId: string,
    @Sent(linkSendingDraftSchema) draft: LinkSendingDraft,
    @By() by: Person,
  ): Promise<LinkSending> {
    return this.links.send(machineId, sendingId, draft, by);
  }
}
