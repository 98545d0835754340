import type { FaultSymptom } from '@lone-heron/core';

/** What is seen, as a welder says it, in the order of where one looks: light, gun, wire, seam. */
export const symptomWords: Readonly<Record<FaultSymptom, string>> = {
  noLight: 'no light at all',
  alarm: 'an alarm on the panel',
  missingPanelLight: 'a panel light is missing',
  powerFades: 'power fades during a seam',
  shallow: 'shallower than it was',
  nozzleSparks: 'sparks at the nozzle',
  hotNozzle: 'nozzle gets hot',
  wireSticks: 'wire sticks',
  wireStubs: 'wire stubs',
  wireWanders: 'wire wanders',
  offTheJoint: 'bead off the joint',
  oneSideOnly: 'welds one side only',
  unevenBead: 'uneven bead',
  holes: 'holes',
  yellowSeam: 'yellow seam',
  soot: 'soot',
  cracks: 'cracks',
};
export const symptomOrder = Object.keys(symptomWords) as readonly FaultSymptom[];
