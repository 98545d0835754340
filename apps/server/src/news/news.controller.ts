import { newsQuerySchema, newsSchema, type News, type NewsQuery } from '@lone-heron/contract';
import { Controller, Sse } from '@nestjs/common';
import { ApiOperation, ApiTags } from '@nestjs/swagger';
import { concat, defer, from, interval, map, merge, takeUntil, timer, type Observable } from 'rxjs';
import { Answers, Queried } from '../http/schemaRoutes.js';
import { NewsService } from './news.service.js';

/** A line that says nothing for so long is taken for broken by what lies between, ms. */
const beatEvery = 20_000;
/** Then whoever listens asks again, and is looked at again, ms. */
const longest = 15 * 60_000;
/** A page asks again so long after its line broke, ms. */
const askAgainAfter = 1000;

interface Sent {
  readonly data: News;
  readonly retry: number;
}

@ApiTags('news')
@Controller('news')
export class NewsController {
  constructor(private readonly news: NewsService) {}

  @Sse()
  @ApiOperation({ summary: 'What was stored, as it is stored: what to ask for anew (server-sent events)' })
  @Answers(newsSchema)
  listen(@Queried(newsQuerySchema) { age }: NewsQuery): Observable<Sent> {
    const now = () => this.news.now();
    const missed = () => (age === undefined ? null : this.news.since(performance.now() - age));
    const first = defer(() => from([now(), missed()].filter((news) => news !== null)));
    const beats = interval(beatEvery).pipe(map(now));
    return concat(first, merge(this.news.all, beats)).pipe(
      map((data) => ({ data, retry: askAgainAfter })),
      takeUntil(merge(timer(longest), this.news.over)),
    );
  }
}
