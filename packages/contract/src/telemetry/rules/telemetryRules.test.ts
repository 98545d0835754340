import { linkKeys, linkPoints, type LinkKey } from '@lone-heron/core';
import fc from 'fast-check';
import { topicMapSchema, type TopicMap } from '../topicMap.js';
import { readMessage } from './readMessage.js';
import { unlogged } from './unlogged.js';

const mapOf = (points: TopicMap['topics'][number]['points'], time = ''): TopicMap =>
  topicMapSchema.parse({
    ...{ format: 'lone-heron-topics', version: 1, name: 'made up', alarms: [] },
    topics: [{ topic: 'said', time, points }],
  });
const figures = linkKeys.filter((key) => linkPoints[key].is !== 'state');

describe('a message by its map', () => {
  it('says what was put into it, at any scale and place', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...figures),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(0.1, 0.01, 1, 10, -2),
        fc.integer({ min: -50, max: 50 }),
        fc.constantFrom('', 'watts', 'light.real.watts'),
        (key: LinkKey, share, scale, offset, path) => {
          const { least, most } = linkPoints[key];
          const value = least + share * (most - least);
          const stored = (value - offset) / scale;
          const message = path
            .split('.')
            .filter((name) => name !== '')
            .reduceRight<unknown>((inner, name) => ({ [name]: inner }), stored);
          const read = readMessage(mapOf([{ key, path, scale, offset }]), 'said', JSON.stringify(message));
          const off = Math.abs((read.values[key] ?? Number.NaN) - value);
          // At the very ends of a range, rounding may fall outside it.
          if (read.faults.length > 0)
            expect(Math.min(value - least, most - value)).toBeLessThan(1e-6 * most + 1e-9);
          else expect(off).toBeLessThan(1e-9 * Math.max(1, Math.abs(value), Math.abs(offset)));
        },
      ),
      { seed: 21, numRuns: 400 },
    );
  });

  it('whatever it is, is read or said to be unreadable, and nothing is thrown', () => {
    const map = mapOf([{ key: 'gasFlow', path: 'gas.flow', scale: 1, offset: 0 }], 'at');
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (payload) => {
        const { values, faults, own } = readMessage(map, 'said', payload);
        expect(Object.keys(values).length + faults.length).toBeGreaterThan(0);
        expect(own === null || Number.isFinite(own)).toBe(true);
      }),
      { seed: 21, numRuns: 400 },
    );
  });

  it.each([
    ['5.2', 1],
    ['4.9', 0],
    ['true', 1],
    ['0', 0],
  ])('a state of %s by a threshold of 5 is %d', (payload, state) => {
    // On from a half upwards: value x 1 - 4.5.
    const map = mapOf([{ key: 'lightOn', path: '', scale: 1, offset: payload === 'true' ? 0 : -4.5 }]);
    expect(readMessage(map, 'said', payload).values.lightOn).toBe(state);
  });

  it.each([
    ['1764583200000', 1_764_583_200_000],
    ['"2026-11-24T09:30:00.000Z"', Date.parse('2026-11-24T09:30:00.000Z')],
    ['"noon"', null],
    ['null', null],
  ])('its time %s is %s', (at, own) => {
    const map = mapOf([{ key: 'coolant', path: 'c', scale: 1, offset: 0 }], 'at');
    expect(readMessage(map, 'said', `{"c": 20, "at": ${at}}`).own).toBe(own);
  });

  it('on a topic that the map has not, is told', () => {
    const map = mapOf([{ key: 'coolant', path: '', scale: 1, offset: 0 }]);
    expect(readMessage(map, 'other', '20').faults).toEqual(['other: the map has no such topic']);
  });
});

describe('light that nobody wrote down', () => {
  const hour = (at: number) => `2026-11-24T${String(at).padStart(2, '0')}:00:00.000Z`;

  it('is what goes beyond the records of its hour', () => {
    const logged = [
      { at: '2026-11-24T09:20:00.000Z', hours: 0.1 },
      { at: '2026-11-24T09:59:59.000Z', hours: 0.2 },
      { at: '2026-11-24T11:00:00.000Z', hours: 0.5 },
    ];
    const heard = [
      { at: hour(9), hours: 0.5 },
      { at: hour(10), hours: 0.3 },
      { at: hour(11), hours: 0.4 },
    ];
    const found = unlogged(logged, heard);
    expect(found.map(({ at }) => at)).toEqual([hour(9), hour(10)]);
    expect(found[0]?.hours).toBeCloseTo(0.2, 12);
    expect(found[1]?.hours).toBeCloseTo(0.3, 12);
  });

  it('with the records is never less than either', () => {
    const lights = fc.array(
      fc.record({
        at: fc
          .integer({ min: 0, max: 5 * 3_600_000 - 1 })
          .map((ms) => new Date(Date.UTC(2026, 10, 24) + ms).toISOString()),
        hours: fc.double({ min: 0.001, max: 1, noNaN: true }),
      }),
    );
    const byHour = fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 5, maxLength: 5 });
    fc.assert(
      fc.property(lights, byHour, (logged, hours) => {
        const heard = hours.map((each, at) => ({ at: hour(at), hours: each }));
        const sum = (of: readonly { hours: number }[]) => of.reduce((total, each) => total + each.hours, 0);
        const all = sum(logged) + sum(unlogged(logged, heard));
        expect(all).toBeGreaterThanOrEqual(Math.max(sum(logged), sum(heard)) - 1e-9);
        expect(all).toBeLessThanOrEqual(sum(logged) + sum(heard) + 1e-9);
      }),
      { seed: 21 },
    );
  });
});
