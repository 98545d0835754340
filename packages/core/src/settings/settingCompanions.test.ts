import type { MetalId } from '../metal/index.js';
import { usualPractice } from '../practice/index.js';
import { mm, mmPerSecond } from '../quantity/index.js';
import { shieldingGasFor } from '../gas/index.js';
import { beamAim, nozzleFor } from '../joint/index.js';
import { inches } from '../testing/inches.js';
import { sampleJob, sampleSetting, sheetJoint } from '../testing/sampleJobs.js';
import { plainBead, settingCompanions, type WeldSetting } from './index.js';

const of = (metal: MetalId) => settingCompanions(sampleJob({ metal }), sampleSetting);
const wired: WeldSetting = {
  ...sampleSetting,
  pace: { by: 'wire', diameter: mm(1), wireSpeed: mmPerSecond(20) },
};

describe('what goes with a setting', () => {
  it('is the gas for its mean power through the bore, and the beam’s aim', () => {
    const job = sampleJob();
    const half: WeldSetting = { ...sampleSetting, duty: 0.5 as WeldSetting['duty'] };
    const { gas, aim } = settingCompanions(job, half, 0.008);
    const mean = { power: half.power * 0.5, bore: 0.008 };
    expect(gas).toEqual(shieldingGasFor(job.metal, job.joint, usualPractice, mean));
    expect(aim).toEqual(beamAim(job.joint, plainBead(job, half)));
  });

  it('is the nozzle of the joint, grooved where wire goes through it, or the one the shop keeps on', () => {
    const tee = sampleJob({ joint: sheetJoint('tee', 2), wire: mm(1) });
    expect(settingCompanions(tee, wired).nozzle).toEqual(nozzleFor(tee.joint, true));
    expect(settingCompanions(tee, sampleSetting).nozzle).toEqual(nozzleFor(tee.joint, false));
    const kept = { ...tee, practice: { ...usualPractice, nozzle: 'oneForMost' } as const };
    const why = 'the one the shop keeps on for most work';
    expect(settingCompanions(kept, wired).nozzle).toEqual({ shape: 'flat', isGrooved: true, why });
    expect(settingCompanions(kept, sampleSetting).nozzle).toEqual({ shape: 'flat', isGrooved: false, why });
  });

  it('is the focus of the shop’s school', () => {
    const at = (focus: 'surface' | 'slightlyAbove') =>
      settingCompanions(sampleJob({ practice: { ...usualPractice, focus } }), sampleSetting).focus;
    expect(at('surface')).toEqual({
      value: 0,
      why: 'at the surface: the smallest spot, which the figures are for',
    });
    expect(at('slightlyAbove')).toEqual({
      value: mm(1),
      why: 'a little above, as the shop does; the figures are for focus at the surface',
    });
  });

  it('is a short start on what reflects, and a long end on what cracks', () => {
    const soft = { value: 0.15, why: 'a soft start spares the window' };
    const short = { value: 0.05, why: 'short: the keyhole must open at once' };
    expect([of('stainless304').rampUp, of('lowCarbonSteel').rampUp]).toEqual([soft, soft]);
    expect([of('aluminium5052').rampUp, of('copper').rampUp]).toEqual([short, short]);
    const long = { value: 0.4, why: 'a long end fills the crater, which would crack' };
    const usual = { value: 0.2, why: 'fills the crater' };
    expect([of('aluminium6061').rampDown, of('nickel625').rampDown]).toEqual([long, long]);
    expect([of('stainless304').rampDown, of('stainless316').rampDown]).toEqual([usual, usual]);
    expect(of('lowCarbonSteel').rampDown).toEqual(usual);
  });

  it('is gas before the light, and after it until titanium is cool', () => {
    expect(of('stainless304').gasBefore).toEqual({
      value: 0.3,
      why: 'pushes the air out before the light comes',
    });
    expect(of('stainless304').gasAfter).toEqual({
      value: 0.5,
      why: 'covers the end of the seam while it glows',
    });
    const { gasAfter } = of('titanium2');
    expect(gasAfter.value).toBe(3);
    expect(gasAfter.why).toMatch(/^until the end of the seam is below \d+ °C$/);
    const job = { ...sampleJob({ metal: 'titanium2' }), saidIn: inches };
    expect(settingCompanions(job, sampleSetting).gasAfter.why).toMatch(/ below \d+ °F$/);
  });
});
