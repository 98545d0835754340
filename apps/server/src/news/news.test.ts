import { newsKinds, newsSchema, type News } from '@lone-heron/contract';
import { DataSource } from 'typeorm';
import type { AddressInfo } from 'node:net';
import { createApp } from '../createApp.js';
import {
  couponDraft,
  newId,
  startSampleServer,
  windowChange,
  type SampleServer,
} from '../testing/sampleServer.js';
import { NewsService } from './news.service.js';
import { tableNews } from './tableNews.js';

let server: SampleServer;
let port: number;
beforeAll(async () => {
  server = await startSampleServer();
  await server.app.listen(0, '127.0.0.1');
  ({ port } = server.app.getHttpServer().address() as AddressInfo);
});
afterAll(() => server.stop());

/** A page that listens: what it was told, and a way to wait for something among it. */
async function listen(at = port, query = '') {
  const end = new AbortController();
  const answer = await fetch(`http://127.0.0.1:${at}/api/news${query}`, { signal: end.signal });
  const told: News[] = [];
  let isOver = false;
  let wake: () => void = () => undefined;
  const read = async () => {
    let rest = '';
    for await (const part of answer.body?.pipeThrough(new TextDecoderStream()) ?? []) {
      const lines = (rest + part).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines)
        if (line.startsWith('data: ')) told.push(newsSchema.parse(JSON.parse(line.slice(6))));
      wake();
    }
  };
  const reading = read()
    .catch(() => undefined)
    .finally(() => {
      isOver = true;
      wake();
    });
  const until = async (holds: () => boolean) => {
    while (!holds()) await new Promise<void>((resolve) => (wake = resolve));
  };
  return {
    answer,
    told,
    heard: (kind: News['kinds'][number]) => until(() => told.some(({ kinds }) => kinds.includes(kind))),
    over: () => until(() => isOver),
    leave: async () => {
      end.abort();
      await reading;
    },
  };
}

describe('news', () => {
  it('say what to ask for anew once it is stored, with the page that did it', async () => {
    const page = await listen();
    expect(page.answer.headers.get('content-type')).toBe('text/event-stream');
    await server.http
      .put(`/api/coupons/${newId()}`)
      .set('X-Lone-Heron', 'the page at the door')
      .send(couponDraft())
      .expect(201);
    await page.heard('coupon');
    const [first, ...rest] = page.told;
    expect(first).toMatchObject({ kinds: [], page: '' });
    const coupon = rest.find(({ kinds }) => kinds.includes('coupon'));
    expect(coupon).toMatchObject({
      kinds: expect.arrayContaining(['coupon']) as unknown,
      saves: (first?.saves ?? 0) + 1,
      page: 'the page at the door',
    });
    await page.leave();
  });

  it('begin with what was stored since a page began, for it fetched before it listened', async () => {
    const news = server.app.get(NewsService);
    const began = performance.now();
    await server.http.put(`/api/coupons/${newId()}`).send(couponDraft()).expect(201);
    const since = news.since(began);
    expect(since).toMatchObject({ saves: news.now().saves, page: '' });
    expect(since?.kinds).toContain('coupon');
    expect(since?.kinds).not.toContain('window');
    expect(news.since(performance.now())).toBeNull();
    // Before it was there anything may have been stored.
    expect(news.since(0)?.kinds).toEqual(newsKinds);
    const early = await listen(port, `?age=${24 * 3_600_000}`);
    await early.heard('coupon');
    expect(early.told.slice(0, 2).map(({ kinds }) => kinds.length)).toEqual([0, newsKinds.length]);
    await early.leave();
    await server.http.get('/api/news?age=long').expect(422);
  });

  it('are never none where something was stored: none says that a page may have missed something', async () => {
    const page = await listen();
    await server.desk('maren');
    await page.heard('unseen');
    expect(page.told.slice(1).every(({ kinds }) => kinds.length > 0)).toBe(true);
    await page.leave();
  });

  it('name everything that one save touched, and nothing of what was refused', async () => {
    const page = await listen();
    await server.http
      .put(`/api/coupons/${newId()}`)
      .send(couponDraft({ lightOnS: -1 }))
      .expect(422);
    await server.http
      .put(`/api/windows/${newId()}`)
      .send(windowChange())
      .expect(({ status }) => expect(status).toBeLessThan(300));
    await page.heard('window');
    expect(page.told.slice(1).map(({ kinds }) => kinds.toSorted())).toEqual([['change', 'window']]);
    await page.leave();
  });

  it('end when the shop is closed, and when the listener leaves', async () => {
    const another = await createApp({ place: server.place, webFolder: null, isOnNetwork: false, tls: null });
    await another.listen(0, '127.0.0.1');
    const at = (another.getHttpServer().address() as AddressInfo).port;
    const [stays, leaves] = [await listen(at), await listen(at)];
    await leaves.leave();
    another.get(NewsService).close();
    await stays.over();
    await another.close();
  });

  it('are closed on the network as reading is', async () => {
    const closed = await createApp({ place: server.place, webFolder: null, isOnNetwork: true, tls: null });
    await closed.listen(0, '127.0.0.1');
    const at = (closed.getHttpServer().address() as AddressInfo).port;
    expect((await fetch(`http://127.0.0.1:${at}/api/news`)).status).toBe(401);
    await closed.close();
  });

  it('have a kind for every table of the shop', () => {
    const tables = server.app.get(DataSource).entityMetadatas.map(({ tableName }) => tableName);
    expect(Object.keys(tableNews).toSorted()).toEqual(tables.toSorted());
  });
});
