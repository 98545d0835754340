import type { Eyewear, Machine } from '@lone-heron/contract';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { v7 as uuid } from 'uuid';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { figure } from '../../shared/figures/figures.js';
import { shownMoment } from '../../shared/figures/moments.js';
import { useEyewearQuery } from './eyewearApi.js';
import { eyeFigures } from './eyeFigures.js';
import { eyewearAnswer } from './eyewearAnswer.js';
import { EyewearForm } from './EyewearForm.js';
import { SheetPart } from './SheetPart.js';
import { useNow } from '../../shared/clock/useNow.js';

interface Edited {
  readonly id: string;
  readonly eyewear: Eyewear | null;
}

/** Each helmet and pair against what this machine's light asks for, and how it was found. */
export function EyewearPart({ machine }: { machine: Machine }) {
  const { data: all = [] } = useEyewearQuery(undefined);
  const [edited, setEdited] = useState<Edited | null>(null);
  const role = usePersonAtDesk()?.role;
  const canKeep = role === 'lead' || role === 'upkeep';
  const needed = eyeFigures(machine.profile)?.opticalDensity ?? null;
  return (
    <SheetPart title="Eyewear of the shop">
      {all.length === 0 ? (
        <p className="text-soft">
          None recorded. Write down each helmet and pair with the whole marking on its frame.
        </p>
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Eyewear">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">Which</th>
                <th scope="col">Marking</th>
                <th scope="col">For this machine</th>
                <th scope="col">Found</th>
                {canKeep && <th className="print:hidden">Look</th>}
              </tr>
            </thead>
            <tbody>
              {all.map((eyewear) => (
                <EyewearRow
                  key={eyewear.id}
                  eyewear={eyewear}
                  needed={needed}
                  onLook={canKeep ? () => setEdited({ id: eyewear.id, eyewear }) : null}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {canKeep && (
        <button
          type="button"
          className="btn touch-always self-start print:hidden"
          onClick={() => setEdited({ id: uuid(), eyewear: null })}
        >
          <Plus className="size-5" aria-hidden="true" /> Add eyewear
        </button>
      )}
      {edited !== null && (
        <EyewearForm id={edited.id} eyewear={edited.eyewear} onClose={() => setEdited(null)} />
      )}
    </SheetPart>
  );
}

interface EyewearRowProps {
  eyewear: Eyewear;
  needed: number | null;
  /** Null for those who only read. */
  onLook: (() => void) | null;
}

function EyewearRow({ eyewear, needed, onLook }: EyewearRowProps) {
  const now = useNow();
  const { data: people = [] } = usePeopleQuery(undefined);
  const answer = eyewearAnswer(eyewear, needed);
  const { name, kind, marking, opticalDensity, shade } = eyewear;
  return (
    <tr>
      <th scope="row" className="font-medium">
        {name} <span className="font-normal text-soft">{kind}</span>
      </th>
      <td>
        {marking}
        <span className="block text-sm text-soft">
          {opticalDensity === null ? 'no density at 1070 nm' : `density ${figure(opticalDensity, 1)}`}
          {shade !== '' && `, shade ${shade}`}
        </span>
      </td>
      <td className={answer.isEnough ? 'text-success' : 'fault'}>{answer.words}</td>
      <td>
        {eyewear.isRetired ? 'out of use' : eyewear.condition}
        <span className="block text-sm text-soft">
          {shownMoment(eyewear.checkedAt, now)} by {people.find(({ id }) => id === eyewear.checkedBy)?.name}
        </span>
      </td>
      {onLook !== null && (
        <td className="print:hidden">
          <button
            type="button"
            className="btn touch-always"
            aria-label={`Looked at ${name}`}
            onClick={onLook}
          >
            Looked at
          </button>
        </td>
      )}
    </tr>
  );
}
