import { useState } from 'react';
import { TextField } from '../form/TextField.js';
import { keepPhoneOrigin, readOrigin } from './phoneAddress.js';

interface PhoneAddressProps {
  origin: string | null;
  onSay: (origin: string) => void;
}

/** Asks for the address that phones open, where this page was opened as the computer's own. */
export function PhoneAddress({ origin, onSay }: PhoneAddressProps) {
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [isChanging, setIsChanging] = useState(false);
  if (origin !== null && !isChanging) {
    return (
      <p className="flex flex-wrap items-center gap-3 px-4 text-soft">
        The code opens {origin} on a phone in the shop’s network.
        <button type="button" className="btn touch btn-ghost" onClick={() => setIsChanging(true)}>
          Other address
        </button>
      </p>
    );
  }
  const say = () => {
    const read = readOrigin(text);
    if ('fault' in read) {
      setFault(read.fault);
      return;
    }
    setFault(null);
    setIsChanging(false);
    keepPhoneOrigin(read.origin);
    onSay(read.origin);
  };
  return (
    <form
      className="sheet flex flex-wrap items-end gap-3 px-4 py-3"
      onSubmit={(event) => {
        event.preventDefault();
        say();
      }}
    >
      <p className="w-full">
        For a code that a phone can open, say how phones reach this computer: the address that “serve --lan”
        shows. Without it the page has no code.
      </p>
      <TextField label="Address of this computer" text={text} longest={200} onType={setText} />
      <button type="submit" className="btn touch-always">
        Put the code on
      </button>
      {fault !== null && (
        <p role="alert" className="w-full text-error">
          {fault}
        </p>
      )}
    </form>
  );
}
