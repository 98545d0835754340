import { proposeCard, type CardContent } from '@lone-heron/contract';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { toastFailure } from '../../shared/say/toast.js';
import { useKeptId } from '../../shared/typing/useKeptId.js';
import { useAddProofMutation, useWriteCardMutation } from '../../shared/api/cardsApi.js';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { readNewCardAddress } from '../../shared/cards/newCardAddress.js';
import { Loading } from '../../shared/page/Loading.js';
import { PageHeader } from '../../shared/page/PageHeader.js';
import { proposedName } from '../proposedName.js';
import { CardForm } from './CardForm.js';
import { WeldedSoFar } from './WeldedSoFar.js';
import { forgetTyping } from '../../shared/typing/keptTyping.js';

/** A card begun from a setting of Dial or from a coupon; the coupon proves it where its tests do. */
export function NewCard() {
  const [search] = useSearchParams();
  const start = readNewCardAddress(search);
  const { data: machines } = useMachinesQuery(undefined);
  const { data: houseSheets } = useHouseQuery(undefined);
  const sheet = `new card ${search.toString()}`;
  const { id, sent } = useKeptId(sheet);
  const navigate = useNavigate();
  const [write, { isLoading, error }] = useWriteCardMutation();
  const [addProof] = useAddProofMutation();
  if (machines === undefined || houseSheets === undefined) return <Loading what="the machine" />;
  const machine = machines.find((each) => each.id === start?.machineId);
  if (start === null || machine === undefined) return <NoStart />;
  const house = houseContent(houseSheets);
  const name = proposedName(start.joint, start.setting);
  const save = async (content: CardContent) => {
    sent();
    const answer = await write({ id, version: 1, draft: { content, why: '', carriedFrom: null } });
    if (answer.error !== undefined) return;
    forgetTyping(sheet);
    if (start.couponId !== null) {
      // A setting that was changed on the way is no more the coupon's: the card is kept, without it.
      const { error: refusal } = await addProof({ id, version: 1, couponId: start.couponId });
      if (refusal !== undefined) toastFailure(`The coupon does not prove it. ${problemOf(refusal).message}`);
    }
    void navigate(`/cards/${id}`);
  };
  return (
    <div className="mx-auto flex max-w-4xl flex-col gap-3 px-4 py-3 sm:px-6">
      <PageHeader title="New card" back={{ to: '/cards', name: 'cards' }} />
      <WeldedSoFar start={start} />
      <CardForm
        key={sheet}
        sheet={sheet}
        begin={proposeCard({ name, machine, house, joint: start.joint, setting: start.setting })}
        machine={machine}
        house={house}
        why={null}
        saveName="Make the card"
        isSaving={isLoading}
        error={error}
        onSave={(content) => void save(content)}
      />
    </div>
  );
}

function NoStart() {
  return (
    <div className="sheet m-6 flex flex-col items-start gap-3 p-6">
      <p className="text-lg">
        A card begins from a setting: keep one from Dial, or make a card from a coupon that came out right.
      </p>
      <Link className="btn touch-always btn-primary" to="/dial">
        Go to Dial
      </Link>
    </div>
  );
}
