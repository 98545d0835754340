import type { PracticeTopic, SchoolOf } from './practiceSchools.js';

/** One way of answering a question that practitioners disagree on. */
interface School {
  /** As the shop would say it. */
  readonly name: string;
  /** What it rests on. */
  readonly restsOn: string;
}

/** A question with its schools in words. */
export interface PracticeQuestion<Name extends string = string> {
  readonly question: string;
  readonly schools: Readonly<Record<Name, School>>;
  /** Said where a claim of one school does not agree with its own figures or with physics. */
  readonly doubt?: string;
}

/** What practitioners disagree on, with each school by name and what it rests on. */
export const practiceQuestions = {
  modulation: {
    question: 'What does the laser modulation frequency do?',
    schools: {
      noEffect: { name: 'nothing at full duty', restsOn: 'at full duty the light is not switched at all' },
      higherDeeper: { name: 'higher goes deeper', restsOn: 'bead shapes seen below full duty' },
      lowerDeeper: { name: 'lower goes deeper', restsOn: 'longer pulses keep the keyhole open' },
    },
    doubt: 'The computation takes no side: below full duty the shop’s own coupons decide.',
  },
  wobbleShape: {
    question: 'Which shape should the beam sweep?',
    schools: {
      byMetal: {
        name: 'by metal and thickness',
        restsOn: 'side to side on steel, circles on aluminium and brass, closed shapes on thick work',
      },
      sideToSide: { name: 'side to side', restsOn: 'fast, quick to learn' },
      circle: { name: 'circle', restsOn: 'slower, rippled, forgiving on fit' },
      closed: { name: 'a closed shape', restsOn: 'spreads the heat over thick edges' },
    },
    doubt: 'Side to side is distrusted on aluminium and brass.',
  },
  wobbleRate: {
    question: 'What is the wobble rate chosen by?',
    schools: {
      reach: { name: 'the reach wanted', restsOn: 'slower sweeps stay longer and go deeper' },
      handSpeed: { name: 'the speed of the hand', restsOn: 'sweeps must overlap at the pace the hand keeps' },
    },
  },
  wobbleWidth: {
    question: 'How wide should the beam sweep?',
    schools: {
      middle: { name: 'a middle value for everything', restsOn: 'one habit, few mistakes' },
      narrow: { name: 'narrow, for reach', restsOn: 'less metal to melt' },
      wide: { name: 'a little wider than usual', restsOn: 'catches both edges of a hand-fitted seam' },
    },
  },
  pace: {
    question: 'What sets the pace with wire?',
    schools: {
      wire: { name: 'the wire', restsOn: 'it pushes the gun along and the bead comes out even' },
      heldBack: { name: 'the hand holds back', restsOn: 'until the keyhole shows, for reach' },
    },
  },
  corners: {
    question: 'How are corners welded?',
    schools: {
      quickContinuous: { name: 'quick and continuous', restsOn: 'little heat in little time' },
      slowPulsed: { name: 'slow and pulsed', restsOn: 'each spot cools before the next' },
    },
  },
  startFrom: {
    question: 'Where does dialling in start?',
    schools: {
      fullReach: {
        name: 'a setting that reaches',
        restsOn: 'eased off for colour and warp once it is through',
      },
      cool: { name: 'a cool setting', restsOn: 'turned up step by step; no hole in the first coupon' },
    },
  },
  enough: {
    question: 'How much penetration is enough?',
    schools: {
      allTheWay: { name: 'all of it, seen from behind', restsOn: 'the back proves it' },
      share: { name: 'a stated share of the thickness', restsOn: 'less heat and warp where strength allows' },
    },
  },
  gap: {
    question: 'How tight should a joint be?',
    schools: {
      tight: { name: 'as tight as can be', restsOn: 'easiest to track' },
      slightlyOpen: { name: 'slightly open on thicker sheet', restsOn: 'light runs down the walls' },
    },
    doubt: 'The melt model does not count a gap’s help.',
  },
  reflective: {
    question: 'How are aluminium, copper and brass lit?',
    schools: {
      leastPower: { name: 'the least power that does it', restsOn: 'spares the glass' },
      fullPeak: {
        name: 'full peak power with a small trim of duty',
        restsOn: 'the keyhole opens at once, and less light comes back',
      },
    },
  },
  focus: {
    question: 'Where does the focus lie?',
    schools: {
      surface: { name: 'at the surface', restsOn: 'the smallest spot' },
      slightlyAbove: { name: 'slightly above it', restsOn: 'a calmer melt, a cleaner window' },
    },
  },
  gasOnMildSteel: {
    question: 'Which gas on mild steel?',
    schools: {
      argon: { name: 'argon', restsOn: 'the brightest bead' },
      nitrogen: { name: 'nitrogen', restsOn: 'nearly as bright, cheaper' },
      dryAir: { name: 'clean dry air', restsOn: 'costs next to nothing where the bead is painted' },
    },
    doubt: 'Air that is not dry and filtered burns the window at once.',
  },
  gasOnStainless: {
    question: 'Which gas on stainless?',
    schools: {
      argon: { name: 'argon', restsOn: 'the brightest back' },
      nitrogen: { name: 'nitrogen', restsOn: 'cheaper, holds austenite' },
    },
  },
  flow: {
    question: 'How much gas?',
    schools: {
      lean: { name: 'as little as keeps the weld bright', restsOn: 'cost, and no stirring in of air' },
      generous: { name: 'generous', restsOn: 'keeps spatter off the window' },
    },
  },
  softAluminiumFiller: {
    question: 'Which wire on soft aluminium?',
    schools: {
      silicon: { name: 'silicon type', restsOn: 'flows, and does not crack' },
      magnesium: { name: 'magnesium type', restsOn: 'stronger, and matches after anodising' },
    },
  },
  tacks: {
    question: 'Tack first?',
    schools: {
      everything: { name: 'tack everything', restsOn: 'sheet moves as it heats' },
      none: { name: 'run the welds at once', restsOn: 'good fit-up and clamps hold it' },
    },
  },
  smallParts: {
    question: 'How are small parts held?',
    schools: {
      fixture: {
        name: 'in a fixture, fingers away',
        restsOn: 'the safe one: most injuries are to a holding finger',
      },
      byHand: { name: 'by hand', restsOn: 'quick; puts a finger beside the beam' },
    },
    doubt: 'Held by hand is how people get hurt.',
  },
  nozzle: {
    question: 'One nozzle, or one for each joint?',
    schools: {
      perJoint: { name: 'changed for each joint', restsOn: 'keeps distance and gas as the joint wants them' },
      oneForMost: { name: 'one that does most', restsOn: 'no time lost, one to keep clean' },
    },
  },
  presets: {
    question: 'Are presets and deep settings touched?',
    schools: {
      asDelivered: { name: 'left as delivered', restsOn: 'nothing to put right later' },
      tuned: {
        name: 'tuned after reading the manual',
        restsOn: 'delivered values suit no shop in particular',
      },
    },
  },
  gunAngle: {
    question: 'How is the gun held?',
    schools: {
      fortyFive: { name: 'about 45 degrees', restsOn: 'light that comes back misses the window' },
      lower: { name: 'lower', restsOn: 'more depth from the same power' },
    },
    doubt:
      'What is said of gas angle and bead width contradicts its own figures; nothing is built on it. The angle counts only through the shop’s coupons.',
  },
  otherWorkshops: {
    question: 'Do coupons of the firm’s other workshops count?',
    schools: {
      borrowed: {
        name: 'borrowed from, until there are enough of one’s own',
        restsOn:
          'machines and hands of one firm weld much alike, and a new machine need not start from nothing',
      },
      ownOnly: {
        name: 'one’s own alone',
        restsOn: 'where machines, gas or hands have nothing in common, the others’ coupons mislead a little',
      },
    },
    doubt:
      'How alike the workshops are is read off their coupons. In simulated firms borrowing took up to a third of the error away where they were alike, and added a twentieth where they had nothing in common, a tenth for one that differed from two alike.',
  },
} as const satisfies { readonly [Topic in PracticeTopic]: PracticeQuestion<SchoolOf<Topic>> };
