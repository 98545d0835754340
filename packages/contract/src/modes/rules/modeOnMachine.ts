import type { MachineProfile } from '../../machines/machine.js';
import { handModes, type HandMode } from '../modeWork.js';

/** Whether a machine can do a mode, and what is fitted for it. */
const canDo: Readonly<Record<HandMode, (profile: MachineProfile) => boolean>> = {
  clean: ({ cleaning }) => cleaning !== null,
  cut: ({ cutting }) => cutting !== null,
  spot: ({ lamp }) => lamp !== null,
  seam: ({ lamp }) => lamp !== null,
};

/** Modes that a machine has beside welding with light that stays on, in the order they are offered. */
export function modesOf(profile: MachineProfile): readonly HandMode[] {
  return handModes.filter((mode) => canDo[mode](profile));
}
