import { Signature } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { Failure } from '../form/Failure.js';
import { SaveButton } from '../form/SaveButton.js';
import { Modal } from '../page/Modal.js';
import { PinField } from './PinField.js';

interface SignSheetProps {
  /** Such as "Sign version 2". */
  name: string;
  person: string;
  /** What is signed, and what follows from it. */
  children: ReactNode;
  /** What of it is the signer's own work, in words; empty where nothing is. */
  own: string;
  isSaving: boolean;
  error: unknown;
  onSign: (pin: string) => void;
  onClose: () => void;
}

/** A signature: says what is signed, says so where it is one's own work, and asks for the PIN once more. */
export function SignSheet({ name, person, children, own, isSaving, error, onSign, onClose }: SignSheetProps) {
  const [pin, setPin] = useState('');
  const isReady = pin.length >= 4;
  return (
    <Modal title={name} onClose={onClose}>
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (isReady && !isSaving) onSign(pin);
        }}
      >
        {children}
        {own !== '' && (
          <p role="status" className="caution px-3 py-2">
            {own} Where another lead can look at it, let them sign.
          </p>
        )}
        <PinField label={`PIN of ${person}`} value={pin} onType={setPin} isStart />
        <Failure what="Not signed." error={error} />
        <SaveButton
          name="Sign it"
          waitsFor={isReady ? null : 'The PIN of a lead signs it.'}
          isSaving={isSaving}
        />
      </form>
    </Modal>
  );
}

interface SignButtonProps {
  name: string;
  isLead: boolean;
  onPress: () => void;
}

/** Opens the sheet to sign on; for a lead, and it says so. */
export function SignButton({ name, isLead, onPress }: SignButtonProps) {
  return (
    <>
      <button
        type="button"
        className="btn touch-always self-start btn-primary"
        disabled={!isLead}
        onClick={onPress}
      >
        <Signature className="size-5" aria-hidden="true" /> {name}
      </button>
      {!isLead && <p className="text-sm text-soft">This is for a lead who is signed in.</p>}
    </>
  );
}
