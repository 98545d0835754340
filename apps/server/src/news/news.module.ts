import { Global, Module } from '@nestjs/common';
import { NewsController } from './news.controller.js';
import { NewsService } from './news.service.js';

/** Global: whatever changes without being stored tells it. */
@Global()
@Module({ controllers: [NewsController], providers: [NewsService], exports: [NewsService] })
export class NewsModule {}
