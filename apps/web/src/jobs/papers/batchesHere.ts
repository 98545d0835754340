import type { Bottle, HouseContent, JobMaterial } from '@lone-heron/contract';

/** Batches of a material that the shop has now, by the labels on its spools and bottles; of sheets it keeps none. */
export function batchesHere(
  material: JobMaterial,
  { house, bottles }: { readonly house: Pick<HouseContent, 'wire'>; readonly bottles: readonly Bottle[] },
): readonly string[] {
  if (material.of === 'sheet') return [];
  const labels =
    material.of === 'wire'
      ? house.wire
          .filter(
            ({ filler, diameterMm }) => filler === material.filler && diameterMm === material.diameterMm,
          )
          .map(({ batch }) => batch)
      : bottles
          .filter(({ gas, goneAt }) => gas === material.gas && goneAt === null)
          .map(({ batch, purity }) => [batch, purity].filter((each) => each !== '').join(' '));
  return [...new Set(labels.filter((each) => each !== ''))];
}
