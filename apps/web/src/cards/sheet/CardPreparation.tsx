import type { CardContent, Machine } from '@lone-heron/contract';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { CautionNote } from '../../shared/page/CautionNote.js';
import { preparationWords } from '../../shared/vocabulary/preparation.js';
import { beforeLight } from '../beforeLight.js';

/** What is done before light, and what can hurt somebody at this joint. */
export function CardPreparation({ content, machine }: { content: CardContent; machine: Machine }) {
  const { data: house } = useHouseQuery(undefined);
  const { steps, cautions } = beforeLight(content, machine, houseContent(house).practice);
  return (
    <section className="sheet flex flex-col gap-2 px-5 py-3" aria-label="Before light">
      <h2 className="font-semibold">Before light</h2>
      <ol className="flex flex-col gap-1.5">
        {steps.map(({ about, words }) => (
          <li key={`${about} ${words}`} className="flex gap-3 leading-snug">
            <strong className="w-16 shrink-0 font-semibold">{preparationWords[about]}</strong>
            <span>{words}</span>
          </li>
        ))}
      </ol>
      <CautionNote cautions={cautions} />
    </section>
  );
}
