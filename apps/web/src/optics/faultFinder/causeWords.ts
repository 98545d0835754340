import type { FaultCause } from '@lone-heron/core';

/** What can be wrong, and what is done about it, step by step. */
export const causeWords: Readonly<
  Record<FaultCause, { readonly name: string; readonly fix: readonly string[] }>
> = {
  handSlip: {
    name: 'a slip of the hand',
    fix: ['Weld the run again.', 'Log the coupon with its slip, so that it counts for nothing.'],
  },
  dirtySurface: {
    name: 'dirty or coated metal',
    fix: ['Grind or wipe both sheets and the wire.', 'Weld a proof coupon.'],
  },
  dirtyWindow: {
    name: 'the protective window',
    fix: [
      'Laser off, key out, gas closed, cap on.',
      'In still clean air, the opening face down: old window out, look at the glass behind it.',
      'Seal whole? New window in, with clean dry hands.',
      'Write the change down at Optics, with what was seen.',
      'Dot on tape, then a proof coupon.',
    ],
  },
  wideGap: {
    name: 'a gap that is too wide',
    fix: ['Fit it up again, tack closer.', 'Or dial for the gap: more wire, a weave over it.'],
  },
  lowGas: {
    name: 'too little gas',
    fix: ['Open or change the bottle, look at hose and regulator.', 'Set the flow of the card.'],
  },
  gunAngle: { name: 'the angle of the gun', fix: ['Hold it as the card says; try on scrap.'] },
  coldSetting: {
    name: 'a setting that is too cold',
    fix: ['Set what the card says.', 'More power, then less wire, then a slower, narrower wobble.'],
  },
  hotSetting: {
    name: 'a setting that is too hot',
    fix: ['Set what the card says.', 'Less power, more wire, a quicker, wider wobble.'],
  },
  feederSettings: {
    name: 'the feeder’s settings',
    fix: ['Set delay, retract and speed as Shop has them.', 'Trim the wire and start on scrap.'],
  },
  feederMechanics: {
    name: 'rolls, liner or guide',
    fix: ['Clean or change the part that drags.', 'Rolls and guide must match the wire.'],
  },
  pointerOff: {
    name: 'the dot off the middle',
    fix: [
      'Small steps of the controller’s offset until the dot sits in the middle.',
      'Write it down in the scrap test.',
    ],
  },
  focusOff: {
    name: 'the focus',
    fix: ['Set the tube where the line was brightest.', 'Write it down in the scrap test.'],
  },
  wornNozzle: {
    name: 'the nozzle',
    fix: ['Isolated: fit a new one of the right shape and bore.', 'Dot on tape before light.'],
  },
  poorEarth: {
    name: 'the work clamp or earth',
    fix: ['Clamp on bright metal of the work itself.', 'A bad earth of the machine: an electrician.'],
  },
  wideWobble: {
    name: 'a wobble too wide for the bore',
    fix: ['Narrow it, or fit a wider nozzle.', 'Let the nozzle cool before the next run.'],
  },
  badGas: {
    name: 'bad gas',
    fix: ['Set the bottle aside and mark it.', 'Purge the hose, log coupons with the new one.'],
  },
  openInterlock: {
    name: 'an open interlock',
    fix: ['Find the one that is open and close it.', 'Never bridge one: a bridged interlock stops the work.'],
  },
  coolantOut: {
    name: 'the coolant',
    fix: ['No light until it is in its band.', 'Level, flow, filter, set point; the manual decides.'],
  },
  wrongFiller: {
    name: 'the wrong wire',
    fix: ['Fit the wire that the joint wants.', 'Set the cracked part aside: the crack stays in it.'],
  },
  damagedLens: {
    name: 'glass behind the window',
    fix: [
      'Stop: isolate and lock off.',
      'Changed by whoever is trained for it, in the manual’s order.',
      'Dot, focus line and a proof coupon afterwards.',
    ],
  },
  sourceFault: {
    name: 'the source or its controller',
    fix: ['Isolate.', 'Call the supplier with the picture of the status page.'],
  },
};
