import { metalTable, positionTable } from '@lone-heron/core';
import type { Card } from '../../cards/card.js';
import { areWeldedAlike } from '../../cards/rules/cardProof.js';
import { versionInForce } from '../../cards/rules/cardState.js';
import { shownVersion } from '../../cards/rules/findCards.js';
import type { NamedLevel } from '../../house/house.js';
import { plainConditions, type Joint } from '../../joint/joint.js';
import type { JobWeld } from '../jobWeld.js';
import type { AnswerContext } from './weldAnswer.js';

/** What makes a card another thing than a weld, in words; empty where it fits. */
export function cardDiffers(
  card: Card,
  weld: JobWeld,
  level: NamedLevel,
  machineId: string,
): readonly string[] {
  const { content } = shownVersion(card);
  const { joint } = content;
  return [
    ...(content.machineId === machineId ? [] : ['another machine']),
    ...jointWords(joint, weld.joint),
    ...conditionWords(joint, weld.joint),
    ...(content.setting.pace.by === 'wire' || weld.wireDiameterMm === null ? [] : ['without wire']),
    ...(content.setting.pace.by === 'hand' || weld.wireDiameterMm !== null ? [] : ['with wire']),
    ...lessAsked(content.level, level),
  ];
}

function jointWords(card: Joint, weld: Joint): readonly string[] {
  if (areWeldedAlike(card, weld)) return [];
  const sheets = ({ firstThicknessMm, secondThicknessMm }: Joint) =>
    firstThicknessMm === secondThicknessMm
      ? `${firstThicknessMm} mm`
      : `${firstThicknessMm} to ${secondThicknessMm} mm`;
  const words = [
    ...(card.kind === weld.kind ? [] : ['another joint']),
    ...(card.metal === weld.metal && (card.secondMetal ?? card.metal) === (weld.secondMetal ?? weld.metal)
      ? []
      : [`${metalTable[card.metal].name}, not ${metalTable[weld.metal].name}`]),
    ...(sheets(card) === sheets(weld) ? [] : [`${sheets(card)}, not ${sheets(weld)}`]),
  ];
  return words.length > 0 ? words : ['another gap, leg, tube, bevel or number of sides'];
}

/** A card is proven in its own position, on its own backing and surface. */
function conditionWords(
  { conditions: card = plainConditions }: Joint,
  { conditions: weld = plainConditions }: Joint,
) {
  return [
    ...(card.position === weld.position
      ? []
      : [`${positionTable[card.position].said}, not ${positionTable[weld.position].said}`]),
    ...(card.backing === weld.backing ? [] : ['another backing']),
    ...(card.freeEdgeMm === weld.freeEdgeMm ? [] : ['another distance to an edge']),
    ...(card.surface === weld.surface ? [] : ['another surface']),
  ];
}

type Limit = 'mostUndercut' | 'mostCrown' | 'mostMisalignment' | 'longestIndication';
const limits: Readonly<Record<Limit, string>> = {
  mostUndercut: 'undercut',
  mostCrown: 'crown',
  mostMisalignment: 'misalignment',
  longestIndication: 'dye',
};

/** What a weld must show that the card was not asked for, or less strictly. */
function lessAsked(card: NamedLevel, weld: NamedLevel): readonly string[] {
  const atLeast = (one: number | null, wanted: number | null) =>
    wanted === null || (one !== null && one >= wanted);
  const atMost = (one: number | null, wanted: number | null) =>
    wanted === null || (one !== null && one <= wanted);
  const less = [
    ...(atLeast(card.leastReach, weld.leastReach) ? [] : ['depth']),
    ...(atLeast(card.bendAngle, weld.bendAngle) ? [] : ['bend']),
    ...(Object.keys(limits) as Limit[]).flatMap((name) =>
      atMost(card[name], weld[name]) ? [] : [limits[name]],
    ),
    ...(!weld.asksTight || card.asksTight ? [] : ['tightness']),
  ];
  return less.length === 0 ? [] : [`proven for less: ${less.join(', ')}`];
}

/** A sheet this many times as thick or as thin is no near card. */
const nearThickness = 1.6;

/** The signed card of the same kind of joint and family of metal on this machine whose sheet is nearest; null where none is near. */
export function nearestSigned(
  cards: readonly Card[],
  { joint }: JobWeld,
  { machine }: AnswerContext,
): Card | null {
  const family = metalTable[joint.metal].family;
  const near = cards
    .filter((card) => versionInForce(card) !== null)
    .flatMap((card) => {
      const { content } = shownVersion(card);
      const isKin =
        content.machineId === machine.id &&
        content.joint.kind === joint.kind &&
        content.joint.tack === undefined &&
        metalTable[content.joint.metal].family === family;
      const apart = thicknessApart(content.joint, joint);
      return isKin && apart <= Math.log(nearThickness) ? [{ card, apart }] : [];
    })
    .toSorted((one, other) => one.apart - other.apart || other.card.number - one.card.number);
  return near[0]?.card ?? null;
}

function thicknessApart(one: Joint, other: Joint): number {
  return Math.max(
    Math.abs(Math.log(one.firstThicknessMm / other.firstThicknessMm)),
    Math.abs(Math.log(one.secondThicknessMm / other.secondThicknessMm)),
  );
}
