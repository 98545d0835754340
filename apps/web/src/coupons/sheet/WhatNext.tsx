import {
  coreJob,
  coreSetting,
  relevantTo,
  isAskedRight,
  seenAt,
  toesLook,
  type Coupon,
  type Machine,
} from '@lone-heron/contract';
import {
  dialInAdvice,
  nextCoupons,
  type CouponIdea,
  type SeenWeld,
  type WeldSetting,
} from '@lone-heron/core';
import { useMemo } from 'react';
import { useRelevantCouponsQuery } from '../../shared/api/couponsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { learnFrom } from '../../shared/evidence/learnFrom.js';
import { panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { figure, percentFigure } from '../../shared/figures/figures.js';

interface WhatNextProps {
  coupon: Coupon;
  machine: Machine;
  /** Every machine of the shop: coupons of the others weigh in too. */
  machines: readonly Machine[];
}

/** What this coupon asks for: one thing, turned once; and which coupon would land, which would teach. */
export function WhatNext({ coupon, machine, machines }: WhatNextProps) {
  const { data } = useRelevantCouponsQuery(relevantTo(coupon.joint, coupon.machineId));
  const { data: house } = useHouseQuery(undefined);
  const { units } = houseContent(house);
  const next = useMemo(
    () =>
      data === undefined
        ? null
        : nextOf(coupon, machine, learnFrom(data.coupons, machines, houseContent(house).practice)),
    [coupon, machine, machines, data, house],
  );
  if (coupon.slip !== undefined)
    return <OnlyWords words="The hand slipped: weld the same setting once more before anything is turned." />;
  if (next === null) return <OnlyWords words="Reading what the other coupons say." />;
  if ('refusal' in next)
    return <OnlyWords words={`Cannot be computed on this machine any more: ${next.refusal}`} />;
  const dialled = (setting: WeldSetting, knob: string) => {
    const row = panelRows(machine.profile, setting, units).find((each) => each.knob === knob);
    return row === undefined
      ? ''
      : `${row.name.toLowerCase()} ${panelFigure(row, row.value)} ${row.scale.unit}`;
  };
  const idea = ({ turned, setting, forecast }: CouponIdea) =>
    `${turned === null ? 'just this once more' : dialled(setting, turned.knob)}, ${percentFigure(forecast.evenChance)} an even line`;
  const { advice, ideas } = next;
  return (
    <section className="sheet px-5 py-3" aria-label="What next">
      <h2 className="font-semibold">What next</h2>
      {advice.kind === 'turn' && (
        <p className="text-xl leading-snug">
          Turn one thing: <strong>{dialled(advice.turn.setting, advice.turn.knob)}</strong>
        </p>
      )}
      {advice.kind === 'mend' && <p className="text-lg leading-snug font-semibold">{advice.action}</p>}
      <p className="text-soft">{advice.why}</p>
      {advice.kind === 'turn' && (
        <p>
          Depth over thickness {figure(advice.turn.reachBefore, 2)} to {figure(advice.turn.reachAfter, 2)};
          chance of an even line {percentFigure(advice.turn.chanceBefore)} to{' '}
          {percentFigure(advice.turn.chanceAfter)}. Costs: {advice.turn.cost}.
        </p>
      )}
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 border-t border-base-300 pt-2">
        <dt className="text-soft">Costs least</dt>
        <dd>{idea(ideas.mostLikelyToLand)}</dd>
        <dt className="text-soft">Teaches most</dt>
        <dd>{idea(ideas.teachesMost)}</dd>
      </dl>
    </section>
  );
}

function OnlyWords({ words }: { words: string }) {
  return (
    <section className="sheet px-5 py-3" aria-label="What next">
      <h2 className="font-semibold">What next</h2>
      <p>{words}</p>
    </section>
  );
}

/** The coupon as it was seen: its back, now or between two runs, or toes and far side; never the one for the other. */
function seenOf(coupon: Coupon): SeenWeld {
  const said = { face: coupon.face ?? [], welding: coupon.welding ?? [] };
  if (!isAskedRight(coupon) && coupon.back !== 'hole') return { back: null, ...said };
  switch (seenAt(coupon.joint)) {
    case 'back':
      return { back: coupon.back, ...said };
    case 'firstRun':
      return { back: coupon.back, isFirstRun: true, ...said };
    case 'toes':
      return { back: null, toes: toesLook(coupon.back), ...said };
  }
}

/** What the core advises after a coupon; a joint or machine that it cannot compute any more has no advice. */
function nextOf(coupon: Coupon, machine: Machine, learn: ReturnType<typeof learnFrom>) {
  const { pace } = coupon.setting;
  const wireDiameterMm = pace.by === 'wire' ? pace.wireDiameterMm : null;
  const setting = coreSetting(coupon.setting);
  try {
    const plain = coreJob(coupon.joint, wireDiameterMm, machine.profile, { kind: 'reach' });
    const evidence = learn(plain, setting, machine.id, coupon.joint);
    const job = evidence === null ? plain : { ...plain, evidence };
    return {
      advice: dialInAdvice(job, setting, seenOf(coupon)),
      ideas: nextCoupons(job, setting, coupon.back === 'hole'),
    };
  } catch (fault) {
    return { refusal: fault instanceof Error ? fault.message : String(fault) };
  }
}
