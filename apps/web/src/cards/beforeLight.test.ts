import { buttOf, cardOf } from '@lone-heron/contract/testing';
import { usualPractice, type Practice } from '@lone-heron/core';
import { sampleMachine } from '../testing/sampleMachine.js';
import { beforeLight } from './beforeLight.js';

describe('what a card asks before light', () => {
  const [version] = cardOf(1, 'thin butt', buttOf('stainless304', 1)).versions;
  const asked = (schools: Partial<Practice>) =>
    beforeLight(version!.content, sampleMachine, { ...usualPractice, ...schools })
      .steps.map(({ words }) => words)
      .join(' ');

  it('is asked as this shop does it', () => {
    expect(asked({})).toContain('Tack both ends');
    expect(asked({ tacks: 'none' })).toContain('No tacks, as the shop does');
    expect(asked({ gunAngle: 'lower' })).toContain('lower than 45 degrees, as the shop does');
  });
});
