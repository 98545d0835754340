import {
  carryCard,
  shownVersion,
  type Card,
  type CardContent,
  type CardVersion,
  type CarriedCard,
  type Machine,
} from '@lone-heron/contract';
import { expectedDepth, inMm, RangeFault, type Candidate } from '@lone-heron/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { spokenLength } from '../../shared/figures/spoken.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { useWriteCardMutation } from '../../shared/api/cardsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { PickField } from '../../shared/form/PickField.js';
import { OutcomeMark } from '../../shared/coupons/OutcomeMark.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import { dialledInWords } from '../../shared/sentences/settingInWords.js';
import { CardPage } from '../CardPage.js';
import { useLearnOf } from '../useLearn.js';
import { CardForm } from './CardForm.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { inUse } from '../../shared/machines/inUse.js';

/** A card carried over to another machine: the same depth there, to be proved. */
export function CarryCard() {
  return <CardPage>{(card, machines) => <Carry key={card.id} card={card} machines={machines} />}</CardPage>;
}

function Carry({ card, machines }: { card: Card; machines: readonly Machine[] }) {
  const shown = shownVersion(card);
  const others = inUse(machines).filter(({ id }) => id !== shown.content.machineId);
  const [toId, setToId] = useState(others[0]?.id ?? '');
  const from = machines.find(({ id }) => id === shown.content.machineId);
  const to = others.find(({ id }) => id === toId);
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`${shown.content.name} on another machine`}
        back={{ to: `/cards/${card.id}`, name: 'the card' }}
      />
      {from === undefined || to === undefined ? (
        <p className="sheet p-6 text-lg">There is no other machine in the shop.</p>
      ) : (
        <>
          <PickField
            label="Carried over to"
            value={to.id}
            choices={others.map(({ id, name }) => ({ value: id, label: name }))}
            onPick={setToId}
          />
          <Carried key={to.id} card={card} shown={shown} from={from} to={to} machines={machines} />
        </>
      )}
    </div>
  );
}

interface CarriedProps {
  card: Card;
  shown: CardVersion;
  from: Machine;
  to: Machine;
  machines: readonly Machine[];
}

function Carried({ card, shown, from, to, machines }: CarriedProps) {
  const navigate = useNavigate();
  const sheet = `card ${card.id} carried to ${to.id}`;
  const { id, sent } = useKeptId(sheet);
  const [write, { isLoading, error }] = useWriteCardMutation();
  const house = houseContent(useHouseQuery(undefined).data);
  const learn = useLearnOf(shown.content, machines);
  const carried = useMemo(() => carriedOrWhy(shown.content, from, to, learn), [shown, from, to, learn]);
  if ('refusal' in carried) return <p className="sheet p-6">It cannot be carried over: {carried.refusal}</p>;
  const save = async (content: CardContent) => {
    const carriedFrom = { cardId: card.id, version: shown.version };
    sent();
    const answer = await write({ id, version: 1, draft: { content, why: '', carriedFrom } });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    void navigate(`/cards/${id}`);
  };
  return (
    <>
      <section className="sheet flex flex-col gap-1 px-5 py-3" aria-label="What it becomes">
        <p className="text-lg">
          {dialledInWords(shown.content.setting)} on {from.name} becomes{' '}
          <strong>{dialledInWords(carried.setting)}</strong> on {to.name}.
        </p>
        <p className="flex flex-wrap items-center gap-x-3">
          Unturned: <Odds candidate={carried.asIs} />
        </p>
        <p className="flex flex-wrap items-center gap-x-3">
          Turned: <Odds candidate={carried.adapted} />
        </p>
        <p className="text-soft">
          Found for the same depth at the same pace, with this machine’s spot and steps, and with what the
          coupons of both say. To be proved: the card begins as a draft.
        </p>
      </section>
      <CardForm
        key={JSON.stringify(carried.setting)}
        sheet={sheet}
        begin={{ ...shown.content, machineId: to.id, setting: carried.setting }}
        machine={to}
        house={house}
        why={null}
        saveName={`Make the card for ${to.name}`}
        isSaving={isLoading}
        error={error}
        onSave={(content) => void save(content)}
      />
    </>
  );
}

function carriedOrWhy(...task: Parameters<typeof carryCard>): CarriedCard | { readonly refusal: string } {
  try {
    return carryCard(...task);
  } catch (fault) {
    if (fault instanceof RangeFault) return { refusal: fault.message };
    throw fault;
  }
}

function Odds({ candidate }: { candidate: Candidate | null }) {
  if (candidate === null) return <span>more power than that machine has</span>;
  const { forecast } = candidate;
  return (
    <span className="inline-flex items-center gap-1.5">
      <OutcomeMark outcome={forecast.outcome} className="size-5" />
      {outcomeWords[forecast.outcome]} {percentFigure(forecast.odds[forecast.outcome])}, depth{' '}
      {spokenLength(inMm(expectedDepth(forecast)))}
    </span>
  );
}
