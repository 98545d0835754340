import { backLooks, handSlips, type BackLook, type HandSlip, type SeenAt } from '@lone-heron/contract';
import { Plus, Trash2 } from 'lucide-react';
import { TypedField } from '../../form/TypedField.js';
import { wordsOfLooks } from '../../vocabulary/looks.js';
import { slipWords } from '../../vocabulary/signs.js';
import type { TypedStretch } from './TypedCoupon.js';
import { readStretchEnd } from './readTypedLog.js';
import { shopUnits } from '../../figures/shopUnits.js';

interface AlongTheRunProps {
  along: readonly TypedStretch[];
  lookedAt: SeenAt;
  onChange: (along: TypedStretch[]) => void;
}

const mostStretches = 12;

/** The back by stretch: cold at its start and right further on are two readings, and a slip spoils only its own. */
export function AlongTheRun({ along, lookedAt, onChange }: AlongTheRunProps) {
  const set = (index: number, change: Partial<TypedStretch>) =>
    onChange(along.map((each, i) => (i === index ? { ...each, ...change } : each)));
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="mb-1 font-medium">What is seen by stretch, from the start of the run</legend>
      {along.map((stretch, index) => (
        <Stretch
          key={index}
          stretch={stretch}
          name={`Stretch ${index + 1}`}
          lookedAt={lookedAt}
          onChange={(change) => set(index, change)}
          onRemove={() => onChange(along.filter((_, i) => i !== index))}
        />
      ))}
      <button
        type="button"
        className="btn touch self-start"
        disabled={along.length >= mostStretches}
        onClick={() => onChange([...along, { to: '', back: null, slip: null }])}
      >
        <Plus className="size-5" aria-hidden="true" />{' '}
        {along.length === 0 ? 'Tell it by stretch' : 'Next stretch'}
      </button>
    </fieldset>
  );
}

interface StretchProps {
  stretch: TypedStretch;
  name: string;
  lookedAt: SeenAt;
  onChange: (change: Partial<TypedStretch>) => void;
  onRemove: () => void;
}

function Stretch({ stretch, name, lookedAt, onChange, onRemove }: StretchProps) {
  const words = wordsOfLooks(lookedAt);
  const read = readStretchEnd(stretch.to);
  return (
    <div className="flex flex-wrap items-end gap-2">
      <div className="w-32">
        <TypedField
          label={`${name} ends at`}
          unit={shopUnits().length}
          text={stretch.to}
          read={read}
          onType={(to) => onChange({ to })}
        />
      </div>
      <select
        className="select touch-always w-40 text-base"
        aria-label={`${name}: back`}
        value={stretch.back ?? ''}
        onChange={(event) => onChange({ back: (event.target.value || null) as BackLook | null })}
      >
        <option value="">back?</option>
        {backLooks.map((look) => (
          <option key={look} value={look}>
            {words[look].short}
          </option>
        ))}
      </select>
      <select
        className="select touch-always w-40 text-base"
        aria-label={`${name}: slip of the hand`}
        value={stretch.slip ?? ''}
        onChange={(event) => onChange({ slip: (event.target.value || null) as HandSlip | null })}
      >
        <option value="">no slip</option>
        {handSlips.map((slip) => (
          <option key={slip} value={slip}>
            {slipWords[slip]}
          </option>
        ))}
      </select>
      <button
        type="button"
        className="btn touch-always btn-square btn-ghost"
        aria-label={`Remove ${name.toLowerCase()}`}
        onClick={onRemove}
      >
        <Trash2 className="size-5" aria-hidden="true" />
      </button>
    </div>
  );
}
