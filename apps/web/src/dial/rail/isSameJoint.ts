import type { Joint } from '@lone-heron/contract';

/** Thicknesses this close are the same joint to the eye. */
const sameThicknessMm = 0.06;

/** Whether two joints are one to the eye: of one kind and as thick on both sides. */
export function isSameJoint(one: Joint, other: Joint): boolean {
  const isClose = (a: number, b: number) => Math.abs(a - b) <= sameThicknessMm;
  return (
    one.kind === other.kind &&
    isClose(one.firstThicknessMm, other.firstThicknessMm) &&
    isClose(one.secondThicknessMm, other.secondThicknessMm)
  );
}
