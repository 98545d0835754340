import { newestVersion, type Card, type CardContent, type Machine } from '@lone-heron/contract';
import { useNavigate } from 'react-router';
import { useWriteCardMutation } from '../../shared/api/cardsApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { CardPage } from '../CardPage.js';
import { CardForm } from './CardForm.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';

/** The next version of a card: what was signed stands until this one is proven and signed too. */
export function ChangeCard() {
  return <CardPage>{(card, machines) => <Change key={card.id} card={card} machines={machines} />}</CardPage>;
}

function Change({ card, machines }: { card: Card; machines: readonly Machine[] }) {
  const navigate = useNavigate();
  const [write, { isLoading, error }] = useWriteCardMutation();
  const house = houseContent(useHouseQuery(undefined).data);
  const newest = newestVersion(card);
  const sheet = `card ${card.id} after ${newest.version}`;
  const machine = machines.find(({ id }) => id === newest.content.machineId);
  if (machine === undefined) return <p className="sheet m-6 p-6 text-lg">Its machine is gone.</p>;
  const save = async (content: CardContent, why: string) => {
    const draft = { content, why, carriedFrom: newest.carriedFrom };
    const answer = await write({ id: card.id, version: newest.version + 1, draft });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    void navigate(`/cards/${card.id}`);
  };
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader
        title={`Version ${newest.version + 1} of card ${card.number}`}
        back={{ to: `/cards/${card.id}`, name: 'the card' }}
      />
      {newest.signedAt !== null && (
        <p className="sheet border-l-4 border-l-primary px-4 py-2">
          Version {newest.version} is signed and stays as it is. This one is welded by once it is proven and
          signed itself.
        </p>
      )}
      <CardForm
        key={newest.version}
        sheet={sheet}
        begin={newest.content}
        machine={machine}
        house={house}
        why={newest.signedAt === null ? 'asked' : 'wanted'}
        saveName={`Write version ${newest.version + 1}`}
        isSaving={isLoading}
        error={error}
        onSave={(content, why) => void save(content, why)}
      />
    </div>
  );
}
