/** A window that is still good takes less than this of the light. */
const told = 0.06;

/** Whether power at the gun is so far off what was dialled that it is told. */
export function isOtherPower(powerW: number, dialledW: number): boolean {
  return Math.abs(powerW / dialledW - 1) > told;
}
