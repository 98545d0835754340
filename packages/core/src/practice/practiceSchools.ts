/** Schools by topic, apart from their words: the first of each is where a shop starts. */
export const practiceSchools = {
  modulation: ['noEffect', 'higherDeeper', 'lowerDeeper'],
  wobbleShape: ['byMetal', 'sideToSide', 'circle', 'closed'],
  wobbleRate: ['reach', 'handSpeed'],
  wobbleWidth: ['middle', 'narrow', 'wide'],
  pace: ['wire', 'heldBack'],
  corners: ['quickContinuous', 'slowPulsed'],
  startFrom: ['fullReach', 'cool'],
  enough: ['allTheWay', 'share'],
  gap: ['tight', 'slightlyOpen'],
  reflective: ['leastPower', 'fullPeak'],
  focus: ['surface', 'slightlyAbove'],
  gasOnMildSteel: ['argon', 'nitrogen', 'dryAir'],
  gasOnStainless: ['argon', 'nitrogen'],
  flow: ['lean', 'generous'],
  softAluminiumFiller: ['silicon', 'magnesium'],
  tacks: ['everything', 'none'],
  smallParts: ['fixture', 'byHand'],
  nozzle: ['perJoint', 'oneForMost'],
  presets: ['asDelivered', 'tuned'],
  gunAngle: ['fortyFive', 'lower'],
  otherWorkshops: ['borrowed', 'ownOnly'],
} as const;

export type PracticeTopic = keyof typeof practiceSchools;
/** The name of a school of a topic. */
export type SchoolOf<Topic extends PracticeTopic> = (typeof practiceSchools)[Topic][number];

/** The shop's own practice: one school for each topic. */
export type Practice = { readonly [Topic in PracticeTopic]: SchoolOf<Topic> };

/** Where a shop starts: the first school of each topic. */
export const usualPractice: Practice = Object.fromEntries(
  Object.entries(practiceSchools).map(([topic, schools]) => [topic, schools[0]]),
) as unknown as Practice;
