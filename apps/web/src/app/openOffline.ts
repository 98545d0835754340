import type { Machine } from '@lone-heron/contract';
import { ownHeaders } from '../shared/api/heronApi.js';
import { toast } from '../shared/say/toast.js';

/** What each station shows first, asked for once so that it is there when the server is not. */
const mainReads = [
  ...['session', 'people', 'machines', 'windows', 'house', 'days', 'clearances', 'cards', 'upkeep'],
  ...['jobs', 'weld-runs/times', 'trials', 'trial-ladders', 'mode-cards'],
  ...['coupons?limit=1', 'coupons?offset=0&limit=100', 'coupons?limit=200', 'ladders'],
  ...['bottles', 'stock', 'windows/history?offset=0&limit=12', 'windows/study?measure=worn'],
];
const readsOfMachine = (id: string) => [
  ...[`machines/${id}/parts`, `machines/${id}/records`, `machines/${id}/revisions`],
  `coupons?machineId=${id}&limit=1`,
];

/**
 * Has the browser keep the application and what every station shows first, so that it opens without the server. Browsers
 * do that on the shop's own machine and over HTTPS.
 */
export async function openOffline(): Promise<void> {
  // Missing on plain HTTP away from this machine.
  if (!('serviceWorker' in navigator)) return;
  const registration = await navigator.serviceWorker.register('/serviceWorker.js');
  offerNewer(registration);
  await watched();
  await keepMainReads();
}

/** Until the worker sees what this page asks for: on a first visit it takes the page over a moment after it is ready. */
async function watched(): Promise<void> {
  if (navigator.serviceWorker.controller !== null) return;
  await new Promise((resolve) =>
    navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
  );
}

async function keepMainReads(): Promise<void> {
  for (const path of mainReads) await read(path);
  const machines = (await (await read('machines'))?.json()) as readonly Machine[] | undefined;
  for (const { id } of machines ?? []) for (const path of readsOfMachine(id)) await read(path);
}

/** One after the other, so that nothing the person asks for waits behind them. */
async function read(path: string): Promise<Response | null> {
  try {
    const answer = await fetch(`/api/${path}`, { headers: ownHeaders });
    return answer.ok ? answer : null;
  } catch {
    // The server went away meanwhile: what was kept before stays.
    return null;
  }
}

/** A newer version is taken when somebody says so: what is typed is kept over the reload, and said to be. */
function offerNewer(registration: ServiceWorkerRegistration): void {
  let isTaken = false;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (isTaken) window.location.reload();
  });
  const offer = () => {
    const { waiting } = registration;
    if (waiting === null || navigator.serviceWorker.controller === null) return;
    toast('A newer Lone Heron is here.', {
      action: {
        label: 'Take it',
        onClick: () => {
          isTaken = true;
          waiting.postMessage('take the newer one');
        },
      },
    });
  };
  offer();
  registration.addEventListener('updatefound', () => {
    const coming = registration.installing;
    coming?.addEventListener('statechange', () => {
      if (coming.state === 'installed') offer();
    });
  });
}
