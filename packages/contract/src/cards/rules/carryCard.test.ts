import { expectedDepth, forecastWeld } from '@lone-heron/core';
import { adaptCard, carryCard } from './carryCard.js';
import { newestVersion } from './cardState.js';
import { buttOf, cardOf, machineOf } from '../../testing/sampleCards.js';
import { coreJob, coreSetting } from '../../joint/rules/toCore.js';

const bench = machineOf('bench');
const { content } = newestVersion(cardOf(1, 'worktop', buttOf('stainless304', 1.5)));
const nobody = () => null;
const depthOn = ({ profile }: typeof bench, setting = content.setting) => {
  const job = coreJob(content.joint, null, profile, { kind: 'reach' });
  return expectedDepth(forecastWeld(job, coreSetting(setting)));
};

describe('a card on another machine', () => {
  it('welds as deep with a larger spot, by more power, in the steps of that machine', () => {
    const other = machineOf('barrow', {
      spotMm: bench.profile.spotMm * 2,
      powerW: { least: 100, most: 2000, step: 20 },
    });
    const { setting } = carryCard(content, bench, other, nobody);
    expect(setting.powerW).toBeGreaterThan(content.setting.powerW);
    expect(setting.powerW % 20).toBe(0);
    expect(setting.wobble).toEqual(content.setting.wobble);
    expect(Math.abs(depthOn(other, setting) / depthOn(bench) - 1)).toBeLessThan(0.03);
  });

  it('takes the most that a weaker machine has, and the wobble as near as it can be set', () => {
    const weak = machineOf('barrow', {
      powerW: { least: 100, most: 500, step: 50 },
      wobbleWidthMm: { least: 0.5, most: 1.5, step: 0.5 },
    });
    const { setting, asIs } = carryCard(content, bench, weak, nobody);
    expect(setting).toMatchObject({ powerW: 500, wobble: { widthMm: 1.5 } });
    expect(asIs).toBeNull();
  });

  it('on the same machine is itself to a step', () => {
    const { setting } = carryCard(content, bench, bench, nobody);
    expect(Math.abs(setting.powerW - content.setting.powerW)).toBeLessThanOrEqual(bench.profile.powerW.step);
  });
});

describe('a card for a joint that is nearly its own', () => {
  it('is turned up for a thicker sheet, and says what it would do unturned', () => {
    const carried = adaptCard(content, { thicknessesMm: [2] }, bench, nobody);
    expect(carried?.joint).toMatchObject({
      firstThicknessMm: 2,
      secondThicknessMm: 2,
      metal: 'stainless304',
    });
    expect(carried?.setting.powerW).toBeGreaterThan(content.setting.powerW);
    expect(carried?.adapted.loss).toBeLessThan(carried?.asIs?.loss ?? 0);
  });

  it('is none for another kind of joint, or one that cannot be', () => {
    expect(adaptCard(content, { kind: 'tee', thicknessesMm: [] }, bench, nobody)).toBeNull();
    expect(adaptCard(content, { thicknessesMm: [900] }, bench, nobody)).toBeNull();
  });
});
