import { seamRow } from '@lone-heron/core';
import { createElement, lazy, type ReactNode } from 'react';
import { useSelector } from 'react-redux';
import { useMachinesQuery } from '../shared/api/heronApi.js';
import { selectDialSearch } from '../shared/memory/deskSlice.js';
import { readAddress } from '../dial/dialAddress.js';
import { readSentence } from '../shared/saidJoint/readSentence.js';
import { metalName } from '../shared/vocabulary/metalNames.js';
import { typedText } from '../shared/figures/spoken.js';
import type { StationPath } from './stations.js';
import { inUse } from '../shared/machines/inUse.js';

/** Fetched after the page: the days with the words for them, the coupons, the cards and the upkeep. */
const ReadyState = lazy(() => import('./ReadyState.js'));
const CouponsState = lazy(() => import('./CouponsState.js'));
const CardsState = lazy(() => import('./CardsState.js'));
const JobsState = lazy(() => import('./JobsState.js'));
const ShopState = lazy(() => import('./ShopState.js'));
const OpticsState = lazy(() => import('./OpticsState.js'));

/** Each station's state in a few words. */
export function useStationStates(): Readonly<Record<StationPath, ReactNode>> {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const { said } = readSentence(
    readAddress(new URLSearchParams(useSelector(selectDialSearch))).address.words,
    machines,
  );
  const machineId = said?.machine.id ?? machines[0]?.id;
  return {
    '/ready': createElement(ReadyState),
    '/dial':
      said === null
        ? 'say a joint'
        : `${shortMetal(metalName(said.joint.metal))} ${typedText(said.joint.firstThicknessMm, 'mm', 2)} ${seamRow(said.joint.kind).short}`,
    '/coupons': createElement(CouponsState),
    '/cards': createElement(CardsState),
    '/jobs': createElement(JobsState),
    '/optics': createElement(OpticsState, { machineId }),
    '/shop': createElement(ShopState, { machines: inUse(machines).length }),
  };
}

/** The first word tells the metals apart. */
function shortMetal(name: string): string {
  return name.split(' ')[0] ?? name;
}
