import { houseStarts } from '@lone-heron/contract';
import { seamKinds } from '@lone-heron/core';
import { dialOutcomeOf } from '../../testing/dialOutcomeOf.js';
import { plateFacts } from './plateFacts.js';

describe('what goes with a setting', () => {
  it('has the turns of rolls round a tube, with its lap, and nowhere else', () => {
    const withRolls = seamKinds.filter((kind) =>
      plateFacts(dialOutcomeOf({ kind })).some(({ name }) => name === 'Rolls'),
    );
    expect(withRolls).toEqual(['tubeToPlate', 'tubeButt']);
    const stitched = plateFacts(dialOutcomeOf({ kind: 'tubeButt', run: 'stitched' }));
    expect(stitched.map(({ name }) => name)).not.toContain('Rolls');
  });

  it('says the turns that the travel and the tube come to, in the house’s units', () => {
    const outcome = dialOutcomeOf({ kind: 'tubeButt' });
    const turns = ((60 * outcome.forecast.travel) / (2 * Math.PI * 0.02)).toFixed(1);
    const rolls = (units: typeof houseStarts.units) =>
      plateFacts({ ...outcome, house: { ...outcome.house, units } }).find(({ name }) => name === 'Rolls');
    expect(rolls(houseStarts.units)?.value).toBe(`${turns} turns/min`);
    expect(rolls(houseStarts.units)?.why).toMatch(
      /^once round is 126 mm, \d+ s of light with the lap: end \d mm past the start/,
    );
    expect(rolls({ ...houseStarts.units, length: 'in' })?.why).toMatch(
      /^once round is 4\.95 in, .* end 0\.\d+ in past the start/,
    );
  });
});
