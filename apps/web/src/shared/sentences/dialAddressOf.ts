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

/** What Dial's sentence says of a joint as it is recorded, lengths in mm; the words that are left out are as they always are. */
export function wordsOfJoint({ joint, wireDiameterMm, machineId }: AskedJoint): Record<string, string> {
  const { conditions = plainConditions, tack } = joint;
  const { stitches } = conditions;
  const mm = (value: number) => `${value} mm`;
  return {
    ...{ metal: joint.metal, kind: joint.kind, machine: machineId },
    ...{ first: mm(joint.firstThicknessMm), second: mm(joint.secondThicknessMm), gap: mm(joint.gapMm) },
    ...(joint.secondMetal === undefined ? {} : { secondMetal: joint.secondMetal }),
    wire: wireDiameterMm === null ? 'none' : String(wireDiameterMm),
    ...('legMm' in joint ? { leg: mm(joint.legMm) } : {}),
    ...('tubeRadiusMm' in joint ? { tube: mm(joint.tubeRadiusMm * 2) } : {}),
    ...('holeDiameterMm' in joint ? { hole: mm(joint.holeDiameterMm) } : {}),
    ...('bevel' in joint && joint.bevel !== undefined
      ? { bevel: String(joint.bevel.angleDeg), land: mm(joint.bevel.landMm) }
      : {}),
    ...(joint.sides === 2 ? { sides: '2' } : {}),
    ...{ position: conditions.position, surface: conditions.surface, backing: conditions.backing },
    ...(stitches === null
      ? {}
      : {
          run: 'stitched',
          ...{ stitch: mm(stitches.lengthMm), pitch: mm(stitches.pitchMm), offset: mm(stitches.offsetMm) },
        }),
    ...(tack === undefined
      ? {}
      : { run: 'tack', tackLength: mm(tack.lengthMm), tackTime: `${tack.lightOnS} s` }),
  };
}
