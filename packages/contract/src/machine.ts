import { wobbleShapes } from '@lone-heron/core';
import { z } from 'zod';
import { oneOf, shortText } from './bounded.js';

/** A knob's reach in the unit its name says. */
const rangeOf = z.strictObject({ least: z.number(), most: z.number(), step: z.number().positive() });

/** Knobs a panel can have, in the order the panel shows them. */
export const panelKnobs = ['power', 'wobbleWidth', 'wobbleRate', 'wireSpeed'] as const;
export type PanelKnob = (typeof panelKnobs)[number];

/** What a machine is able to do and how its panel says it. */
export const machineProfileSchema = z.strictObject({
  ratedPowerW: z.number().positive(),
  /** What 100 % on the panel stands for. */
  configuredPowerW: z.number().positive(),
  powerW: rangeOf,
  /** How the panel shows power. */
  powerUnit: oneOf(['W', '%']),
  spotMm: z.number().positive(),
  wobbleShapes: z.array(oneOf(wobbleShapes)).min(1),
  wobbleWidthMm: rangeOf,
  wobbleRateHz: rangeOf,
  /** Null where no feeder is fitted. */
  wireSpeedMmS: rangeOf.nullable(),
  /** How the feeder shows wire speed. */
  wireSpeedUnit: oneOf(['cm/min', 'm/min', 'mm/s', 'in/min']),
  panel: z.array(oneOf(panelKnobs)).min(1),
});
export type MachineProfile = z.infer<typeof machineProfileSchema>;

/** A machine as it stands: its newest revision. */
export const machineSchema = z.strictObject({
  id: z.string(),
  name: shortText(60),
  /** Rises by one with each change; coupons keep the revision they were welded with. */
  revision: z.int().positive(),
  profile: machineProfileSchema,
});
export type Machine = z.infer<typeof machineSchema>;
