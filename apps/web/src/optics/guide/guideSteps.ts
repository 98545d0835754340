import type { StockKind } from '@lone-heron/contract';

/** What is changed by steps. */
export type GuidedPart = StockKind | 'water';

/** A step and why it is made. */
interface GuideStep {
  readonly does: string;
  readonly why: string;
}

/** How a part is changed: what the head must be for it, and the steps. */
export interface Guide {
  /** Whether the light path is opened, so that clean air and hands matter. */
  readonly opensLightPath: boolean;
  readonly steps: readonly GuideStep[];
}

const isolate: GuideStep = {
  does: 'Laser off, key out and kept by whoever works, gas closed, pressure let off.',
  why: 'Light that nobody sees must not be able to come on while a hand or an eye is at the head.',
};
const cleanPlace: GuideStep = {
  does: 'A clean bench in still air: no grinding, no fan, no open door. Wipe the outside of the head first.',
  why: 'One grain that settles on a glass burns onto it at the first shot.',
};
const hands: GuideStep = {
  does: 'Clean hands in fresh powder-free gloves or finger cots; touch glass by its edge alone.',
  why: 'Skin leaves a film that the light bakes on.',
};
const faceDown: GuideStep = {
  does: 'The head’s opening face down, or its cap on, for as long as it is open.',
  why: 'Dust falls. What falls into the head lies on the next glass.',
};
const downstream: GuideStep = {
  does: 'Look at the glass behind it, from the side under a lamp: focus lens first, then collimator, then mirror, fibre end last. Stop where one is clean. Never look through a glass.',
  why: 'Damage goes up the light’s way. A new window in front of a burnt lens burns again.',
};
const seal: GuideStep = {
  does: 'Look at the seal and its seat: round, whole, no grit. A new one where in doubt.',
  why: 'A seal that leaks lets fume and dust round the new glass.',
};
const pointer: GuideStep = {
  does: 'Key in, pointer alone: tape across the nozzle’s mouth, the dot in its middle.',
  why: 'A glass or nozzle that sits askew moves the beam, and the first shot burns the nozzle.',
};
const test: GuideStep = {
  does: 'Gas on for half a minute, then a test line on scrap beside the last one that was good.',
  why: 'It blows out what went in, and shows that the power is back before a part does.',
};
const writeDown: GuideStep = {
  does: 'Write down what was seen on the old one.',
  why: 'Dark or pale specks tell which habit to change. Without it the next one dies of the same.',
};

const lens = (name: string): Guide => ({
  opensLightPath: true,
  steps: [
    isolate,
    {
      does: `Ask whether it is yours to open: on many heads the ${name} is for the supplier, and the manual says so.`,
      why: 'Some are aligned or glued at the works; a head opened without leave loses its warranty and its focus.',
    },
    cleanPlace,
    hands,
    faceDown,
    {
      does: 'Note which face was towards the light and how deep it sat; out with its own tool, never a screwdriver.',
      why: 'Turned round or a turn too deep, it focuses elsewhere.',
    },
    {
      does: 'Wipe only if the manual allows: dry clean air first, then one drop of the solvent it names on a lens tissue, drawn once.',
      why: 'Rubbing turns dust into scratches.',
    },
    seal,
    { does: 'In with the new one, to the same depth, and close.', why: 'Every minute open is a grain more.' },
    pointer,
    {
      does: 'Find the focus anew: a line on scrap, the tube moved until it is brightest and narrowest.',
      why: 'No two lenses sit alike.',
    },
    test,
    writeDown,
  ],
});

const outside = (steps: readonly GuideStep[]): Guide => ({ opensLightPath: false, steps });

/** How each part is changed, and why so. The machine's manual goes before it. */
export const guides: Readonly<Record<GuidedPart, Guide>> = {
  window: {
    opensLightPath: true,
    steps: [
      isolate,
      cleanPlace,
      hands,
      {
        does: 'The new window ready in its open wrap, its seal beside it, before the head is opened.',
        why: 'The head is open for seconds instead of minutes.',
      },
      faceDown,
      {
        does: 'Draw the holder out, cap or tape over the slot at once.',
        why: 'An open slot draws fume and dust in.',
      },
      {
        does: 'Look at the old glass against a plain ground, under a lamp from the side; take a photo of it.',
        why: 'Dark specks: dirt got in. Pale ones: light came back. Haze: moisture or oil in the gas.',
      },
      downstream,
      seal,
      {
        does: 'New glass in by its edge, the marked face as the manual says, holder back in to its stop.',
        why: 'A holder that is not home leaks, or sits in the beam.',
      },
      pointer,
      test,
      writeDown,
    ],
  },
  seal: {
    opensLightPath: true,
    steps: [
      isolate,
      cleanPlace,
      hands,
      faceDown,
      {
        does: 'Holder out, cap on. Lift the seal with something soft.',
        why: 'A scratch in its seat leaks with every seal.',
      },
      {
        does: 'Wipe the seat with a lint-free cloth. No grease unless the manual names one.',
        why: 'Grease gives off vapour under the light, and it settles on the glass.',
      },
      { does: 'New seal in flat, not twisted.', why: 'A twist is a gap.' },
      test,
      writeDown,
    ],
  },
  focusLens: lens('focus lens'),
  collimator: lens('collimator'),
  mirror: lens('mirror'),
  fibreEnd: {
    opensLightPath: true,
    steps: [
      isolate,
      {
        does: 'Leave it to the supplier unless you were trained for it.',
        why: 'A fibre end that is touched wrongly burns at full power, and takes the cable with it.',
      },
      {
        does: 'Cap on the moment it is out; look at it through a microscope with the machine isolated, never by eye.',
        why: 'What the fibre holds may come on at its other end.',
      },
      writeDown,
    ],
  },
  nozzle: outside([
    isolate,
    {
      does: 'Let it cool. Unscrew it by hand or with a soft jaw.',
      why: 'It was hot a minute ago; jaws make it oval.',
    },
    {
      does: 'Look through its bore at a lamp, off the gun: round, bright, no spatter. Measure it.',
      why: 'A bore that grew or holds spatter makes the gas whirl, and air comes in.',
    },
    {
      does: 'The shape that this joint wants, the groove to the wire; bore wider than the wobble by a good margin.',
      why: 'A wobble nearly as wide as the bore heats the nozzle.',
    },
    { does: 'Screw it home, hand tight.', why: 'A loose one leaks gas and moves the distance.' },
    pointer,
    writeDown,
  ]),
  wireGuide: outside([
    isolate,
    { does: 'Wire back out of the guide, cut clean.', why: 'A hooked end scores the new one.' },
    { does: 'The size that matches the wire; wire points at the dot.', why: 'Wire beside the beam sticks.' },
    pointer,
    writeDown,
  ]),
  liner: outside([
    isolate,
    {
      does: 'Wire wound back, cable laid straight.',
      why: 'A bend while it is measured is a liner too short.',
    },
    {
      does: 'New liner in from the feeder’s end, cut to the length the manual says, its end without a burr.',
      why: 'A burr shaves the wire and fills the guide with swarf.',
    },
    { does: 'Feed a hand’s length by hand: no drag.', why: 'Drag shows as stubbing later.' },
    writeDown,
  ]),
  driveRoll: outside([
    isolate,
    {
      does: 'Groove for the wire that is in: V for steel, U for aluminium.',
      why: 'A V shaves soft wire; a U lets steel slip.',
    },
    {
      does: 'Press only until two fingers cannot stop the wire.',
      why: 'More flattens it, and the guide jams.',
    },
    writeDown,
  ]),
  airFilter: outside([
    isolate,
    {
      does: 'Air shut and the line let off before the bowl is opened.',
      why: 'A bowl under pressure comes off like a shot.',
    },
    {
      does: 'New element, bowl drained and wiped, seal looked at.',
      why: 'Water in the air burns the window at once.',
    },
    {
      does: 'Open slowly; wipe a white cloth at the gun’s end: dry and clean.',
      why: 'It shows oil and water that the gauge does not.',
    },
    writeDown,
  ]),
  waterFilter: outside([
    isolate,
    {
      does: 'Chiller off at its switch, valves shut.',
      why: 'It would run dry, or empty itself on the floor.',
    },
    {
      does: 'New element, bowl filled with deionised water before it goes on.',
      why: 'Air in the loop stops the flow alarm from clearing.',
    },
    {
      does: 'Look for drips with the chiller on; level and flow in their bands.',
      why: 'No flow, no light: or worse, light without cooling.',
    },
    writeDown,
  ]),
  extractionFilter: outside([
    {
      does: 'Extraction off and cool; look for glow with the back of a gloved hand near it.',
      why: 'Fine metal dust burns, and a spark may sit in it for an hour.',
    },
    {
      does: 'Respirator and gloves on; bag it where it stands, no shaking, no compressed air.',
      why: 'What it caught is what must not be breathed.',
    },
    {
      does: 'Waste as local rules say for metal dust.',
      why: 'Aluminium and titanium dust can burn in the bin.',
    },
    { does: 'Measure or feel the draw at the arm’s mouth.', why: 'A filter that sits askew lets it past.' },
    writeDown,
  ]),
  water: outside([
    isolate,
    { does: 'Chiller off at its switch, drain it as the manual says.', why: 'Pumps die of running dry.' },
    {
      does: 'Rinse, look at the filter, fill with deionised or distilled water; an additive only if the manual names it.',
      why: 'Tap water grows, scales and conducts.',
    },
    {
      does: 'Run it without light: level, flow, no drips, temperature coming into its band.',
      why: 'Below the lower limit no light: moisture falls on cold glass.',
    },
    writeDown,
  ]),
};
