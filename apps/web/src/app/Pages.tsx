import { lazy, Suspense } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { DialScreen } from '../dial/DialScreen.js';
import { Loading } from '../shared/page/Loading.js';
import { Broken } from './Broken.js';
import { Lost } from './Lost.js';

const ModeDialScreen = lazy(() => import('../dial/modes/ModeDialPage.js'));
const ReadyPages = lazy(() => import('./ReadyPages.js'));
const CardsPages = lazy(() => import('./CardsPages.js'));
const CouponsPages = lazy(() => import('./CouponsPages.js'));
const JobsPages = lazy(() => import('./JobsPages.js'));
const OpticsPages = lazy(() => import('./OpticsPages.js'));
const HandbookScreen = lazy(() => import('../help/HandbookScreen.js'));
const ShopPages = lazy(() => import('./ShopPages.js'));

/**
 * The station of the address. Dial is what most people open first and comes with the page; which pages the other
 * stations have is fetched, as the pages are, when one is asked for.
 */
export function Pages() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[pathname]}>
      <Suspense fallback={<Loading what="the station" />}>
        <Routes>
          <Route index element={<Navigate to="/dial" replace />} />
          <Route path="dial" element={<DialScreen />} />
          <Route path="dial/:mode" element={<ModeDialScreen />} />
          <Route path="ready/*" element={<ReadyPages />} />
          <Route path="cards/*" element={<CardsPages />} />
          <Route path="coupons/*" element={<CouponsPages />} />
          <Route path="optics/*" element={<OpticsPages />} />
          <Route path="shop/*" element={<ShopPages />} />
          <Route path="jobs/*" element={<JobsPages />} />
          <Route path="help/:chapter?" element={<HandbookScreen />} />
          <Route path="*" element={<Lost />} />
        </Routes>
      </Suspense>
    </ErrorBoundary>
  );
}
