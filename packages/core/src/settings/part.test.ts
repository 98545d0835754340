import { evidenceWeldOf } from '../advice/index.js';
import { barDraw } from '../melt/index.js';
import { roomTemperature } from '../metal/index.js';
import { mm } from '../quantity/index.js';
import { meltedBead, seamHeat, weldHeatInput } from '../weldHeat/index.js';
import { machines, sampleJob, sheetJoint } from '../testing/sampleJobs.js';
import { forecastWeld } from './forecastWeld.js';
import { meltInputOf, plainBead } from './meltInputOf.js';
import { partCounted } from './partCounted.js';
import { suggestSetting } from './suggestSetting.js';
import type { WeldJob } from './WeldJob.js';

const aluminium = sampleJob({ metal: 'aluminium5052', joint: sheetJoint('butt', 2), machine: machines[2]! });
const { setting } = suggestSetting(aluminium);
const reachOf = (job: WeldJob) => forecastWeld(job, setting).prediction.reach;

describe('a part and what lies behind it', () => {
  it('goes less deep on a bar, copper before steel, and deeper by a free edge', () => {
    const open = reachOf(aluminium);
    const steel = reachOf({ ...aluminium, backing: 'steel' });
    expect(steel).toBeLessThan(open);
    expect(reachOf({ ...aluminium, backing: 'copper' })).toBeLessThan(steel);
    expect(reachOf({ ...aluminium, freeEdge: mm(8) })).toBeGreaterThan(open);
    expect(reachOf({ ...aluminium, freeEdge: mm(200) })).toBeCloseTo(open, 3);
  });

  it('asks for more power on a bar, and for less by an edge', () => {
    const power = (changes: Partial<WeldJob>) => suggestSetting({ ...aluminium, ...changes }).setting.power;
    expect(power({ backing: 'copper' })).toBeGreaterThan(power({}));
    expect(power({ freeEdge: mm(6) })).toBeLessThan(power({}));
  });

  it('takes as much by a bar as the heat field says, within a factor of two', () => {
    const part = { sideWidth: mm(60), seamLength: mm(300) };
    const input = weldHeatInput(aluminium, setting, forecastWeld(aluminium, setting), {
      backing: 'none',
      part,
    });
    const leastAbsorbed = (backing: 'none' | 'copper') => {
      let [low, high] = [0.4 * input.absorbed, 2 * input.absorbed];
      while (high - low > 0.01 * low) {
        const absorbed = Math.sqrt(low * high) as typeof input.absorbed;
        const { front, back } = meltedBead(seamHeat({ ...input, backing, absorbed }));
        if (back > 0 && (front + back) / 2 >= 0.95 * input.beadWidth) high = absorbed;
        else low = absorbed;
      }
      return high;
    };
    const field = leastAbsorbed('copper') - leastAbsorbed('none');
    const onBar = { ...aluminium, backing: 'copper' as const };
    const draw = barDraw(meltInputOf(onBar, setting), plainBead(onBar, setting));
    expect(draw / field).toBeGreaterThan(0.5);
    expect(draw / field).toBeLessThan(2);
  });

  it('is read the same way of a coupon, so that a warm strip is no machine that goes deep', () => {
    const strip = { ...aluminium, freeEdge: mm(8) };
    const { melt } = evidenceWeldOf(strip, setting);
    expect(melt.start).toBeGreaterThan(roomTemperature + 5);
    expect(melt.start).toBe(forecastWeld(strip, setting).start);
    expect(evidenceWeldOf(aluminium, setting).melt.start).toBeUndefined();
    expect(evidenceWeldOf({ ...aluminium, backing: 'copper' }, setting).melt.barContact).toBeGreaterThan(0);
  });

  it('says what of it is counted', () => {
    const said = (changes: Partial<WeldJob>) => {
      const job = { ...aluminium, ...changes };
      return partCounted(job, setting, forecastWeld(job, setting));
    };
    expect(said({})).toEqual([]);
    expect(said({ freeEdge: mm(8) })[0]).toMatch(
      /^The free edges 8(\.0)? mm away on either side throw heat back: .* \d+ °C warmer/,
    );
    expect(said({ freeEdge: mm(300) })[0]).toContain('are not felt at this pace');
    expect(said({ backing: 'copper' })[0]).toMatch(
      /^The copper bar takes about \d+ W of the \d+ W that go in/,
    );
  });
});
