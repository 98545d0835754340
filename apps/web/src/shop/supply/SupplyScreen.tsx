import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { ShopPage } from '../ShopPage.js';
import { Bottles } from './Bottles.js';
import { MachineSupply } from './MachineSupply.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { inUse } from '../../shared/machines/inUse.js';

/** What feeds the machines: gas, water, air, mains. */
export function SupplyScreen() {
  const machines = unlessShown(useMachinesQuery(undefined));
  const bottles = unlessShown(useBottlesQuery(undefined));
  if (machines.error !== undefined)
    return <LoadFailed what="the machines" error={machines.error} retry={machines.refetch} />;
  if (bottles.error !== undefined)
    return <LoadFailed what="the bottles" error={bottles.error} retry={bottles.refetch} />;
  if (machines.data === undefined || bottles.data === undefined) return <Loading what="the supply" />;
  return (
    <ShopPage title="Supply">
      <Bottles bottles={bottles.data} machines={inUse(machines.data)} />
      <div className="grid items-start gap-4 md:grid-cols-2">
        {inUse(machines.data).map((machine) => (
          <MachineSupply key={machine.id} machine={machine} />
        ))}
      </div>
    </ShopPage>
  );
}
