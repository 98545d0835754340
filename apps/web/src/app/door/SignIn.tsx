import { samplePin, type Door as Ways, type Person } from '@lone-heron/contract';
import { ArrowLeft, Delete } from 'lucide-react';
import { useState, type KeyboardEvent } from 'react';
import { toast } from '../../shared/say/toast.js';
import { usePeopleQuery, useSignInMutation } from '../../shared/api/heronApi.js';
import { useWaysQuery } from '../../shared/door/accountsApi.js';
import { problemOf } from '../../shared/api/problemOf.js';
import { Modal } from '../../shared/page/Modal.js';
import { AccountForm } from './AccountForm.js';
import { ProviderButton } from './ProviderButton.js';

interface SignInProps {
  /** Somebody still has the sample PIN, which is then no secret. */
  hasSamplePin: boolean;
  onLeave: () => void;
}

/** Who it is, and their PIN: one tap on a name, then digits on a pad that a glove can hit. */
export default function SignIn({ hasSamplePin, onLeave }: SignInProps) {
  const { data: people = [] } = usePeopleQuery(undefined);
  const { data: ways } = useWaysQuery(undefined);
  const [person, setPerson] = useState<Person | null>(null);
  const isByName = ways?.takesPins !== false;
  return (
    <Modal title={person === null ? 'Who is it?' : person.name} onClose={onLeave}>
      {person === null && isByName && (
        <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {people
            .filter(({ isDisabled }) => !isDisabled)
            .map((each, index) => (
              <li key={each.id}>
                <button
                  type="button"
                  className="btn h-16 w-full text-lg"
                  data-start={index === 0 ? '' : undefined}
                  onClick={() => setPerson(each)}
                >
                  {each.name}
                </button>
              </li>
            ))}
        </ul>
      )}
      {person !== null && <PinPad person={person} onBack={() => setPerson(null)} onIn={onLeave} />}
      {person === null && ways !== undefined && (
        <OtherWays ways={ways} isFolded={isByName} onLeave={onLeave} />
      )}
      {hasSamplePin && isByName && (
        <p className="mt-4 text-soft">
          The sample workshop’s people sign in with <span className="figure">{samplePin}</span>.
        </p>
      )}
    </Modal>
  );
}

interface OtherWaysProps {
  ways: Ways;
  /** Behind the names; where no PIN is taken, it is what there is. */
  isFolded: boolean;
  onLeave: () => void;
}

/** For whoever comes over the network: an account, or the firm's own sign-in. */
function OtherWays({ ways, isFolded, onLeave }: OtherWaysProps) {
  const enter = ({ name }: Person) => {
    toast(`${name} is signed in.`);
    onLeave();
  };
  return (
    <div className="mt-4 flex flex-col gap-3 empty:hidden">
      {ways.provider !== null && <ProviderButton name={ways.provider} />}
      {ways.hasPassphrases && isFolded && (
        <details>
          <summary className="touch-always flex cursor-pointer items-center font-medium">
            With an account
          </summary>
          <AccountForm onIn={enter} />
        </details>
      )}
      {!isFolded && ways.hasPassphrases && <AccountForm onIn={enter} />}
      {!isFolded && !ways.hasPassphrases && ways.provider === null && (
        <p className="text-lg">
          PINs are taken at the benches alone, and nobody has an account yet: a lead gives one, in Shop,
          People, at a bench.
        </p>
      )}
    </div>
  );
}

const longestPin = 8;
const upperDigits = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const;

function PinPad({ person, onBack, onIn }: { person: Person; onBack: () => void; onIn: () => void }) {
  const [pin, setPin] = useState('');
  const [signIn, { isLoading, error, reset }] = useSignInMutation();
  const push = (digit: string) => {
    if (error !== undefined) reset();
    setPin((before) => (before + digit).slice(0, longestPin));
  };
  const enter = async () => {
    if (pin.length < 4 || isLoading) return;
    const answer = await signIn({ personId: person.id, pin });
    setPin('');
    if (answer.data === undefined) return;
    toast(`${answer.data.name} is signed in.`);
    onIn();
  };
  const keys = (event: KeyboardEvent) => {
    if (/^\d$/.test(event.key)) push(event.key);
    else if (event.key === 'Backspace') setPin((before) => before.slice(0, -1));
    else if (event.key === 'Enter') void enter();
    else return;
    event.preventDefault();
  };
  return (
    <div className="mx-auto flex max-w-72 flex-col gap-3" onKeyDown={keys}>
      <p
        tabIndex={-1}
        ref={(element) => element?.focus()}
        role="status"
        aria-label={`PIN, ${pin.length} digits typed`}
        className="figure h-10 text-center text-4xl tracking-widest outline-none"
      >
        {'•'.repeat(pin.length)}
      </p>
      {error !== undefined && (
        <p role="alert" className="fault text-center">
          {problemOf(error).message}
        </p>
      )}
      <div className="grid grid-cols-3 gap-2">
        {upperDigits.map((digit) => (
          <PadKey key={digit} name={digit} onPress={() => push(digit)} />
        ))}
        <PadKey name="Back to the names" onPress={onBack} icon={<ArrowLeft className="size-6" />} />
        <PadKey name="0" onPress={() => push('0')} />
        <PadKey
          name="Take the last digit back"
          onPress={() => setPin((before) => before.slice(0, -1))}
          icon={<Delete className="size-6" />}
        />
      </div>
      <button
        type="button"
        className="btn h-14 text-lg btn-primary"
        disabled={pin.length < 4 || isLoading}
        onClick={() => void enter()}
      >
        {isLoading ? 'Looking' : 'Sign in'}
      </button>
    </div>
  );
}

function PadKey({ name, onPress, icon }: { name: string; onPress: () => void; icon?: React.ReactNode }) {
  return (
    <button type="button" className="btn figure h-14 text-2xl" aria-label={name} onClick={onPress}>
      {icon ?? name}
    </button>
  );
}
