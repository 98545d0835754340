import type { LiveMachine } from '@lone-heron/contract';
import { Neighbours } from '../storage/Neighbours.js';
import { LiveElsewhere } from './LiveElsewhere.js';

const live = (changes: Partial<LiveMachine> = {}): LiveMachine => ({
  ...{ machineId: 'bench', heardAt: null, values: [], lit: null, alarm: null, last: null },
  ...{ brokerPort: null, away: '' },
  faults: { jumps: 0, late: 0, unread: 0, lastUnread: '' },
  ...changes,
});
const at = (second: number) => new Date(Date.UTC(2026, 10, 30, 9, 0, second)).toISOString();
const silentAfter = 2_000;
const lit = { since: at(4), litS: 3 };

let neighbours: Neighbours;
let elsewhere: LiveElsewhere;
beforeEach(() => {
  neighbours = new Neighbours();
  elsewhere = new LiveElsewhere(neighbours);
  elsewhere.onModuleInit();
});
afterEach(() => elsewhere.onModuleDestroy());

const newest = (here: LiveMachine, second: number) =>
  elsewhere.newest(here, silentAfter, Date.parse(at(second)));
const hear = (told: LiveMachine) => neighbours.hear(JSON.stringify(told));

describe('a machine that another server hears', () => {
  it('is shown as it was heard there, with the port of the own broker', () => {
    hear(live({ heardAt: at(5), lit, brokerPort: 1884 }));
    expect(newest(live({ brokerPort: 1883 }), 6)).toEqual(live({ heardAt: at(5), lit, brokerPort: 1883 }));
  });

  it('is shown as it was heard here, where that was later', () => {
    hear(live({ heardAt: at(5), lit }));
    const here = live({ heardAt: at(6) });
    expect(newest(here, 6)).toBe(here);
  });

  it('has no light on once nothing was said for too long: its server may be gone', () => {
    hear(live({ heardAt: at(5), lit }));
    expect(newest(live(), 7).lit).toEqual(lit);
    expect(newest(live(), 8).lit).toBeNull();
  });

  it('is told of only when something changed, and once it was heard at all', () => {
    const said: string[] = [];
    neighbours.said.subscribe((words) => said.push(words));
    elsewhere.tell([live()]);
    expect(said).toEqual([]);
    for (let i = 0; i < 2; i++) elsewhere.tell([live({ heardAt: at(5) })]);
    elsewhere.tell([live({ heardAt: at(6) })]);
    expect(said.map((words) => (JSON.parse(words) as LiveMachine).heardAt)).toEqual([at(5), at(6)]);
  });

  it('stays as it was where what is said of it is nonsense', () => {
    hear(live({ heardAt: at(5) }));
    for (const words of ['', '{}', '{"machineId":"bench"}']) neighbours.hear(words);
    expect(newest(live(), 6).heardAt).toBe(at(5));
  });
});
