import {
  lifeFactors,
  lifeMeasures,
  type LifeFactor,
  type LifeMeasure,
  type Machine,
} from '@lone-heron/contract';
import { useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../../shared/api/heronApi.js';
import { PickField } from '../../../shared/form/PickField.js';
import { Loading } from '../../../shared/page/Loading.js';
import { LoadFailed } from '../../../shared/page/LoadFailed.js';
import { PageHeader } from '../../../shared/page/PageHeader.js';
import { useWindowStudyQuery } from '../../../shared/api/windowStudyApi.js';
import { Comparisons } from './Comparisons.js';
import { GlassWeightsPanel } from './GlassWeightsPanel.js';
import { LifeCurve } from './LifeCurve.js';
import { LifeFigures } from './LifeFigures.js';
import { factorWords, measureWords } from './lifeWords.js';
import { WhatShortens } from './WhatShortens.js';
import { WillItLast } from './WillItLast.js';
import { unlessShown } from '../../../shared/api/unlessShown.js';

/** How long windows last here, what shortens them, and whether the one that is in lasts the job. */
export function LivesScreen() {
  const [search, setSearch] = useSearchParams();
  const asked = readAsked(search);
  const { data: machines } = useMachinesQuery(undefined);
  const { data, currentData, error, refetch } = unlessShown(useWindowStudyQuery(asked));
  if (error !== undefined) return <LoadFailed what="the windows’ lives" error={error} retry={refetch} />;
  const study = currentData ?? data;
  if (study === undefined || machines === undefined) return <Loading what="the windows’ lives" />;
  const say = (name: string, value: string) => {
    const next = new URLSearchParams(search);
    if (value === '') next.delete(name);
    else next.set(name, value);
    setSearch(next, { replace: true });
  };
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="How long windows last" back={{ to: '/optics', name: 'Optics' }}>
        <Asked asked={asked} machines={machines} onSay={say} />
      </PageHeader>
      {study.life === null ? (
        <p className="sheet p-6 text-lg">
          No window was used yet. Log coupons and welding, and write down what you see on each window that
          comes out: after a dozen this page tells what shortens them.
        </p>
      ) : (
        <>
          <div className="grid grid-cols-1 items-start gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]">
            <div className="flex flex-col gap-3">
              <WhatShortens study={study} machines={machines} />
              {asked.measure === 'worn' && <WillItLast study={study} machines={machines} />}
            </div>
            <LifeFigures study={study} />
          </div>
          <LifeCurve study={study} factor={asked.factor} machines={machines} />
          <Comparisons study={study} machines={machines} onPick={(factor) => say('by', factor)} />
          <GlassWeightsPanel />
        </>
      )}
    </div>
  );
}

interface AskedProps {
  asked: ReturnType<typeof readAsked>;
  machines: readonly Machine[];
  onSay: (name: string, value: string) => void;
}

function Asked({ asked, machines, onSay }: AskedProps) {
  return (
    <div className="flex flex-wrap gap-2">
      <PickField
        label="Counted in"
        value={asked.measure}
        choices={lifeMeasures.map((measure) => ({
          value: measure,
          label: `${measureWords[measure].name}, ${measureWords[measure].unit}`,
        }))}
        onPick={(measure) => onSay('in', measure)}
      />
      <PickField
        label="Machine"
        value={asked.machineId ?? ''}
        choices={[
          { value: '', label: 'all machines' },
          ...machines.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onPick={(id) => onSay('machine', id)}
      />
      <PickField
        label="A curve for each"
        value={asked.factor ?? ''}
        choices={[
          { value: '', label: 'one for all' },
          ...lifeFactors.map((factor) => ({ value: factor, label: factorWords[factor] })),
        ]}
        onPick={(factor) => onSay('by', factor)}
      />
    </div>
  );
}

function readAsked(search: URLSearchParams): {
  measure: LifeMeasure;
  machineId?: string;
  factor?: LifeFactor;
} {
  const measure = lifeMeasures.find((each) => each === search.get('in')) ?? 'worn';
  const machineId = search.get('machine');
  const factor = lifeFactors.find((each) => each === search.get('by'));
  return {
    measure,
    ...(machineId === null ? {} : { machineId }),
    ...(factor === undefined ? {} : { factor }),
  };
}
