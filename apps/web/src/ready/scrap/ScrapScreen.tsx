import type { Machine, ShopRecord } from '@lone-heron/contract';
import { useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useRecordsOfQuery } from '../../shared/api/recordsApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { FocusPart } from './FocusPart.js';
import { PointerPart } from './PointerPart.js';
import { TestLinePart } from './TestLinePart.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** The test on scrap before work: dot, focus, line, each with its log. */
export function ScrapScreen() {
  const { id = '' } = useParams();
  const { data: machines } = useMachinesQuery(undefined);
  const { data: records, error, refetch } = unlessShown(useRecordsOfQuery(id));
  if (error !== undefined) return <LoadFailed what="the scrap tests" error={error} retry={refetch} />;
  const machine = machines?.find((each) => each.id === id);
  if (machine === undefined || records === undefined) return <Loading what="the scrap tests" />;
  return <ScrapTest machine={machine} records={records} />;
}

function ScrapTest({ machine, records }: { machine: Machine; records: readonly ShopRecord[] }) {
  return (
    <div className="mx-auto flex max-w-[1500px] flex-col gap-4 px-4 py-4 sm:px-6">
      <PageHeader
        title={`Scrap test of ${machine.name}`}
        back={{ to: `/ready?machine=${machine.id}`, name: 'Ready' }}
      />
      <div className="grid items-start gap-4 lg:grid-cols-3">
        <PointerPart machine={machine} records={records} />
        <FocusPart machine={machine} records={records} />
        <TestLinePart machine={machine} records={records} />
      </div>
    </div>
  );
}
