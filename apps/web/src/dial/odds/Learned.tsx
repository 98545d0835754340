import { nextCoupons, shopOffset, type BorrowedEvidence, type CouponIdea } from '@lone-heron/core';
import { useMemo } from 'react';
import { useSettled } from '../../shared/form/useSettled.js';
import { percentFigure } from '../../shared/figures/figures.js';
import type { DialOutcome } from '../dialOutcome.js';
import { scrapWorthCutting } from './scrapWorthCutting.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';

/** What the shop's coupons changed, and the coupon that would help most to know. */
export default function Learned({ outcome }: { outcome: DialOutcome }) {
  const { job, forecast, said } = outcome;
  const settled = useSettled(outcome);
  const helps = useMemo(() => helpWords(settled), [settled]);
  if (job.evidence === undefined) return null;
  const { shop } = job.evidence;
  const disagreeing = outcome.learned?.disagreeing ?? [];
  const borrowed = outcome.learned?.borrowed ?? null;
  const offset = shopOffset(shop, said.machine.id, job.metal.family);
  return (
    <>
      <p>
        {offset === null ? nothingHere(shop.used.length, borrowed) : `Your coupons: ${offset.words}`}; depth ±
        {percentFigure(forecast.spread)}.
      </p>
      {borrowed !== null && <p>{borrowed.words}</p>}
      {disagreeing.length > 0 && (
        <p className="text-base-content">
          {disagreeing.length === 1 ? 'Coupon' : 'Coupons'} {namesOf(disagreeing)}{' '}
          {disagreeing.length === 1 ? 'contradicts' : 'contradict'} the others, so the doubt is wider. What
          differed: window, gas, pace, the hand?
        </p>
      )}
      {helps !== null && <p>{helps}</p>}
    </>
  );
}

function nothingHere(used: number, borrowed: BorrowedEvidence | null): string {
  if (borrowed === null) return `Your ${used} coupons are on other metals or machines`;
  const { own } = borrowed;
  return own === 0
    ? 'No coupon of this workshop speaks to it'
    : `This workshop’s ${own === 1 ? 'coupon is' : `${own} coupons are`} on other metals or machines`;
}

/** More than these are named by how many there are. */
const mostNamed = 4;

function namesOf(numbers: readonly number[]): string {
  const named = numbers.slice(0, mostNamed).map((number) => `No. ${number}`);
  const more = numbers.length - named.length;
  return `${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
}

/** The coupon that teaches most, in words; null where scrap tells nothing. */
function helpWords(outcome: DialOutcome): string | null {
  if (scrapWorthCutting(outcome) === null) return null;
  const { job, setting, said, house } = outcome;
  const { teachesMost } = nextCoupons(job, setting);
  return `Would help most: ${ideaWords(teachesMost)}.`;

  function ideaWords({ turned, setting: after }: CouponIdea): string {
    if (turned === null) return 'a coupon of just this';
    const row = panelRows(said.machine.profile, after, house.units).find(({ knob }) => knob === turned.knob);
    return row === undefined
      ? 'a coupon of just this'
      : `a coupon with ${row.name.toLowerCase()} at ${panelFigure(row, row.value)} ${row.scale.unit}`;
  }
}
