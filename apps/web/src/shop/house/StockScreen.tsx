import { Link } from 'react-router';
import { useHouseQuery } from '../../shared/api/houseApi.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { ShopPage } from '../ShopPage.js';
import { JobRatesPart } from './JobRatesPart.js';
import { NozzlesPart } from './NozzlesPart.js';
import { PricesPart } from './PricesPart.js';
import { StockPart } from './StockPart.js';
import { WirePart } from './WirePart.js';
import { unlessShown } from '../../shared/api/unlessShown.js';

/** What is on hand, and what it costs: Dial offers what stands on the shelf first. */
export function StockScreen() {
  const { data: house, error, refetch } = unlessShown(useHouseQuery(undefined));
  if (error !== undefined) return <LoadFailed what="the stock" error={error} retry={refetch} />;
  if (house === undefined) return <Loading what="the stock" />;
  return (
    <ShopPage title="Stock">
      <StockPart name="wire" newest={house.wire.revision} part={WirePart} />
      <StockPart name="nozzles" newest={house.nozzles.revision} part={NozzlesPart} />
      <StockPart name="prices" newest={house.prices.revision} part={PricesPart} />
      <StockPart name="jobRates" newest={house.jobRates.revision} part={JobRatesPart} />
      <p className="text-soft">
        Gas bottles stand under{' '}
        <Link className="font-semibold text-primary underline" to="/shop/supply">
          Supply
        </Link>
        .
      </p>
    </ShopPage>
  );
}
