import { gasOnJoint, shieldingGasFor } from '../gas/index.js';
import { harderToMelt } from '../melt/index.js';
import { findMetal } from '../metal/index.js';
import { joule, mm } from '../quantity/index.js';
import { forecastWeld, suggestSetting } from '../settings/index.js';
import { sampleJob } from '../testing/sampleJobs.js';
import { metreOfSeam, seamCost } from './index.js';

describe('a metre of seam', () => {
  const metreOf = (wire: boolean) => {
    const job = sampleJob({ thickness: 2, gap: 0.1, wire: wire ? mm(1) : null });
    const { setting } = suggestSetting(job);
    const gas = shieldingGasFor(job.metal, job.joint);
    const input = {
      gas,
      fillerDensity: 7900,
      wallPlugEfficiency: 0.3,
      windowBears: joule(72e6),
      handsPerLight: 3,
    };
    return {
      setting,
      forecast: forecastWeld(job, setting),
      metre: metreOfSeam(job, setting, forecastWeld(job, setting), input),
    };
  };

  it('takes the time of its travel, gas for that time, and mains for its light', () => {
    const { setting, forecast, metre } = metreOf(false);
    expect(metre.use.lightOn).toBeCloseTo(1 / forecast.travel, 9);
    expect(metre.use.gas * 1000).toBeCloseTo((15 / 60) * metre.use.lightOn, 9);
    expect(metre.use.mains).toBeCloseTo((setting.power * metre.use.lightOn) / 0.3, 6);
    expect(metre.use.wire).toBe(0);
    expect(metre.use.labour).toBeCloseTo(3 * metre.use.lightOn, 9);
  });

  it('takes the wire that the feeder runs, and the cost follows', () => {
    const { setting, metre } = metreOf(true);
    const speed = setting.pace.by === 'wire' ? setting.pace.wireSpeed : 0;
    expect(metre.use.wire).toBeCloseTo((Math.PI / 4) * 1e-6 * speed * metre.use.lightOn * 7900, 9);
    const prices = {
      labourPerHour: 40,
      overheadPerHour: 6,
      gasPerCubicMetre: 8,
      wirePerKilogram: 15,
      mainsPerKilowattHour: 0.3,
      window: 12,
    };
    expect(seamCost(metre.use, prices).perMetre).toBeCloseTo(seamCost(metre.use, prices).total, 9);
    expect(metre.use.windowShare).toBeCloseTo(metre.windowLoad / 72e6, 12);
  });
});

it('a chosen gas keeps the joint’s flow and says where it spoils the metal', () => {
  const job = sampleJob();
  expect(gasOnJoint('nitrogen', findMetal('stainless304'), job.joint)).toMatchObject({
    flowLitresPerMinute: 15,
    refused: null,
  });
  expect(gasOnJoint('dryAir', findMetal('stainless304'), job.joint).refused).toContain('rusts');
});

it('of two metals the harder one to melt is dialled for, whichever comes first', () => {
  const [steel, copper] = [findMetal('lowCarbonSteel'), findMetal('copper')];
  expect(harderToMelt(steel, copper).id).toBe('copper');
  expect(harderToMelt(copper, steel).id).toBe('copper');
  expect(harderToMelt(steel, steel)).toBe(steel);
});
