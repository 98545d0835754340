import { sampleMachine } from '../../testing/sampleMachine.js';
import { eyeFigures } from './eyeFigures.js';

const optics = {
  fibreCoreMm: 0.05,
  collimatorMm: 50,
  focusLensMm: 150,
  beamQuality: 4,
  divergenceMrad: 60,
};

describe('eye figures of a machine', () => {
  it('are those of its configured power, rounded to the safe side, by hand', () => {
    // 1500 W over a 7 mm pupil and 50 W/m2: log10(779,500) = 5.89. Divergence 60/1.414 mrad: 6.18/0.0424 = 145.7 m.
    const plan = eyeFigures({ ...sampleMachine.profile, optics });
    expect(plan).toEqual({ opticalDensity: 6, direct: 150, diffuse: 3.1 });
  });

  it('fall with the configured power and are none where the divergence is not known', () => {
    const half = eyeFigures({ ...sampleMachine.profile, configuredPowerW: 750, optics });
    expect(half?.direct).toBe(110);
    expect(eyeFigures(sampleMachine.profile)).toBeNull();
  });
});
