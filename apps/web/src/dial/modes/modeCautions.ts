import type { ModeWork } from '@lone-heron/contract';
import { beamFromDataSheet, coatTable, findMetal, hazardBehind, mm, radian, watt } from '@lone-heron/core';
import type { MachineProfile } from '@lone-heron/contract';
import { spokenDistance } from '../../shared/figures/spokenStates.js';

/** Where no data sheet says how a beam opens: slowly, so that it is taken to reach far. */
const usualDivergence = radian(0.05);
const usualExit = mm(4);

/** What can hurt somebody at this work, the most pressing first. Short on purpose: local rules and licensed people decide. */
export function modeCautions(work: ModeWork, profile: MachineProfile, meanW: number): readonly string[] {
  const metal = findMetal(work.metal);
  const zinc =
    metal.id === 'galvanised'
      ? ['Zinc boils off and its fume gives fever: extraction on, respirator worn.']
      : [];
  switch (work.mode) {
    case 'clean':
      return [
        ...zinc,
        coatTable[work.coat].fume,
        ...(metal.lightNote === null ? [] : ['Bright metal throws the light back until it is broken up.']),
        'Never over glass, mirrors or what burns; the strip stays hot.',
      ];
    case 'cut':
      return [
        `The beam goes on behind the cut: over the limit for eyes as far as ${hazardWords(profile, meanW)}. Brick or a metal tray behind it, nothing that burns, nobody there.`,
        ...zinc,
        'Hot drops fall: feet, hoses and cable out of the way.',
      ];
    case 'spot':
    case 'seam':
      return [
        ...zinc,
        ...(metal.crackNote === null ? [] : [`Pulses cool at once. ${metal.crackNote}`]),
        'The lamp’s supply holds its charge after it is switched off: covers stay shut.',
      ];
  }
}

function hazardWords({ optics }: MachineProfile, meanW: number): string {
  const beam = beamFromDataSheet({
    power: watt(meanW),
    divergence: optics === null ? usualDivergence : radian(optics.divergenceMrad / 1000),
    exitDiameter: usualExit,
  });
  return spokenDistance(hazardBehind(beam));
}
