import type { Network } from '@lone-heron/contract';
import { Download } from 'lucide-react';
import { QRCodeSVG } from 'qrcode.react';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { Loading } from '../../shared/page/Loading.js';
import { ShopPage } from '../ShopPage.js';
import { trustSteps } from './trustSteps.js';
import { useNetworkQuery } from './networkApi.js';

/** How a phone or a tablet opens this shop, and how it comes to trust it. */
export function PhonesScreen() {
  const { data, error, refetch } = unlessShown(useNetworkQuery(undefined));
  return (
    <ShopPage title="On phones">
      {error !== undefined ? (
        <LoadFailed what="the addresses" error={error} retry={refetch} />
      ) : data === undefined ? (
        <Loading what="the addresses" />
      ) : data.isOnNetwork ? (
        <Reached network={data} />
      ) : (
        <NotReached />
      )}
    </ShopPage>
  );
}

function NotReached() {
  return (
    <section className="sheet flex max-w-3xl flex-col gap-2 px-5 py-4">
      <h2 className="text-lg font-semibold">No phone reaches it yet</h2>
      <p>
        This shop is served to its own computer alone. Start it with <code>./heron serve --lan</code> instead
        of <code>./heron serve</code>: the addresses for phones stand here then, with what makes a phone trust
        them.
      </p>
    </section>
  );
}

function Reached({ network: { addresses, authority } }: { network: Network }) {
  return (
    <>
      <Addresses addresses={addresses} />
      {authority === null ? (
        <p className="max-w-3xl text-soft">
          The shop has a certificate of its own choosing: phones that trust it install Lone Heron from their
          browser’s menu, and it opens there without the server too.
        </p>
      ) : (
        <Trust authority={authority} />
      )}
    </>
  );
}

function Addresses({ addresses }: { addresses: readonly string[] }) {
  const [first] = addresses;
  if (first === undefined)
    return (
      <p className="sheet max-w-3xl px-5 py-4">
        This computer is in no network just now. Plug it in or join the shop’s Wi-Fi, then start the server
        again.
      </p>
    );
  return (
    <section className="sheet flex flex-wrap items-center gap-6 px-5 py-4" aria-label="Addresses">
      <QRCodeSVG value={first} size={168} marginSize={2} title={`Code of ${first}`} />
      <div className="flex flex-col gap-1">
        <h2 className="text-lg font-semibold">Point the phone’s camera at the code, or type</h2>
        <ul className="flex flex-col">
          {addresses.map((address) => (
            <li key={address} className="figure text-lg break-all">
              {address}
            </li>
          ))}
        </ul>
        <p className="text-soft">
          The phone has to be in the same network. What begins with http works at once, with PINs readable on
          the way.
        </p>
      </div>
    </section>
  );
}

function Trust({ authority: { name, fingerprint } }: { authority: NonNullable<Network['authority']> }) {
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Trust this shop">
      <h2 className="text-lg font-semibold">Make the phone trust this shop, once</h2>
      <p className="max-w-3xl">
        Over https nobody on the network reads along, and the phone keeps Lone Heron for when the server is
        away. Until it trusts this shop it warns. Everybody can do it in a few minutes:
      </p>
      <a className="btn touch-always self-start btn-primary" href="/api/network/authority" download>
        <Download className="size-5" aria-hidden="true" /> Fetch the certificate
      </a>
      <div className="grid gap-4 md:grid-cols-3">
        {trustSteps.map(({ device, steps }) => (
          <div key={device}>
            <h3 className="font-semibold">{device}</h3>
            <ol className="ml-5 list-decimal">
              {steps.map((step) => (
                <li key={step}>{step}</li>
              ))}
            </ol>
          </div>
        ))}
      </div>
      <p className="max-w-3xl">
        Before you trust it, compare: the phone shows its fingerprint (SHA-256), and this computer printed it
        when it was started. “{name}”:
        <span className="mt-1 block figure text-sm break-all">{fingerprint}</span>
      </p>
      <p className="max-w-3xl text-soft">
        It can vouch for names of the local network alone, for no other site. Take it off a phone that is sold
        or given away.
      </p>
    </section>
  );
}
