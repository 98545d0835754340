import type { Change, LinkRead, LinkSending, LinkStored, MachineLink } from '@lone-heron/contract';
import { fakeMachine, type FakeMachine } from '../testing/fakeMachine.js';
import { newId, startSampleServer, type SampleServer } from '../testing/sampleServer.js';
import { nearAddress } from './face/nearAddress.js';

let server: SampleServer;
let machine: FakeMachine;
beforeEach(async () => {
  server = await startSampleServer();
  machine = await fakeMachine();
});
afterEach(async () => {
  await server.stop();
  await machine.stop();
});

const at = (path = '') => `/api/machines/bench/link${path}`;
const save = (changes: object = {}, revision = 1) =>
  server.http.put(at(`/revisions/${revision}`)).send({ ...machine.link, ...changes });
const power = (value: number) => ({ wanted: [{ key: 'power', value }], what: 'what Dial says' });
const send = async (draft: object, id = newId()) =>
  (
    await server.http
      .put(at(`/sendings/${id}`))
      .send(draft)
      .expect(200)
  ).body as LinkSending;
const detail = (body: unknown) => JSON.stringify(body);

describe('a link', () => {
  it('is said by a lead, revision by revision, and stands in the history', async () => {
    expect((await server.http.get(at()).expect(200)).body).toEqual([]);
    const { body } = (await save().expect(200)) as { body: MachineLink };
    expect(body).toMatchObject({ ...machine.link, machineId: 'bench', revision: 1, savedBy: 'ines' });
    await save().expect(200);
    await save({ mayWrite: false }, 1).expect(409);
    await save({ mayWrite: false }, 2).expect(200);
    expect((await server.http.get(at())).body).toMatchObject([{ revision: 2, mayWrite: false }]);
    const changes = (await server.http.get('/api/changes')).body as { changes?: Change[] } | Change[];
    expect(JSON.stringify(changes)).toContain('switched writing to');
    const welder = await server.desk('maren');
    await welder.put(at('/revisions/3')).send(machine.link).expect(403);
  });

  it.each([
    [{ host: 'http://somewhere/' }, 'without port or path'],
    [{ port: 0 }, '1 to 65535'],
    [{ allowed: ['lightOn'] }, 'power, duty'],
  ])('that cannot be is refused: %j', async (changes, allowed) => {
    const { body } = await save(changes).expect(422);
    expect(detail(body)).toContain(allowed);
  });

  it('with a map that contradicts itself is refused point by point', async () => {
    const [first, ...rest] = machine.link.map.points;
    const withPoint = (changes: object) => ({
      map: { ...machine.link.map, points: [{ ...first, ...changes }, ...rest] },
    });
    for (const [changes, allowed] of [
      [{ scale: 0 }, 'not 0'],
      [{ area: 'input' }, 'holding: power is a parameter'],
      [{ key: 'lightOn', area: 'coil', type: 'u16' }, 'bit, which a coil is'],
      [{ address: 65535, type: 'f32' }, 'at most 65534'],
      [{ key: 'lightOn', area: 'input' }, 'each key once'],
    ] as const)
      expect(detail((await save(withPoint(changes)).expect(422)).body)).toContain(allowed);
  });
});

describe('reading', () => {
  it('says every value, before the link is saved too', async () => {
    const { body } = (await server.http.put(at('/trial')).send(machine.link).expect(200)) as {
      body: LinkRead;
    };
    expect(body.readings.slice(0, 3)).toEqual([
      { key: 'power', value: 600, fault: null },
      { key: 'wobbleWidth', value: 2, fault: null },
      { key: 'takesWrites', value: 1, fault: null },
    ]);
    expect((await server.http.get(at())).body).toEqual([]);
    await save().expect(200);
    await server.http.put(at('/reading')).expect(200);
  });

  it('says where a value cannot be: a wrong order of bytes, a wrong scale', async () => {
    const [first, ...rest] = machine.link.map.points;
    const map = { ...machine.link.map, points: [{ ...first, byteOrder: 'DCBA' }, ...rest] };
    const { body } = (await server.http
      .put(at('/trial'))
      .send({ ...machine.link, map })
      .expect(200)) as {
      body: LinkRead;
    };
    expect(body.readings[0]).toMatchObject({ key: 'power', value: null });
    expect(body.readings[0]?.fault).toContain('look at the type, the order of bytes');
  });

  it('of a machine that is off, or elsewhere, says so', async () => {
    await save().expect(200);
    await machine.stop();
    expect(detail((await server.http.put(at('/reading')).expect(409)).body)).toContain('does not answer');
    const far = { ...machine.link, host: '8.8.8.8' };
    expect(detail((await server.http.put(at('/trial')).send(far).expect(409)).body)).toContain(
      'own networks',
    );
    machine = await fakeMachine();
  });
});

describe('sending', () => {
  beforeEach(async () => {
    await save().expect(200);
  });

  it('writes, reads back, and says what stood there before; the same id writes nothing again', async () => {
    const id = newId();
    const draft = {
      wanted: [
        { key: 'power', value: 855 },
        { key: 'wobbleWidth', value: 2 },
      ],
      what: 'card 3',
    };
    const sent = await send(draft, id);
    expect(sent).toMatchObject({ outcome: 'sent', why: '', sentBy: 'ines' });
    expect(sent.values).toEqual([
      { key: 'power', wanted: 855, before: 600, now: 855 },
      { key: 'wobbleWidth', wanted: 2, before: 2, now: 2 },
    ]);
    // What stands as it should is not written.
    expect(machine.written).toEqual([[1, 855]]);
    expect(await send(draft, id)).toEqual(sent);
    expect(machine.written).toHaveLength(1);
    await server.http
      .put(at(`/sendings/${id}`))
      .send(power(700))
      .expect(409);
    expect((await server.http.get(at('/sendings'))).body).toEqual([sent]);
    expect(JSON.stringify((await server.http.get('/api/changes')).body)).toContain('sent card 3 to');
  });

  it.each([
    ['it is armed', 0b011, 'ready for emission'],
    ['its light is on', 0b101, 'light is on'],
    ['its panel keeps it for itself', 0b000, 'does not take writes'],
  ])('is refused while %s', async (_when, states, why) => {
    machine.registers.set(10, states);
    const refused = await send(power(855));
    expect(refused).toMatchObject({ outcome: 'stopped', values: [{ before: null, now: null }] });
    expect(refused.why).toContain(why);
    expect(machine.written).toEqual([]);
  });

  it('is refused where its map has an alarm and what stands there cannot be', async () => {
    const alarm = { key: 'alarm', area: 'input', address: 12, type: 'i16', byteOrder: 'ABCD' };
    const points = [...machine.link.map.points, { ...alarm, bit: 0, scale: 1, offset: 0 }];
    await save({ map: { ...machine.link.map, points } }, 2).expect(200);
    machine.registers.set(12, 0xffff);
    expect((await send(power(855))).why).toContain('alarm reads -1');
    expect(machine.written).toEqual([]);
    machine.registers.set(12, 0);
    expect((await send(power(855))).outcome).toBe('sent');
  });

  it('stops in the middle where somebody arms it there', async () => {
    machine.bend = (_address, value) => {
      machine.registers.set(10, 0b011);
      return value;
    };
    const stopped = await send({
      wanted: [
        { key: 'power', value: 855 },
        { key: 'wobbleWidth', value: 3 },
      ],
      what: 'card 3',
    });
    expect(stopped.outcome).toBe('stopped');
    expect(machine.written).toEqual([[1, 855]]);
    expect(stopped.values[1]).toMatchObject({ before: null, now: null });
  });

  it('stops where the machine holds something else than was sent', async () => {
    machine.bend = () => 840;
    const stopped = await send(power(855));
    expect(stopped.why).toBe('power was sent as 855 W and reads 840 W. Nothing more was written.');
    expect(stopped.values[0]).toMatchObject({ before: 600, now: 840 });
  });

  it('says where somebody else writes to it too', async () => {
    machine.bend = (_address, value) => {
      machine.registers.set(11, 4);
      return value;
    };
    expect((await send(power(855))).why).toContain('somebody else writes');
  });

  it('is never repeated where the machine does not answer, and says that it is not known', async () => {
    machine.before = async (address) => {
      if (address === 1 && machine.written.length === 0 && machine.registers.get(99) === 1)
        await new Promise(() => {});
      if (address === 1) machine.registers.set(99, 1);
    };
    const stopped = await send(power(855));
    expect(stopped.outcome).toBe('stopped');
    expect(stopped.why).toContain('did not answer in time');
    expect(machine.written.length).toBeLessThanOrEqual(1);
  });

  it('is refused beyond the list, the machine’s limits and the map, and while it is switched off', async () => {
    expect((await send(power(9000))).why).toContain('this machine takes');
    expect((await send({ wanted: [{ key: 'wireSpeed', value: 10 }], what: '' })).why).toContain(
      'map has no wire speed',
    );
    await save({ allowed: ['wobbleWidth'] }, 2).expect(200);
    expect((await send(power(855))).why).toContain('not on the list');
    await save({ mayWrite: false }, 3).expect(200);
    expect((await send(power(855))).why).toContain('switched off');
    expect(machine.written).toEqual([]);
    await server.http
      .put(at(`/sendings/${newId()}`))
      .send({ wanted: [], what: '' })
      .expect(422);
    await server.http
      .put(at(`/sendings/${newId()}`))
      .send({ wanted: [{ key: 'lightOn', value: 1 }], what: '' })
      .expect(422);
  });
});

describe('an address', () => {
  it.each([
    ['127.0.0.1', true],
    ['192.168.10.20', true],
    ['10.1.2.3', true],
    ['172.16.0.1', true],
    ['172.32.0.1', false],
    ['8.8.8.8', false],
    ['::1', true],
    ['2001:4860:4860::8888', false],
  ])('%s is of the shop’s own networks: %s', async (host, isNear) => {
    expect((await nearAddress(host)) !== null).toBe(isNear);
  });
});

describe('what is stored in a machine', () => {
  const place = { area: 'holding', type: 'u16', byteOrder: 'ABCD', bit: 0, scale: 1, offset: 0 };
  const stored = () => server.http.put(at('/stored'));
  const withMap = (changes: object, revision = 1) =>
    save({ map: { ...machine.link.map, ...changes } }, revision);

  it('is read slot by slot and entry by entry, and nothing is written', async () => {
    const slots = { count: 3, stride: 10, points: [{ ...place, key: 'power', address: 100 }] };
    const feeder = [{ ...place, name: 'start delay', unit: 'ms', address: 200, scale: 10 }];
    machine.registers.set(100, 500).set(110, 700).set(120, 65_000).set(200, 20);
    await withMap({ slots, feeder }).expect(200);
    const { body } = (await stored().expect(200)) as { body: LinkStored };
    expect(body.slots.map(({ slot, readings }) => [slot, readings[0]?.value])).toEqual([
      [1, 500],
      [2, 700],
      [3, null],
    ]);
    expect(body.slots[2]?.readings[0]?.fault).toContain('which no machine has');
    expect(body.feeder).toEqual([{ name: 'start delay', value: '200 ms', fault: null }]);
    expect(machine.written).toEqual([]);
  });

  it('is empty where the map says nothing of it', async () => {
    await save().expect(200);
    expect((await stored().expect(200)).body).toMatchObject({ slots: [], feeder: [] });
  });

  it.each([
    [
      { slots: { count: 3, stride: 10, points: [{ ...place, key: 'alarm', address: 1 }] } },
      'parameters alone',
    ],
    [
      { slots: { count: 99, stride: 1000, points: [{ ...place, key: 'power', address: 1 }] } },
      'ends by 65535',
    ],
    [{ feeder: [{ ...place, name: 'delay', unit: 'ms', address: 65_535, type: 'u32' }] }, 'at most 65534'],
  ])('cannot be placed so: %j', async (changes, allowed) => {
    const { body } = await withMap(changes).expect(422);
    expect(detail(body)).toContain(allowed);
  });
});

describe('two servers at one machine', () => {
  it('each end a sending with the truth: what stands there, or that somebody else wrote', async () => {
    const second = await startSampleServer();
    try {
      await save().expect(200);
      await second.http.put(at('/revisions/1')).send(machine.link).expect(200);
      const sent = await Promise.all(
        [server, second].flatMap(({ http }, from) =>
          [0, 1, 2].map(async (go) => {
            const draft = power(500 + 100 * from + go);
            const { body } = await http
              .put(at(`/sendings/${newId()}`))
              .send(draft)
              .expect(200);
            return { draft, sending: body as LinkSending };
          }),
        ),
      );
      for (const { draft, sending } of sent) {
        const [value] = sending.values;
        if (sending.outcome === 'sent') expect(value?.now).toBe(draft.wanted[0]?.value);
        else expect(sending.why).toMatch(/somebody else writes to it too|and reads/);
      }
      // Nothing was written but what somebody wanted.
      const wanted = new Set(sent.map(({ draft }) => draft.wanted[0]?.value));
      for (const [, value] of machine.written) expect(wanted).toContain(value);
      expect((await second.http.get(at('/sendings'))).body).toHaveLength(3);
    } finally {
      await second.stop();
    }
  });
});
