import { MachineEar } from './MachineEar.js';

const noon = Date.UTC(2026, 10, 24, 12);

describe('an ear', () => {
  it('takes messages that come three seconds late for no silence', () => {
    const ear = new MachineEar(2000);
    ear.hear({ lightOn: 0 }, noon, noon);
    const ended = Array.from({ length: 100 }, (_, tenth) => {
      const own = noon + 1000 + 100 * tenth;
      const arrived = own + 3000;
      return [...(ear.hear({ lightOn: 1 }, own, arrived) ?? []), ...ear.endSilent(arrived)];
    });
    expect(ended.flat()).toEqual([]);
    expect(ear.lit?.lit).toBeCloseTo(9.9, 6);
    const [spell] = ear.endSilent(noon + 60_000);
    expect(spell?.figures.isBroken).toBe(true);
  });

  it('does not go on counting light because the machine speaks of something else', () => {
    const ear = new MachineEar(2000);
    ear.hear({ lightOn: 1 }, null, noon);
    ear.hear({ lightOn: 1 }, null, noon + 500);
    const ended = Array.from({ length: 60 }, (_, second) => {
      const at = noon + 1000 * (second + 1);
      return [...(ear.hear({ windowHolder: 30 }, null, at) ?? []), ...ear.endSilent(at)];
    }).flat();
    expect(ended.map(({ figures }) => [figures.lit, figures.isBroken])).toEqual([[0.5, true]]);
    expect(ear.lit).toBeNull();
  });

  it('counts nothing to a weld that was said long before it', () => {
    const ear = new MachineEar(2000);
    ear.hear({ coolant: 45, windowHolder: 60 }, null, noon - 3_600_000);
    ear.hear({ windowHolder: 31 }, null, noon - 5000);
    ear.hear({ lightOn: 1 }, null, noon);
    ear.hear({ lightOn: 0 }, null, noon + 1500);
    const [spell] = ear.hear({ lightOn: 0 }, null, noon + 9000) ?? [];
    expect(spell?.figures).toMatchObject({ lit: 1.5, coolantMost: null, holderMost: 31 });
  });

  it('holds as much after a day as after a minute', () => {
    const ear = new MachineEar(2000);
    for (let second = 0; second < 86_400; second += 1)
      ear.hear({ lightOn: second % 60 < 20 ? 1 : 0, coolant: 24 }, null, noon + 1000 * second);
    expect(ear.values).toHaveLength(2);
    expect(ear.faults).toMatchObject({ jumps: 0, late: 0 });
  });

  it('says since when an alarm stands, and nothing once it is over', () => {
    const ear = new MachineEar(2000);
    ear.hear({ alarm: 31 }, null, noon);
    ear.hear({ alarm: 31 }, null, noon + 5000);
    expect(ear.alarm).toEqual({ code: 31, since: noon });
    ear.hear({ alarm: 22 }, null, noon + 6000);
    expect(ear.alarm).toEqual({ code: 22, since: noon + 6000 });
    ear.hear({ alarm: 0 }, null, noon + 7000);
    expect(ear.alarm).toBeNull();
  });
});
