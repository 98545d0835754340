import type { Machine, Sequence } from '@lone-heron/contract';
import { useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { useSequenceQuery } from '../readyApi.js';
import { TemplateEditor } from './TemplateEditor.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** A machine's start-up and shut-down, to be read by everybody and changed by a lead. */
export function TemplateScreen() {
  const { id = '' } = useParams();
  const { data: machines } = useMachinesQuery(undefined);
  const { data: sequence, error, refetch } = unlessShown(useSequenceQuery(id));
  if (error !== undefined) return <LoadFailed what="the steps" error={error} retry={refetch} />;
  const machine = machines?.find((each) => each.id === id);
  if (machine === undefined || sequence === undefined) return <Loading what="the steps" />;
  return <Template key={sequence.revision} machine={machine} sequence={sequence} />;
}

function Template({ machine, sequence }: { machine: Machine; sequence: Sequence }) {
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <PageHeader
        title={`Steps of ${machine.name}`}
        back={{ to: `/ready?machine=${machine.id}`, name: 'Ready' }}
      />
      <p className="text-soft">
        {sequence.revision === 0
          ? 'The usual order, made from the machine. The machine’s own manual decides: change what it asks otherwise.'
          : `Template revision ${sequence.revision}. Days keep the steps they were opened with.`}
      </p>
      <TemplateEditor machine={machine} sequence={sequence} />
    </div>
  );
}
