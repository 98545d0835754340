import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { ProceduresController } from './procedures.controller.js';
import { ProceduresService } from './procedures.service.js';

@Module({ imports: [PeopleModule], controllers: [ProceduresController], providers: [ProceduresService] })
export class ProceduresModule {}
