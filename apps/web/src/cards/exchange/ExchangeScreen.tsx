import { Download } from 'lucide-react';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { ReadExchange } from './ReadExchange.js';

/** Machines, cards, coupons and jobs out to another shop, and theirs in after a look at every part. */
export function ExchangeScreen() {
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Pass cards on" back={{ to: '/cards', name: 'cards' }} />
      <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="Out">
        <h2 className="text-lg font-semibold">Out</h2>
        <p>
          Everything in one open file: machines, cards with all their versions, coupons as they were logged,
          jobs as they are planned. One card alone goes out from its own page, one job from its papers. Photos
          and tests go with the coupons’ ZIP, the pictures of a job with its own.
        </p>
        <div className="flex flex-wrap gap-2">
          <a className="btn touch-always" href="/api/exchange/json" download>
            <Download className="size-5" aria-hidden="true" /> JSON, everything
          </a>
          <a className="btn touch-always" href="/api/exchange/csv" download>
            <Download className="size-5" aria-hidden="true" /> CSV, cards for a spreadsheet
          </a>
          <a
            className="btn touch-always btn-ghost"
            href="/api/exchange/schema"
            download="exchange-1.schema.json"
          >
            <Download className="size-5" aria-hidden="true" /> Its JSON Schema
          </a>
        </div>
      </section>
      <ReadExchange />
    </div>
  );
}
