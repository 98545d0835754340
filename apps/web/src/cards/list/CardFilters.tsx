import { cardStates, shownVersion, type Card, type Machine } from '@lone-heron/contract';
import { seamRow } from '@lone-heron/core';
import { PickField } from '../../shared/form/PickField.js';
import { metalName } from '../../shared/vocabulary/metalNames.js';
import { stateWords } from '../cardWords.js';
import { narrowingNames, type Narrowing } from './narrowing.js';

interface CardFiltersProps {
  narrowing: Narrowing;
  cards: readonly Card[];
  machines: readonly Machine[];
  onSay: (name: string, value: string) => void;
}

interface Choice {
  readonly value: string;
  readonly label: string;
}

/** Narrows the list; offered is what some card has. */
export function CardFilters({ narrowing, cards, machines, onSay }: CardFiltersProps) {
  if (cards.length === 0) return null;
  const contents = cards.map((card) => shownVersion(card).content);
  const distinct = (words: readonly string[], label: (word: string) => string): Choice[] =>
    [...new Set(words)].map((value) => ({ value, label: label(value) }));
  const machineName = (id: string) => machines.find((each) => each.id === id)?.name ?? id;
  const metals = contents.map(({ joint }) => joint.metal);
  const kinds = contents.map(({ joint }) => joint.kind);
  const offered: Readonly<Record<(typeof narrowingNames)[number], { label: string; choices: Choice[] }>> = {
    machine: {
      label: 'Machine',
      choices: distinct(
        contents.map(({ machineId }) => machineId),
        machineName,
      ),
    },
    metal: {
      label: 'Metal',
      choices: [...new Set(metals)].map((value) => ({ value, label: metalName(value) })),
    },
    kind: {
      label: 'Joint',
      choices: [...new Set(kinds)].map((value) => ({ value, label: seamRow(value).short })),
    },
    tag: {
      label: 'Tag',
      choices: distinct(
        contents.flatMap(({ tags }) => tags),
        (tag) => tag,
      ),
    },
    state: {
      label: 'State',
      choices: cardStates.map((value) => ({ value, label: stateWords[value].name })),
    },
  };
  return (
    <div className="grid grid-cols-2 gap-2 sm:grid-cols-5" role="group" aria-label="Narrow the list">
      {narrowingNames.map((name) => (
        <PickField
          key={name}
          label={offered[name].label}
          value={narrowing[name]}
          choices={[{ value: '', label: 'any' }, ...offered[name].choices]}
          onPick={(value) => onSay(name, value)}
        />
      ))}
    </div>
  );
}
