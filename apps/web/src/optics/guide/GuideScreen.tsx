import { stockKinds } from '@lone-heron/contract';
import { TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { PickField } from '../../shared/form/PickField.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { stockWords } from '../headParts/partWords.js';
import { guides, type GuidedPart } from './guideSteps.js';

const guidedWords: Readonly<Record<GuidedPart, string>> = { ...stockWords, water: 'coolant water' };
const guidedParts: readonly GuidedPart[] = [...stockKinds, 'water'];

/** How a part is changed: step by step with the reasons, ticked off with a glove. */
export function GuideScreen() {
  const { part = '' } = useParams();
  const guided = guidedParts.find((each) => each === part) ?? 'window';
  const navigate = useNavigate();
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title={`Change it right: ${guidedWords[guided]}`} back={{ to: '/optics', name: 'Optics' }}>
        <PickField
          label="Part"
          value={guided}
          choices={guidedParts.map((each) => ({ value: each, label: guidedWords[each] }))}
          onPick={(next) => void navigate(`/optics/guide/${next}`, { replace: true })}
        />
      </PageHeader>
      {guides[guided].opensLightPath && (
        <p className="caution flex gap-2 p-3 leading-snug" role="note">
          <TriangleAlert className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
          <span>
            This opens the path of the light. The head’s manual goes before these steps, and says who may.
            Nobody looks into the nozzle or through a glass, damaged or not.
          </span>
        </p>
      )}
      <Steps key={guided} part={guided} />
    </div>
  );
}

function Steps({ part }: { part: GuidedPart }) {
  const { steps } = guides[part];
  const [done, setDone] = useState<ReadonlySet<number>>(new Set());
  const next = steps.findIndex((_, i) => !done.has(i));
  const turn = (i: number) =>
    // Two quick taps may come before the first is drawn.
    setDone((before) => {
      const after = new Set(before);
      if (!after.delete(i)) after.add(i);
      return after;
    });
  return (
    <>
      <ol className="sheet flex flex-col divide-y divide-base-300 overflow-hidden" aria-label="Steps">
        {steps.map(({ does, why }, i) => (
          <li key={does}>
            <label
              className={`flex min-h-14 cursor-pointer items-start gap-4 px-4 py-2.5 ${i === next ? 'bg-base-200' : ''}`}
            >
              <input
                type="checkbox"
                className="checkbox mt-0.5 size-7"
                checked={done.has(i)}
                onChange={() => turn(i)}
              />
              <span>
                <span className={`block text-lg leading-snug ${done.has(i) ? 'text-soft' : 'font-semibold'}`}>
                  {i + 1}. {does}
                </span>
                <span className="block leading-snug text-soft">{why}</span>
              </span>
            </label>
          </li>
        ))}
      </ol>
      <p className="px-1 text-lg" role="status">
        {next < 0
          ? `${sentenceStart(guidedWords[part])}: every step is done. Record the change in Optics.`
          : `${done.size} of ${steps.length} done.`}
      </p>
    </>
  );
}
