import { shownVersion, type Card, type CardVersion, type Joint } from '@lone-heron/contract';
import { seamKinds, seamRow, type SeamKind } from '@lone-heron/core';
import { spokenLength } from '../../shared/figures/spoken.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';

/** A card in its cell of a chart. */
export interface ChartedCard {
  readonly card: Card;
  readonly shown: CardVersion;
}

/** The cards of one kind of joint: metals down, thicknesses across. */
export interface JointChart {
  readonly kind: SeamKind;
  readonly name: string;
  readonly thicknesses: readonly string[];
  readonly rows: readonly {
    readonly metal: string;
    /** As many as there are thicknesses; empty where no card fits. */
    readonly cells: readonly (readonly ChartedCard[])[];
  }[];
}

/** More columns than this cannot be read from where one stands. */
const mostAcross = 6;

/**
 * The cards of a machine as charts, one for each kind of joint and for as many thicknesses as fit across. Retired cards are
 * left out, and drafts where they are not asked for.
 */
export function machineCharts(
  cards: readonly Card[],
  machineId: string,
  { withDrafts }: { readonly withDrafts: boolean },
): readonly JointChart[] {
  const charted = cards.flatMap((card): ChartedCard[] => {
    const shown = shownVersion(card);
    const isMeant = shown.content.machineId === machineId && card.retiredAt === null;
    return isMeant && (withDrafts || shown.signedAt !== null) ? [{ card, shown }] : [];
  });
  const kinds = seamKinds.filter((kind) => charted.some(({ shown }) => shown.content.joint.kind === kind));
  return kinds.flatMap((kind) =>
    chartsOfKind(
      kind,
      charted.filter(({ shown }) => shown.content.joint.kind === kind),
    ),
  );
}

function chartsOfKind(kind: SeamKind, charted: readonly ChartedCard[]): readonly JointChart[] {
  const sizes = [...new Map(charted.map((each) => [thicknessOf(jointOf(each)), sortKey(jointOf(each))]))]
    .sort(([, one], [, other]) => one - other)
    .map(([thickness]) => thickness);
  const parts = Array.from({ length: Math.ceil(sizes.length / mostAcross) }, (_, i) =>
    sizes.slice(i * mostAcross, (i + 1) * mostAcross),
  );
  return parts.map((thicknesses) => {
    const mine = charted.filter((each) => thicknesses.includes(thicknessOf(jointOf(each))));
    const metals = [...new Set(mine.map((each) => metalsOf(jointOf(each))))].sort();
    const rows = metals.map((metal) => ({
      metal,
      cells: thicknesses.map((thickness) =>
        mine
          .filter((each) => metalsOf(jointOf(each)) === metal && thicknessOf(jointOf(each)) === thickness)
          .sort((one, other) => jointOf(one).gapMm - jointOf(other).gapMm),
      ),
    }));
    return { kind, name: seamRow(kind).short, thicknesses, rows };
  });
}

function jointOf({ shown }: ChartedCard): Joint {
  return shown.content.joint;
}

function thicknessOf({ firstThicknessMm, secondThicknessMm }: Joint): string {
  return firstThicknessMm === secondThicknessMm
    ? spokenLength(firstThicknessMm)
    : `${spokenLength(firstThicknessMm)} on ${spokenLength(secondThicknessMm)}`;
}

function sortKey({ firstThicknessMm, secondThicknessMm }: Joint): number {
  return firstThicknessMm * 1000 + secondThicknessMm;
}

function metalsOf({ metal, secondMetal = metal }: Joint): string {
  return metal === secondMetal ? metalName(metal) : `${metalName(metal)} to ${metalName(secondMetal)}`;
}
