import { coreJoint, ladderKnobs, type Coupon, type LadderKnob, type Machine } from '@lone-heron/contract';
import { inMm, jointThermal } from '@lone-heron/core';
import { lazy, Suspense, useMemo, useState } from 'react';
import { PickField } from '../../shared/form/PickField.js';
import { Loading } from '../../shared/page/Loading.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { knobUnit } from '../ladders/ladderKnobs.js';
import { couponsByJoint, knobDepths } from './knobDepths.js';

/** Fetched when the page is opened: charts are heavy. */
const KnobDepthChart = lazy(() => import('./KnobDepthChart.js'));

interface DepthByKnobProps {
  coupons: readonly Coupon[];
  machines: readonly Machine[];
}

/** Depth of the coupons of one joint against any knob: what the shop itself has seen, without a model's line. */
export function DepthByKnob({ coupons, machines }: DepthByKnobProps) {
  const groups = useMemo(() => couponsByJoint(coupons, machines), [coupons, machines]);
  const [picked, setPicked] = useState('');
  const [knob, setKnob] = useState<LadderKnob>('power');
  const group = groups.find(({ id }) => id === picked) ?? groups[0];
  const depths = useMemo(() => (group === undefined ? [] : knobDepths(group, knob)), [group, knob]);
  const joint = group?.coupons[0]?.joint;
  if (group === undefined || joint === undefined) return null;
  return (
    <section
      className="sheet flex min-w-0 flex-col gap-2 overflow-hidden px-5 py-4 lg:col-span-2"
      aria-label="Depth against a knob"
    >
      <h2 className="text-lg font-semibold">Depth against a knob</h2>
      <p className="text-soft">
        What each coupon allows: a short bar from a section, a long one from a look at the back. The dashed
        line is the thickness to be melted. Other knobs may have been turned too: a ladder turns one.
      </p>
      <div className="grid grid-cols-1 gap-3 sm:grid-cols-[2fr_1fr]">
        <PickField
          label="Joint"
          value={group.id}
          choices={groups.map((each) => ({
            value: each.id,
            label: `${jointInWords(each.coupons[0]?.joint ?? joint)}, on ${each.machine.name} (${each.coupons.length})`,
          }))}
          onPick={setPicked}
        />
        <PickField
          label="Knob"
          value={knob}
          choices={ladderKnobs.map((value) => ({ value, label: knobUnit(value).name }))}
          onPick={setKnob}
        />
      </div>
      {depths.length === 0 ? (
        <p>None of these coupons {knob === 'travel' ? 'was timed' : 'has that knob'}.</p>
      ) : (
        <Suspense fallback={<Loading what="the chart" />}>
          <KnobDepthChart
            knob={knob}
            depths={depths}
            thicknessMm={inMm(jointThermal(coreJoint(joint)).thickness)}
          />
        </Suspense>
      )}
    </section>
  );
}
