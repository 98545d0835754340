import type { Machine, ProtectiveWindow } from '@lone-heron/contract';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useMachinesQuery } from '../../../shared/api/heronApi.js';
import { useWindowsQuery } from '../../../shared/api/windowsApi.js';
import { useShopPhotosQuery } from '../../../shared/api/shopPhotosApi.js';
import { PickField } from '../../../shared/form/PickField.js';
import { Loading } from '../../../shared/page/Loading.js';
import { LoadFailed } from '../../../shared/page/LoadFailed.js';
import { PageHeader } from '../../../shared/page/PageHeader.js';
import { ShopPhoto } from '../../photos/ShopPhoto.js';
import { CountBoard } from './CountBoard.js';
import { GlassLooks } from './GlassLooks.js';
import { unlessShown } from '../../../shared/api/unlessShown.js';

/** A photo of the glass: specks counted, the share of the beam they cover, and how it grew since the last. */
export function SpecksScreen() {
  const [search, setSearch] = useSearchParams();
  const machines = unlessShown(useMachinesQuery(undefined));
  const { data: windows } = useWindowsQuery(undefined);
  if (machines.error !== undefined)
    return <LoadFailed what="the machines" error={machines.error} retry={machines.refetch} />;
  if (machines.data === undefined || windows === undefined) return <Loading what="the windows" />;
  const machine = machines.data.find(({ id }) => id === search.get('machine')) ?? machines.data[0];
  const fitted = windows.find(({ machineId }) => machineId === machine?.id);
  return (
    <div className="mx-auto flex max-w-[1300px] flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Photo of the glass" back={{ to: '/optics', name: 'Optics' }}>
        {machine !== undefined && (
          <PickField
            label="Machine"
            value={machine.id}
            choices={machines.data.map(({ id, name }) => ({ value: id, label: name }))}
            onPick={(id) => setSearch({ machine: id }, { replace: true })}
          />
        )}
      </PageHeader>
      {machine === undefined || fitted === undefined ? (
        <p className="sheet p-6 text-lg">
          No window is recorded on this machine: record one in Optics first.
        </p>
      ) : (
        <Glass key={machine.id} machine={machine} fitted={fitted} />
      )}
    </div>
  );
}

function Glass({ machine, fitted }: { machine: Machine; fitted: ProtectiveWindow }) {
  const [photoId, setPhotoId] = useState<string | null>(null);
  const { data: photos = [] } = useShopPhotosQuery(machine.id);
  const photo = photos.find(({ id }) => id === photoId);
  return (
    <>
      <section className="sheet flex flex-wrap items-center gap-4 px-5 py-3" aria-label="Take the photo">
        <p className="min-w-64 grow basis-96 leading-snug">
          Isolate first: laser off, key out. The window out of its holder, laid on plain grey or white paper
          in even light, the camera straight above, nothing mirrored in it. Nobody looks through it.
        </p>
        <ShopPhoto machineId={machine.id} subject="glass" photoId={photoId} onPhoto={setPhotoId} />
      </section>
      {photo !== undefined && (
        <CountBoard
          key={photo.id}
          machine={machine}
          fitted={fitted}
          photo={photo}
          onKept={() => setPhotoId(null)}
        />
      )}
      <GlassLooks machine={machine} fitted={fitted} />
    </>
  );
}
