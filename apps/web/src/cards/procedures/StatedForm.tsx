import {
  procedureFields,
  shownVersion,
  type Card,
  type ProcedureField,
  type ProcedureStated,
} from '@lone-heron/contract';
import { ChevronRight } from 'lucide-react';
import { toast } from '../../shared/say/toast.js';
import { useWriteProcedureMutation } from './proceduresApi.js';
import { Failure } from '../../shared/form/Failure.js';
import { SaveButton } from '../../shared/form/SaveButton.js';
import { TextField } from '../../shared/form/TextField.js';
import { fieldGroups, fieldWords } from './statedFields.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { KeptNote } from '../../shared/typing/KeptNote.js';
import { useKept } from '../../shared/typing/useKept.js';

interface StatedFormProps {
  card: Card;
  begin: ProcedureStated;
  /** Number of the newest revision; 0 before any. */
  newest: number;
}

/** What the card does not know, stated by the shop. What is typed outlives a closed tab until it is saved. */
export function StatedForm({ card, begin, newest }: StatedFormProps) {
  const sheet = `procedure ${card.id} after ${newest}`;
  const [stated, setStated] = useKept<ProcedureStated>(sheet, 'stated', () => begin);
  const [why, setWhy] = useKept(sheet, 'why', () => '');
  const [write, { isLoading, error }] = useWriteProcedureMutation();
  const isChanged = procedureFields.some((field) => stated[field] !== begin[field]);
  const count = procedureFields.filter((field) => stated[field] !== '').length;
  const save = async () => {
    const draft = { cardVersion: shownVersion(card).version, stated, why };
    const answer = await write({ cardId: card.id, revision: newest + 1, draft });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    toast(`Revision ${newest + 1} is written.`);
  };
  return (
    <form
      className="sheet flex flex-col gap-2 px-4 py-3"
      aria-label="What you state"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <KeptNote sheet={sheet} />
      <h2 className="font-semibold">
        What you state{' '}
        <span className="font-normal text-soft">
          {count} of {procedureFields.length}; the rest are gaps on the paper
        </span>
      </h2>
      {fieldGroups.map(({ name, fields }) => (
        <Group
          key={name}
          name={name}
          fields={fields}
          stated={stated}
          onState={(field, text) => setStated({ ...stated, [field]: text })}
        />
      ))}
      <div className="flex flex-wrap items-end gap-3 border-t border-base-300 pt-3">
        {newest > 0 && (
          <div className="min-w-60 grow">
            <TextField
              label={`What changed since revision ${newest}`}
              text={why}
              longest={300}
              onType={setWhy}
            />
          </div>
        )}
        <SaveButton
          name={`Write revision ${newest + 1}`}
          waitsFor={
            newest === 0 || (isChanged && why.trim() !== '')
              ? null
              : isChanged
                ? 'Say what changed.'
                : 'Nothing is changed yet.'
          }
          isSaving={isLoading}
        />
        <Failure what="Not saved: what you typed is still here." error={error} />
      </div>
    </form>
  );
}

interface GroupProps {
  name: string;
  fields: readonly ProcedureField[];
  stated: ProcedureStated;
  onState: (field: ProcedureField, text: string) => void;
}

function Group({ name, fields, stated, onState }: GroupProps) {
  const count = fields.filter((field) => stated[field] !== '').length;
  return (
    <details className="group border-t border-base-300">
      <summary className="flex min-h-12 cursor-pointer items-center gap-2 font-medium">
        <ChevronRight className="size-5 group-open:rotate-90" aria-hidden="true" />
        {name}
        <span className="font-normal text-soft">
          {count} of {fields.length}
        </span>
      </summary>
      <div className="grid grid-cols-1 gap-3 pb-3 sm:grid-cols-2 lg:grid-cols-1">
        {fields.map((field) => (
          <TextField
            key={field}
            label={labelOf(field)}
            text={stated[field]}
            longest={300}
            onType={(text) => onState(field, text)}
          />
        ))}
      </div>
    </details>
  );
}

function labelOf(field: ProcedureField): string {
  const { name, hint } = fieldWords[field];
  return hint === '' ? name : `${name} (${hint})`;
}
