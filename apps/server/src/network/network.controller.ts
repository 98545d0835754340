import { networkSchema, type Network } from '@lone-heron/contract';
import { Controller, Get, Header, Inject, StreamableFile } from '@nestjs/common';
import { ApiOperation, ApiProduces, ApiTags } from '@nestjs/swagger';
import { ForAnyone } from '../access/access.js';
import { notFound } from '../http/problem.js';
import { Answers } from '../http/schemaRoutes.js';
import { reachedBy, type ReachedBy } from './reachedBy.js';

/** How the shop is reached. It is told before anybody signs in: a phone that is to trust the shop asks for it first. */
@ApiTags('network')
@Controller('network')
export class NetworkController {
  constructor(@Inject(reachedBy) private readonly reached: ReachedBy) {}

  @Get()
  @ForAnyone()
  @ApiOperation({ summary: 'Addresses, and the fingerprint of the certificate authority' })
  @Answers(networkSchema)
  tell(): Network {
    const { isOnNetwork, addresses, authority } = this.reached;
    return {
      ...{ isOnNetwork, addresses: [...addresses] },
      authority: authority === null ? null : { name: authority.name, fingerprint: authority.fingerprint },
    };
  }

  @Get('authority')
  @ForAnyone()
  @Header('Content-Type', 'application/x-x509-ca-cert')
  @Header('Content-Disposition', 'attachment; filename="lone-heron.crt"')
  @ApiOperation({ summary: 'The certificate authority, to be trusted on a phone' })
  @ApiProduces('application/x-x509-ca-cert')
  authority(): StreamableFile {
    const { authority } = this.reached;
    if (authority === null) throw notFound('certificate authority', 'network');
    return new StreamableFile(Buffer.from(authority.pem));
  }
}
