import {
  jobMaterials,
  materialKey,
  type Bottle,
  type HouseContent,
  type Job,
  type JobDraft,
  type JobMaterial,
} from '@lone-heron/contract';
import { Plus } from 'lucide-react';
import { useBottlesQuery } from '../../shared/api/supplyApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { WhoDidIt } from '../../shared/door/WhoDidIt.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton, signInFirst } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { materialInWords } from '../materialInWords.js';
import type { JobPlan } from '../plan/planJob.js';
import { useSaveJob } from '../useSaveJob.js';
import { batchesHere } from './batchesHere.js';

interface BatchesSheetProps {
  job: Job;
  plan: JobPlan;
  house: HouseContent;
}

/** Heats and batches of what really went in: typed from the label, or taken from what the shop has. */
export function BatchesSheet({ job, plan, house }: BatchesSheetProps) {
  const sheet = `batches of job ${job.id}`;
  const person = usePersonAtDesk();
  const { data: bottles = [] } = useBottlesQuery(undefined);
  const { now, save, isSaving, error } = useSaveJob(job);
  const materials = jobMaterials(now.draft, plan.welds, job.runs);
  const [typed, setTyped] = useKept<Readonly<Record<string, string>>>(sheet, 'batches', () => ({}));
  const textOf = (material: JobMaterial) => typed[materialKey(material)] ?? savedBatch(now.draft, material);
  const isChanged = materials.some((material) => textOf(material).trim() !== savedBatch(now.draft, material));
  const store = async () => {
    const batches = materials.flatMap((material) => {
      const batch = textOf(material).trim();
      return batch === '' ? [] : [{ material, batch }];
    });
    const draft = { ...now.draft, batches, why: 'heats and batches' };
    if (await save(draft, 'The heats and batches are saved.')) forgetTyping(sheet);
  };
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label="Heats and batches">
      <h2 className="font-semibold">Heats and batches that went in</h2>
      <KeptNote sheet={sheet} />
      <ul className="grid gap-3 md:grid-cols-2">
        {materials.map((material) => (
          <BatchField
            key={materialKey(material)}
            material={material}
            text={textOf(material)}
            here={batchesHere(material, { house, bottles: ownBottles(bottles, job) })}
            onType={(text) => setTyped({ ...typed, [materialKey(material)]: text })}
          />
        ))}
      </ul>
      <WhoDidIt label="Written down by" />
      <Failure error={error} />
      <SaveButton
        name="Save the heats and batches"
        waitsFor={person === null ? signInFirst : isChanged ? null : 'Nothing was changed.'}
        isSaving={isSaving}
        onPress={() => void store()}
      />
    </section>
  );
}

function savedBatch({ batches }: JobDraft, material: JobMaterial): string {
  return batches.find((each) => materialKey(each.material) === materialKey(material))?.batch ?? '';
}

function ownBottles(bottles: readonly Bottle[], { draft }: Job): readonly Bottle[] {
  return bottles.filter(({ machineId }) => machineId === null || machineId === draft.machineId);
}

interface BatchFieldProps {
  material: JobMaterial;
  text: string;
  /** What the shop has of it by its label. */
  here: readonly string[];
  onType: (text: string) => void;
}

function BatchField({ material, text, here, onType }: BatchFieldProps) {
  const name = sentenceStart(materialInWords(material));
  const offered = here.filter((batch) => !text.includes(batch));
  const joined = (batch: string) => (text.trim() === '' ? batch : `${text.trim()}, ${batch}`);
  return (
    <li className="flex flex-wrap items-end gap-2">
      <div className="min-w-48 grow">
        <TextField label={name} text={text} longest={120} onType={onType} />
      </div>
      {offered.map((batch) => (
        <button
          key={batch}
          type="button"
          className="btn touch-always"
          aria-label={`${name}: add ${batch}, which the shop has`}
          onClick={() => onType(joined(batch))}
        >
          <Plus className="size-5" aria-hidden="true" /> {batch}
        </button>
      ))}
    </li>
  );
}
