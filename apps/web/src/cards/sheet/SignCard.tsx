import { isProven, newestVersion, type Card, type CardVersion, type Coupon } from '@lone-heron/contract';
import { useState } from 'react';
import { VerdictList } from '../../shared/acceptance/VerdictList.js';
import { useSignCardMutation } from '../../shared/api/cardsApi.js';
import { useCouponsQuery } from '../../shared/api/couponsApi.js';
import { SignButton, SignSheet } from '../../shared/door/SignSheet.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { settingInWords } from '../../shared/sentences/settingInWords.js';

/** The signature, for a lead, once the newest version is proven. */
export function SignCard({ card }: { card: Card }) {
  const person = usePersonAtDesk();
  const [isOpen, setOpen] = useState(false);
  const newest = newestVersion(card);
  if (!isProven(newest) || newest.signedAt !== null || card.retiredAt !== null) return null;
  return (
    <>
      <SignButton
        name={`Sign version ${newest.version}`}
        isLead={person?.role === 'lead'}
        onPress={() => setOpen(true)}
      />
      {isOpen && person !== null && (
        <SignVersion card={card} newest={newest} signer={person} onClose={() => setOpen(false)} />
      )}
    </>
  );
}

interface SignVersionProps {
  card: Card;
  newest: CardVersion;
  signer: { readonly id: string; readonly name: string };
  onClose: () => void;
}

function SignVersion({ card, newest, signer, onClose }: SignVersionProps) {
  const [sign, { isLoading, error }] = useSignCardMutation();
  const { content, proofs, version } = newest;
  const { data } = useCouponsQuery({ metal: content.joint.metal, machineId: content.machineId, limit: 200 });
  const put = async (pin: string) => {
    if ((await sign({ id: card.id, version, pin })).error === undefined) onClose();
  };
  return (
    <SignSheet
      name={`Sign version ${version}`}
      person={signer.name}
      own={ownWork(newest, signer.id, data?.coupons ?? [])}
      isSaving={isLoading}
      error={error}
      onSign={(pin) => void put(pin)}
      onClose={onClose}
    >
      <p>
        <strong>{content.name}</strong>: {settingInWords(content.joint, content.setting)}
      </p>
      <p>
        Proven by {proofs.length === 1 ? 'coupon' : 'coupons'}{' '}
        {proofs.map(({ couponNumber }) => couponNumber).join(', ')}, held against “{content.level.name}”:
      </p>
      <VerdictList verdicts={newest.verdicts} />
      <p className="text-soft">
        Signed, it is welded by, it stays as it is, and it is changed by a next version with why.
      </p>
    </SignSheet>
  );
}

/** What of a version its signer made or welded, in words. */
function ownWork({ madeBy, proofs }: CardVersion, signer: string, coupons: readonly Coupon[]): string {
  const welded = proofs.filter(({ couponId }) =>
    coupons.some(({ id, personId }) => id === couponId && personId === signer),
  );
  const numbers = welded.map(({ couponNumber }) => couponNumber).join(', ');
  const words = [
    ...(madeBy === signer ? ['made this version'] : []),
    ...(welded.length === 0 ? [] : [`welded ${welded.length === 1 ? 'coupon' : 'coupons'} ${numbers}`]),
  ];
  return words.length === 0 ? '' : `You ${words.join(' and ')} yourself.`;
}
