import { sampleMachine } from '../../testing/sampleMachine.js';
import { changedParts } from './changedParts.js';

const { profile } = sampleMachine;

describe('what a revision changed', () => {
  it('is nothing between two that say the same', () => {
    expect(changedParts(profile, { ...profile, powerW: { ...profile.powerW } })).toEqual([]);
  });

  it('is said value by value, and by name where there are many', () => {
    const after = {
      ...profile,
      configuredPowerW: 1200,
      powerW: { least: 120, most: 1200, step: 12 },
      panel: [...profile.panel].reverse(),
      coolant: [
        {
          name: 'source',
          setPointC: 25,
          lowerC: 20,
          upperC: 30,
          changeMonths: 3,
          litres: null,
          heatingW: null,
        },
      ],
    };
    expect(changedParts(profile, after)).toEqual([
      'configured power, W: 1500 to 1200',
      'power, W: 150–1500 by 15 to 120–1200 by 12',
      'panel',
      'coolant',
    ]);
  });
});
