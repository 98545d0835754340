import type { FaultCheckName } from '@lone-heron/core';

/** A check as it is asked: what to do, and what counts as finding something. */
export const checkWords: Readonly<
  Record<FaultCheckName, { readonly name: string; readonly how: string; readonly found: string }>
> = {
  askTheHand: {
    name: 'Ask the hand',
    how: 'Lifted off, paused, snagged, restarted? Weld one more run and watch.',
    found: 'the hand slipped',
  },
  workClamp: {
    name: 'Work clamp',
    how: 'On the work itself, on bright metal, the cable whole.',
    found: 'it sat badly',
  },
  interlocks: {
    name: 'Interlocks',
    how: 'Door, barrier, emergency stop, key: all closed and their lights on.',
    found: 'one was open',
  },
  gasAtTheGun: {
    name: 'Gas at the gun',
    how: 'First trigger stage: hear and feel it; read flow and bottle.',
    found: 'too little or none',
  },
  gunAngle: {
    name: 'Angle of the gun',
    how: 'Seen from the side and along the seam: leaning as the card says, even on both sides.',
    found: 'it leaned otherwise',
  },
  spoolLabel: {
    name: 'Label of the spool',
    how: 'Alloy and diameter against what the joint wants.',
    found: 'the wrong wire',
  },
  coolantReading: {
    name: 'Coolant',
    how: 'Read every circuit against its band; look for a level or flow alarm.',
    found: 'out of its band',
  },
  settingAgainstCard: {
    name: 'Setting against the card',
    how: 'Every knob of the panel against the card, wobble width against the bore too.',
    found: 'it differed',
  },
  feelerInTheGap: {
    name: 'Feeler in the gap',
    how: 'Along the whole joint, between the tacks too.',
    found: 'wider than the card',
  },
  statusPage: {
    name: 'Status page of the machine',
    how: 'Open it and take a picture: the supplier will ask for it.',
    found: 'it names a fault',
  },
  feederMenu: {
    name: 'Menu of the feeder',
    how: 'Start delay, retract and speed against what Shop has written down.',
    found: 'it differed',
  },
  cleanScrap: {
    name: 'Clean scrap',
    how: 'The same setting on a scrap that was ground and wiped, with wiped wire.',
    found: 'it went away',
  },
  wireByHand: {
    name: 'Wire by hand',
    how: 'Rolls open: pull it through the liner. Then rolls, guide and tip.',
    found: 'it drags or slips',
  },
  dotOnTape: {
    name: 'Dot on tape',
    how: 'Tape across the nozzle’s mouth, pointer on: the dot sits in the middle, and on the wire.',
    found: 'off the middle',
  },
  otherBottle: {
    name: 'Another bottle',
    how: 'Purge the hose, then the same run again.',
    found: 'it went away',
  },
  focusLine: {
    name: 'Focus line',
    how: 'Wire off, gun at its angle: move the tube until a line on scrap is brightest and narrowest.',
    found: 'the tube stood elsewhere',
  },
  nozzleOff: {
    name: 'Nozzle off',
    how: 'Look at its bore and mouth: round, clean, not scratched, right for the joint.',
    found: 'worn or the wrong one',
  },
  windowOut: {
    name: 'Window out',
    how: 'In still clean air, the opening face down. Against a plain ground: specks, haze, cracks. Look at its seal.',
    found: 'specks, haze or a crack',
  },
  glassBehindWindow: {
    name: 'Glass behind the window',
    how: 'Focus lens, then collimator, then mirror, then fibre end: taken out as the manual says, looked at from the side under a lamp. Nobody looks through it.',
    found: 'damage',
  },
};
