import { inspectionFound, type Coupon } from '@lone-heron/contract';
import { judgeAcceptance, type CriterionVerdict } from '@lone-heron/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { houseContent, useHouseQuery } from '../../../shared/api/houseApi.js';
import { useTestsQuery } from '../inspectionApi.js';
import { VerdictList } from '../../../shared/acceptance/VerdictList.js';
import { shopUnits } from '../../../shared/figures/shopUnits.js';
import { PickField } from '../../../shared/form/PickField.js';

/** A coupon held against one of the shop's levels, thing by thing. */
export function Acceptance({ coupon }: { coupon: Coupon }) {
  const levels = houseContent(useHouseQuery(undefined).data).acceptance;
  const { data: tests = [] } = useTestsQuery(coupon.id);
  const [name, setName] = useState(levels[0]?.name ?? '');
  const level = levels.find((each) => each.name === name) ?? levels[0];
  if (level === undefined) return null;
  const verdicts = judgeAcceptance(level, inspectionFound(coupon, tests), shopUnits());
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Acceptance">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <PickField
          label="Held against"
          value={level.name}
          choices={levels.map((each) => ({ value: each.name, label: each.name }))}
          onPick={setName}
        />
        <p className="text-lg font-semibold" role="status">
          {wholeVerdict(verdicts)}
        </p>
      </div>
      <VerdictList verdicts={verdicts} />
      <p className="text-sm text-soft">
        The shop’s own levels, set under{' '}
        <Link className="underline" to="/shop/acceptance">
          Acceptance
        </Link>
        ; no qualification to any code.
      </p>
    </section>
  );
}

function wholeVerdict(verdicts: readonly CriterionVerdict[]): string {
  const has = (wanted: CriterionVerdict['verdict']) =>
    verdicts.filter(({ verdict }) => verdict === wanted).length;
  if (verdicts.length === 0) return 'Nothing is asked';
  if (has('notMet') > 0) return 'Not met';
  if (has('notTested') > 0) return `${has('notTested')} still to be tested`;
  return 'Met';
}
