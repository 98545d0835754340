import { useHouseQuery } from '../../shared/api/houseApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { ShopPage } from '../ShopPage.js';
import { AcceptancePart } from './AcceptancePart.js';
import { StockPart } from './StockPart.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** What a weld must show to be taken, level by level. */
export function AcceptanceScreen() {
  const { data: house, error, refetch } = unlessShown(useHouseQuery(undefined));
  if (error !== undefined) return <LoadFailed what="the levels" error={error} retry={refetch} />;
  if (house === undefined) return <Loading what="the levels" />;
  return (
    <ShopPage title="Acceptance">
      <p className="max-w-3xl text-soft">
        What a weld must show to be taken. A coupon is held against one of these levels on its own page. Per
        cent are of the sheet’s thickness; what is left empty is not asked. The figures are a start and not a
        standard: where a code or a customer governs the part, put in what they ask.
      </p>
      <StockPart name="acceptance" newest={house.acceptance.revision} part={AcceptancePart} />
    </ShopPage>
  );
}
