import { readMessage } from '@lone-heron/contract';
import {
  normalDraw,
  parameterKeys,
  randomStream,
  readRegisters,
  writeRegisters,
  type LinkKey,
} from '@lone-heron/core';
import fc from 'fast-check';
import ModbusRTU from 'modbus-serial';
import { RigBench } from './RigBench.js';
import { act, pass } from './rigDeeds.js';
import { scenarioSchema, ScenarioPlayer } from './rigScenario.js';
import { alarmCodes, RigMachine, type AlarmCode } from './RigMachine.js';
import { rigMap } from './rigMap.js';
import { rigModbus, type RigModbus } from './rigModbus.js';
import { rigServer, type RigServer } from './rigServer.js';
import { noTalk } from './rigTalk.js';
import { messageOf, rigTopics } from './rigTopics.js';

const warm = (): RigMachine => {
  const machine = new RigMachine();
  Object.assign(machine.hands, { keyOn: true, workClamped: true });
  for (let minute = 0; minute < 5; minute++) machine.step(60);
  return machine;
};
const welding = (): RigMachine => {
  const machine = warm();
  machine.arm();
  machine.hands.trigger = 'light';
  return machine;
};
const place = (key: LinkKey) => rigMap.points.find((point) => point.key === key)!;

describe('what it says over MQTT', () => {
  it('is read by its own topic map as it stands', () => {
    const machine = welding();
    machine.step(1);
    const message = JSON.stringify(messageOf((key) => machine.value(key), 1_700_000_000_000));
    const read = readMessage(rigTopics, 'stand-in/said', message);
    expect(read.faults).toEqual([]);
    expect(read.own).toBe(1_700_000_000_000);
    for (const { key } of rigTopics.topics.flatMap(({ points }) => points))
      expect(read.values[key]).toBeCloseTo(machine.value(key), 2);
    expect(read.values.lightOn).toBe(1);
  });
});

describe('the stand-in', () => {
  it('gives light with the key, the clamp, the arm and the second stage of the trigger, and counts it', () => {
    const machine = welding();
    machine.step(10);
    expect(machine.value('lightOn')).toBe(1);
    expect(machine.value('gasOn')).toBe(1);
    expect(machine.value('lightSeconds')).toBeCloseTo(10, 6);
    expect(machine.value('realPower')).toBeLessThan(600);
    machine.hands.trigger = 'gas';
    expect([machine.value('lightOn'), machine.value('gasOn')]).toEqual([0, 1]);
    machine.hands.keyOn = false;
    machine.step(1);
    expect(machine.value('emissionReady')).toBe(0);
  });

  it.each<[string, (machine: RigMachine) => void, AlarmCode]>([
    ['an interlock opens', (machine) => (machine.hands.interlocksClosed = false), 11],
    ['the clamp comes off', (machine) => (machine.hands.workClamped = false), 12],
    ['the gas is gone', (machine) => machine.fillBottle(0), 31],
  ])(
    'goes dark with an alarm where %s, and stays so until it is cleared and armed again',
    (_what, spoil, code) => {
      const machine = welding();
      machine.step(1);
      spoil(machine);
      expect(machine.value('lightOn')).toBe(0);
      machine.step(1);
      expect(machine.value('alarm')).toBe(code);
      expect(machine.value('emissionReady')).toBe(0);
      machine.arm();
      expect(machine.value('emissionReady')).toBe(0);
    },
  );

  it('waits for its coolant in the morning', () => {
    const cold = new RigMachine();
    Object.assign(cold.hands, { keyOn: true, workClamped: true });
    cold.arm();
    cold.hands.trigger = 'light';
    cold.step(0);
    expect(cold.value('alarm')).toBe(21);
    expect(warm().value('coolant')).toBeGreaterThan(22);
  });

  it('loses power as its window tires', () => {
    const machine = welding();
    machine.step(1);
    const fresh = machine.value('realPower');
    for (let minute = 0; minute < 120; minute++) {
      machine.fillBottle();
      machine.step(60);
    }
    expect(machine.value('realPower')).toBeLessThan(0.98 * fresh);
  });

  it('takes nothing while it is armed, nothing that its panel keeps for itself, and nothing beyond its limits', () => {
    const machine = warm();
    expect(machine.write('power', 900)).toBeNull();
    expect(machine.value('power')).toBe(900);
    expect(machine.write('power', 1501)).toContain('150 to 1500 W');
    expect(machine.write('power', Number.NaN)).not.toBeNull();
    machine.hands.takesRemote = false;
    expect(machine.write('power', 800)).not.toBeNull();
    machine.hands.takesRemote = true;
    machine.arm();
    expect(machine.write('power', 800)).not.toBeNull();
    expect(machine.value('power')).toBe(900);
    machine.turn('power', 700);
    expect(machine.value('power')).toBe(700);
  });

  it('never gives light while something stands against it, whatever is done in whatever order', () => {
    const deed = fc.oneof(
      fc.record({ keyOn: fc.boolean() }),
      fc.record({ interlocksClosed: fc.boolean() }),
      fc.record({ workClamped: fc.boolean() }),
      fc.record({ trigger: fc.constantFrom('released', 'gas', 'light') }),
      fc.constant('arm'),
      fc.record({ alarm: fc.constantFrom(0, ...alarmCodes) }),
      fc.record({ step: fc.double({ min: 0, max: 200, noNaN: true }) }),
    );
    fc.assert(
      fc.property(fc.array(deed, { maxLength: 40 }), (deeds) => {
        const machine = warm();
        for (const each of deeds) {
          if (each === 'arm') machine.arm();
          else if (typeof each === 'object' && 'step' in each) machine.step(each.step);
          else if (typeof each === 'object' && 'alarm' in each) machine.setAlarm(each.alarm);
          else Object.assign(machine.hands, each);
          machine.step(0);
          const { keyOn, interlocksClosed, workClamped, isReady, trigger } = machine.hands;
          if (machine.value('lightOn') === 0) continue;
          expect(keyOn && interlocksClosed && workClamped && isReady && trigger === 'light').toBe(true);
          expect(machine.value('alarm')).toBe(0);
        }
      }),
    );
  });
});

describe('its registers', () => {
  let machine: RigMachine;
  let modbus: RigModbus;
  let client: ModbusRTU;
  beforeEach(async () => {
    machine = warm();
    modbus = await rigModbus(machine, rigMap, { host: '127.0.0.1', port: 0 });
    client = new ModbusRTU();
    await client.connectTCP('127.0.0.1', { port: modbus.port });
    client.setID(1);
  });
  afterEach(async () => {
    await new Promise<void>((resolve) => client.close(() => resolve()));
    await modbus.close();
  });

  it('say what the machine does, number by number as the map has it', async () => {
    const { data } = await client.readHoldingRegisters(100, 6);
    expect(data.slice(0, 4)).toEqual([600, 1000, 200, 60]);
    expect(readRegisters(place('wireSpeed'), data.slice(4, 6))).toBe(10);
    const { data: input } = await client.readInputRegisters(200, 9);
    expect(input[0]).toBe(0b1000);
    expect(readRegisters(place('coolant'), [input[4]!])).toBeCloseTo(machine.value('coolant'), 1);
    expect((await client.readDiscreteInputs(0, 3)).data.slice(0, 3)).toEqual([true, true, true]);
  });

  it('take a parameter, and refuse what the machine refuses', async () => {
    await client.writeRegister(100, 855);
    await client.writeRegisters(104, writeRegisters(place('wireSpeed'), 22.5));
    expect([machine.value('power'), machine.value('wireSpeed')]).toEqual([855, 22.5]);
    await expect(client.writeRegister(100, 9000)).rejects.toThrow();
    await expect(client.writeRegister(900, 1)).rejects.toThrow();
    await expect(client.readHoldingRegisters(0, 2)).rejects.toThrow();
    machine.arm();
    await expect(client.writeRegister(100, 700)).rejects.toThrow();
    expect(machine.value('power')).toBe(855);
    expect(machine.value('writesTaken')).toBe(2);
  });
});

describe('its panel', () => {
  let machine: RigMachine;
  let panel: RigServer;
  beforeAll(async () => {
    machine = warm();
    panel = await rigServer(
      { machine, bench: new RigBench(() => 0), talk: noTalk },
      { host: '127.0.0.1', port: 0 },
    );
  });
  afterAll(() => panel.close());
  const at = (path: string) => `http://127.0.0.1:${panel.port}${path}`;
  const act = (deed: unknown, type = 'application/json') =>
    fetch(at('/do'), { method: 'POST', headers: { 'Content-Type': type }, body: JSON.stringify(deed) });

  it('is a page of its own, with its map and its state beside it', async () => {
    expect(await (await fetch(at('/'))).text()).toContain('The stand-in');
    expect(await (await fetch(at('/map.json'))).json()).toEqual(rigMap);
    const { values } = (await (await fetch(at('/state'))).json()) as { values: Record<string, number> };
    expect(Object.keys(values)).toEqual(expect.arrayContaining([...parameterKeys]));
    expect((await fetch(at('/elsewhere'))).status).toBe(404);
  });

  it('does what hands do, and nothing that it does not know', async () => {
    await act({ hands: { workClamped: true }, arm: true, turn: { power: 400 } });
    await act({ hands: { trigger: 'light' }, skip: 3 });
    expect([machine.value('lightOn'), machine.value('power')]).toEqual([1, 400]);
    await act({ hands: { trigger: 'released', isReady: false } });
    expect(machine.value('emissionReady')).toBe(0);
    expect((await act({ hands: { isReady: true } })).status).toBe(400);
    expect((await act({ alarm: 99 })).status).toBe(400);
    expect((await act({ skip: -1 })).status).toBe(400);
    expect((await act([])).status).toBe(400);
    expect((await act({ arm: true }, 'text/plain')).status).toBe(415);
    expect(machine.value('emissionReady')).toBe(0);
  });
});

describe('the bench before it', () => {
  const atBench = (powerW: number, draw: () => number = () => 0) => {
    const machine = warm();
    const bench = new RigBench(draw);
    const rig = { machine, bench, talk: noTalk };
    act(rig, { turn: { power: powerW, wireSpeed: 0, wobbleWidth: 2, wobbleRate: 60 }, hand: { wander: 0 } });
    return rig;
  };
  const weld = (rig: ReturnType<typeof atBench>, seconds = 10, during = () => {}) => {
    act(rig, { arm: true, hands: { trigger: 'light' } });
    for (let tenth = 0; tenth < seconds * 10; tenth += 1) {
      if (tenth === seconds * 5) during();
      pass(rig, 0.1);
    }
    act(rig, { hands: { trigger: 'released' } });
    for (let tenth = 0; tenth < 15; tenth += 1) pass(rig, 0.1);
    return rig.bench.runs[0];
  };

  it('welds as deep as the melt model says, a little less, hotter with more power', () => {
    const looks = [200, 500, 900, 1500].map((power) => weld(atBench(power))?.back);
    expect(looks[0]).toBe('none');
    expect(looks.at(-1)).toBe('hole');
    const order = ['none', 'faint', 'even', 'heavy', 'hole'];
    const places = looks.map((look) => order.indexOf(look ?? ''));
    expect([...places].sort()).toEqual(places);
  });

  it('goes as far as the hand does, and says where it slipped', () => {
    const plain = weld(atBench(800));
    expect(plain).toMatchObject({ hasSlipped: false });
    expect(plain?.seconds).toBeCloseTo(10, 6);
    expect(plain?.lengthMm).toBeCloseTo(100, 6);
    const rig = atBench(800);
    const slipped = weld(rig, 10, () => act(rig, { hand: { slip: 'paused' } }));
    expect(slipped?.hasSlipped).toBe(true);
    expect(slipped?.lengthMm).toBeCloseTo(50, 0);
  });

  it('scatters from run to run', () => {
    const chance = randomStream(3);
    const rig = atBench(600, () => normalDraw(chance));
    act(rig, { hand: { wander: 0.1 } });
    const lengths = [1, 2, 3, 4].map(() => weld(rig)?.lengthMm);
    expect(new Set(lengths).size).toBe(4);
  });

  it('has no look for what no model knows', () => {
    const rig = atBench(800);
    act(rig, { piece: { thicknessMm: 0.3 }, hand: { paceMmS: 60 } });
    expect([null, 'none', 'faint', 'even', 'heavy', 'hole']).toContain(weld(rig)?.back);
  });
});

describe('a scenario', () => {
  const scenario = scenarioSchema.parse({
    ...{ format: 'lone-heron-scenario', version: 1, name: 'gas runs out' },
    steps: [
      { atS: 5, do: { bottle: 0 } },
      { atS: 1, do: { arm: true, hands: { trigger: 'light' } } },
    ],
  });

  it('plays its steps in the order of their time', () => {
    const rig = { machine: warm(), bench: new RigBench(() => 0), talk: noTalk };
    const player = new ScenarioPlayer(scenario, (deed) => act(rig, deed));
    const lit: number[] = [];
    for (let second = 0; second < 10; second += 1) {
      player.step(1);
      pass(rig, 1);
      lit.push(rig.machine.value('lightOn'));
    }
    expect(lit.slice(0, 4)).toEqual([1, 1, 1, 1]);
    expect(lit.at(-1)).toBe(0);
    expect(rig.machine.value('alarm')).toBe(31);
    expect(player.isOver).toBe(true);
  });

  it('with a deed that nobody can do is refused', () => {
    expect(scenarioSchema.safeParse({ ...scenario, steps: [{ atS: 1, do: { fly: true } }] }).success).toBe(
      false,
    );
  });
});
