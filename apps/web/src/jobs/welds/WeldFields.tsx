import type { JobPart } from '@lone-heron/contract';
import { useCardsQuery } from '../../shared/api/cardsApi.js';
import { bareUnitOf } from '../../shared/figures/readTyped.js';
import { PickField } from '../../shared/form/PickField.js';
import { TextField } from '../../shared/form/TextField.js';
import { TypedField } from '../../shared/form/TypedField.js';
import { PartPick } from './PartPick.js';
import { weldQuantities, type ReadWeld, type TypedWeld } from './typedWeld.js';

interface WeldFieldsProps {
  parts: readonly JobPart[];
  typed: TypedWeld;
  read: ReadWeld;
  onSay: (change: Partial<TypedWeld>) => void;
}

const ends = [
  { value: 'open', label: 'where it ends' },
  { value: 'closed', label: 'where it began: round and closed' },
] as const;

/** The fields of a weld. */
export function WeldFields({ parts, typed, read, onSay: say }: WeldFieldsProps) {
  const { data: cards = [] } = useCardsQuery(undefined);
  const figureField = (name: keyof typeof weldQuantities, label: string) => (
    <TypedField
      label={label}
      unit={bareUnitOf(weldQuantities[name])}
      text={typed[name]}
      read={read.reads[name]}
      onType={(text) => say({ [name]: text })}
    />
  );
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <TextField label="Mark" text={typed.mark} longest={12} onType={(mark) => say({ mark })} />
      {figureField('length', 'Length of one seam')}
      <TypedField
        label="How many in one"
        unit=""
        text={typed.count}
        read={read.count}
        onType={(count) => say({ count })}
      />
      <PartPick parts={parts} part={typed.part} label="Belongs to" onPick={(part) => say({ part })} />
      <TextField label="Where it is" text={typed.where} longest={120} onType={(where) => say({ where })} />
      <TextField label="How the part lies" text={typed.pose} longest={60} onType={(pose) => say({ pose })} />
      <TextField
        label="After, such as W1, W2"
        text={typed.after}
        longest={200}
        onType={(after) => say({ after })}
      />
      {figureField('gap', 'Widest gap to be let be')}
      {figureField('misalignment', 'Most misalignment')}
      <PickField label="It ends" value={typed.end} choices={ends} onPick={(end) => say({ end })} />
      {typed.end === 'closed' && figureField('lap', 'Lap past its start')}
      <TextField
        label="Before it, cleaning or fit-up"
        text={typed.preparation}
        longest={300}
        onType={(preparation) => say({ preparation })}
      />
      <PickField
        label="Card"
        value={typed.cardId}
        choices={[
          { value: '', label: 'the one that fits best' },
          ...cards.map(({ id, number, versions, retiredAt }) => ({
            value: id,
            label: `card ${number}: ${versions[0]?.content.name ?? ''}${retiredAt === null ? '' : ' (retired)'}`,
          })),
        ]}
        onPick={(cardId) => say({ cardId })}
      />
      <TextField
        label="Notes for the hand"
        text={typed.notes}
        longest={500}
        onType={(notes) => say({ notes })}
      />
    </div>
  );
}
