import { dialledMetals, learnTint, type DialledMetalId, type Metal, type TintBelief } from '@lone-heron/core';
import { skipToken } from '@reduxjs/toolkit/query';
import { useMemo } from 'react';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { useWorked } from '../../shared/worker/useWorked.js';
import { useTintsQuery } from './tintApi.js';
import { tintTask, type TintTask } from './tintTask.js';

const start = () => new Worker(new URL('./tintWorker.ts', import.meta.url), { type: 'module' });
const nobodyLooked = learnTint([]);

/** What the shop's photographed colours say of a metal's; the tables alone until they have been worked out, or where there are none. */
export function useTintBelief(metal: Metal): TintBelief {
  const asked = isDialled(metal.id) && metal.tint !== null ? metal.id : null;
  const { data: tints } = useTintsQuery(asked === null ? skipToken : { metal: asked });
  const { data: machines } = useMachinesQuery(undefined);
  const task = useMemo(
    () => (tints === undefined || machines === undefined ? null : tintTask(tints, machines)),
    [tints, machines],
  );
  return useWorked<TintTask, TintBelief>(task, start).shown?.answer ?? nobodyLooked;
}

function isDialled(id: string): id is DialledMetalId {
  return dialledMetals.some((each) => each === id);
}
