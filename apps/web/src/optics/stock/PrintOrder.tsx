import { stockAdvice } from '@lone-heron/contract';
import { format } from 'date-fns';
import { useCallback, useState } from 'react';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { orderPaper } from './orderPaper.js';
import { useStockQuery } from './stockApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** What to order now as a page to print or to send. */
export function PrintOrder() {
  const { data: items, error, refetch } = unlessShown(useStockQuery(undefined));
  const { data: house } = useHouseQuery(undefined);
  const [printedAt] = useState(shopNow);
  const layOut = useCallback(
    (frame: PageFrame) => orderPaper(items ?? [], printedAt, frame),
    [items, printedAt],
  );
  if (error !== undefined) return <LoadFailed what="the drawer" error={error} retry={refetch} />;
  if (items === undefined) return <Loading what="the drawer" />;
  const isEmpty = items.every((item) => stockAdvice(item).order === 0);
  return (
    <div className="mx-auto flex max-w-5xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="Order list" back={{ to: '/optics/drawer', name: 'the drawer' }} />
      {isEmpty ? (
        <p className="sheet p-6 text-lg">
          {items.length === 0
            ? 'Nothing is written down of the drawer yet, so there is nothing to order by: write the spares down first.'
            : 'Nothing is to be ordered: the drawer has more than a delivery uses.'}
        </p>
      ) : (
        <PaperPreview
          title="Order list"
          fileName={`order ${format(printedAt, 'yyyy-MM-dd')}`}
          orientation="portrait"
          begin={paperOf(houseContent(house).units)}
          layOut={layOut}
        />
      )}
    </div>
  );
}
