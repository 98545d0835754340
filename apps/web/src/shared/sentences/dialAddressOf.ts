import { plainConditions, type Joint } from '@lone-heron/contract';

/** A joint that Dial is to be asked about. */
interface AskedJoint {
  readonly joint: Joint;
  /** mm; null for no wire. */
  readonly wireDiameterMm: number | null;
  readonly machineId: string;
}

/** The address of Dial with a joint said, as it is recorded, lengths in mm. */
export function dialAddressOf(asked: AskedJoint): string {
  return `/dial?${new URLSearchParams(wordsOfJoint(asked)).toString()}`;
}

/**
 * What Dial's sentence says of a joint as it is recorded; the words that are left out are as they always are.
 *
 * @param say a length in words, from mm
 */
export function wordsOfJoint(
  { joint, wireDiameterMm, machineId }: AskedJoint,
  say: (mm: number) => string = (mm) => `${mm} mm`,
): Record<string, string> {
  const { conditions = plainConditions, tack } = joint;
  const { stitches } = conditions;
  return {
    ...{ metal: joint.metal, kind: joint.kind, machine: machineId },
    ...{ first: say(joint.firstThicknessMm), second: say(joint.secondThicknessMm), gap: say(joint.gapMm) },
    ...(joint.secondMetal === undefined ? {} : { secondMetal: joint.secondMetal }),
    wire: wireDiameterMm === null ? 'none' : String(wireDiameterMm),
    ...('legMm' in joint ? { leg: say(joint.legMm) } : {}),
    ...('tubeRadiusMm' in joint ? { tube: say(joint.tubeRadiusMm * 2) } : {}),
    ...('holeDiameterMm' in joint ? { hole: say(joint.holeDiameterMm) } : {}),
    ...('bevel' in joint && joint.bevel !== undefined
      ? { bevel: String(joint.bevel.angleDeg), land: say(joint.bevel.landMm) }
      : {}),
    ...(joint.sides === 2 ? { sides: '2' } : {}),
    ...{ position: conditions.position, surface: conditions.surface, backing: conditions.backing },
    ...(conditions.freeEdgeMm === undefined ? {} : { edge: 'near', edgeAway: say(conditions.freeEdgeMm) }),
    ...(stitches === null
      ? {}
      : {
          run: 'stitched',
          ...{ stitch: say(stitches.lengthMm), pitch: say(stitches.pitchMm), offset: say(stitches.offsetMm) },
        }),
    ...(tack === undefined
      ? {}
      : { run: 'tack', tackLength: say(tack.lengthMm), tackTime: `${tack.lightOnS} s` }),
  };
}
