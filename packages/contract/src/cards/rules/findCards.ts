import {
  metalTable,
  parseQuantity,
  seamRow,
  understandJoint,
  type JointKind,
  type MetalId,
  type UnderstoodJoint,
} from '@lone-heron/core';
import { newestVersion, versionInForce } from './cardState.js';
import type { Card, CardContent } from '../card.js';
import type { Joint } from '../../joint/joint.js';

/** A card with how far it lies from what was asked for. */
export interface FoundCard {
  readonly card: Card;
  readonly content: CardContent;
  /** 0 where it is just what was said. */
  readonly distance: number;
  /** In what it is another thing, such as "1.5 mm, not 2 mm"; empty where it fits. */
  readonly differs: readonly string[];
}

/** What a search came to. */
export interface FoundCards {
  readonly fitting: readonly FoundCard[];
  /** Nearest first; only where none fits and a joint was said. */
  readonly nearest: readonly FoundCard[];
  /** The joint that was said, as far as it was. */
  readonly wanted: WantedJoint;
}

/** The joint that somebody looks for; what was not said is left out. */
export interface WantedJoint {
  readonly metal?: MetalId;
  readonly kind?: Exclude<JointKind, 'tack'>;
  /** One or two, mm. */
  readonly thicknessesMm: readonly number[];
  readonly gapMm?: number;
}

/** What a difference weighs: less than 1 still fits. */
const weights = { sameFamily: 0.2, otherMetal: 3, cornerForCorner: 0.5, otherKind: 2, thicknessPerLn: 6 };
/** A gauge is within this of its sheet in every metal's own table, as a difference of logarithms. */
const sameThickness = 0.07;
const mostNearest = 3;
/** A card further off than this helps only where there is none nearer. */
const furthestNear = 4;

/**
 * Finds cards by a joint said in a few words, by words of their names, tags and notes, or by both: "304 1.5 butt",
 * "16ga al corner", "hatch frame". A word that is neither must stand in the card.
 */
export function findCards(text: string, cards: readonly Card[]): FoundCards {
  const understood = understandJoint(text);
  const wanted = wantedJoint(understood);
  const words = text
    .toLowerCase()
    .split(/[\s,]+/)
    .filter((word) => word !== '');
  if (words.length === 0) return { fitting: cards.map((card) => plainly(card)), nearest: [], wanted };
  const found = cards
    .map((card) => held(card, wanted, understood.unknown, words))
    .toSorted((one, other) => one.distance - other.distance || other.card.number - one.card.number);
  const fitting = found.filter(({ differs }) => differs.length === 0);
  const saysJoint =
    wanted.metal !== undefined || wanted.kind !== undefined || wanted.thicknessesMm.length > 0;
  const hasNoStrays = understood.unknown.length === 0;
  const near = found.filter(({ distance }, i) => i === 0 || distance < furthestNear);
  const nearest = fitting.length === 0 && saysJoint && hasNoStrays ? near.slice(0, mostNearest) : [];
  return { fitting, nearest, wanted };
}

/** What is welded by: the version in force, or the newest where none was signed. */
export function shownVersion(card: Card) {
  return versionInForce(card) ?? newestVersion(card);
}

function plainly(card: Card): FoundCard {
  return { card, content: shownVersion(card).content, distance: 0, differs: [] };
}

function wantedJoint({ metals: [metal], kind, thicknesses, gap }: UnderstoodJoint): WantedJoint {
  const sheet = metal === undefined ? 'carbonSteel' : metalTable[metal].sheet;
  const inMm = (text: string) => {
    const parsed = parseQuantity(text, 'length', { sheet });
    return parsed.ok ? [parsed.value] : [];
  };
  const [gapMm] = gap === undefined ? [] : inMm(gap);
  return {
    ...(metal === undefined ? {} : { metal }),
    ...(kind === undefined ? {} : { kind }),
    thicknessesMm: thicknesses.flatMap(inMm).slice(0, 2),
    ...(gapMm === undefined ? {} : { gapMm }),
  };
}

function held(
  card: Card,
  wanted: WantedJoint,
  strays: readonly string[],
  words: readonly string[],
): FoundCard {
  const { content } = shownVersion(card);
  const { name, tags, notes } = content;
  const text = [name, ...tags, notes, `card ${card.number}`].join(' ').toLowerCase();
  // "Worktop edge" is a name before it is an edge joint.
  if (words.every((word) => text.includes(word))) return { ...plainly(card), content };
  const parts = [
    metalPart(content.joint, wanted.metal),
    kindPart(content.joint, wanted.kind),
    thicknessPart(content.joint, wanted.thicknessesMm),
    ...strays.map((word) => (text.includes(word) ? fits : { distance: 10, differs: `nothing of “${word}”` })),
  ];
  return {
    card,
    content,
    distance: parts.reduce((sum, { distance }) => sum + distance, 0),
    differs: parts.flatMap(({ differs }) => (differs === null ? [] : [differs])),
  };
}

interface Part {
  readonly distance: number;
  readonly differs: string | null;
}
const fits: Part = { distance: 0, differs: null };

function metalPart({ metal, secondMetal = metal }: Joint, wanted: MetalId | undefined): Part {
  if (wanted === undefined || metal === wanted || secondMetal === wanted) return fits;
  const family = metalTable[wanted].family;
  const isSameFamily = metalTable[metal].family === family;
  // "Al" and "stainless" say a family: another alloy of it fits, after the one that is usual.
  if (isSameFamily) return { distance: weights.sameFamily, differs: null };
  return {
    distance: weights.otherMetal,
    differs: `${metalTable[metal].name}, not ${metalTable[wanted].name}`,
  };
}

function kindPart({ kind }: Joint, wanted: WantedJoint['kind']): Part {
  if (wanted === undefined || kind === wanted) return fits;
  if (seamRow(kind).isCorner && seamRow(wanted).isCorner)
    return { distance: weights.cornerForCorner, differs: 'the other corner' };
  return { distance: weights.otherKind, differs: 'another joint' };
}

function thicknessPart({ firstThicknessMm, secondThicknessMm }: Joint, wanted: readonly number[]): Part {
  const [first, second = first] = wanted;
  if (first === undefined || second === undefined) return fits;
  const apart = (one: number, other: number) => Math.abs(Math.log(one / other));
  const either = (a: number, b: number) => Math.max(apart(firstThicknessMm, a), apart(secondThicknessMm, b));
  // One thickness said is met by either sheet.
  const off =
    wanted.length === 1
      ? Math.min(apart(firstThicknessMm, first), apart(secondThicknessMm, first))
      : Math.min(either(first, second), either(second, first));
  if (off <= sameThickness) return { distance: off, differs: null };
  const said = wanted.map((mm) => `${rounded(mm)} mm`).join(' to ');
  return { distance: weights.thicknessPerLn * off, differs: `${rounded(firstThicknessMm)} mm, not ${said}` };
}

function rounded(mm: number): number {
  return Math.round(mm * 100) / 100;
}
