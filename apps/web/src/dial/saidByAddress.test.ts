import type { Joint } from '@lone-heron/contract';
import { seamKinds, seamRow } from '@lone-heron/core';
import { sampleMachine } from '../testing/sampleMachine.js';
import { dialAddressOf } from '../shared/sentences/dialAddressOf.js';
import { readAddress } from './dialAddress.js';
import { readSentence } from '../shared/saidJoint/readSentence.js';

describe('a joint of a job that Dial is asked about', () => {
  it.each(seamKinds)('is said by its address as it is recorded: %s', (kind) => {
    const { sizes, secondSide, asksSides } = seamRow(kind);
    const all = { leg: 1.7, tubeRadius: 17.5, holeDiameter: 6 };
    const joint = {
      ...{
        kind,
        metal: 'stainless316',
        secondMetal: 'lowCarbonSteel',
        firstThicknessMm: 1.5,
        secondThicknessMm: 2,
      },
      gapMm: 0.2,
      ...Object.fromEntries(sizes.map((size) => [`${size}Mm`, all[size]])),
      ...(secondSide !== null && asksSides ? { sides: 2 } : {}),
      conditions: {
        ...{ position: 'overhead', surface: 'oil', backing: 'none' },
        stitches: { lengthMm: 25, pitchMm: 70, offsetMm: secondSide !== null && asksSides ? 35 : 0 },
      },
    } as unknown as Joint;
    const address = dialAddressOf({ joint, wireDiameterMm: 0.8, machineId: sampleMachine.id });
    const read = readAddress(new URLSearchParams(address.split('?')[1]));
    expect(read.dropped).toEqual([]);
    const { said, faults } = readSentence(read.address.words, [sampleMachine]);
    expect(faults).toEqual({});
    expect(said?.joint).toEqual(joint);
    expect(said?.wireDiameterMm).toBe(0.8);
  });
});
