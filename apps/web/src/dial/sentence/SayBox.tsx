import type { Machine } from '@lone-heron/contract';
import { lazy, Suspense, useLayoutEffect, useRef, useState, type KeyboardEvent, type RefObject } from 'react';
import { forgetTyping } from '../../shared/typing/keptTyping.js';
import { useKept } from '../../shared/typing/useKept.js';
import type { Spoken } from '../../shared/saidJoint/Spoken.js';

/** Fetched when it is asked for; the box is there before it and keeps the keys. */
const SayOffers = lazy(() => import('./SayOffers.js'));

const kept = 'say the joint';

interface SayBoxProps {
  spoken: Spoken;
  machines: readonly Machine[];
  /** Where the focus goes that was nowhere: the sentence, from which the arrows walk into its words. */
  sentence: RefObject<HTMLElement | null>;
  onDone: () => void;
}

/**
 * The joint in a few words, such as "16ga al corner", with the joints of before below; Enter takes the first. It opens with the
 * key that asks for it, so that the next letter is written and no command.
 */
export function SayBox({ spoken, machines, sentence, onDone }: SayBoxProps) {
  const [text, setText] = useKept(kept, 'text', () => '');
  const { field, before } = useFocusHere();
  const [offered, setOffered] = useState<string | null>(null);
  const [steps, setSteps] = useState(0);
  const [isTaken, setTaken] = useState(false);
  const close = () => {
    (before.current ?? sentence.current)?.focus();
    onDone();
  };
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (event.key === 'Escape') close();
    else if (event.key === 'Enter') setTaken(true);
    else if (step !== undefined) setSteps(steps + step);
    // What follows Enter is written nowhere, while what was taken is on its way.
    else if (!isTaken) return;
    event.preventDefault();
  };
  return (
    <div className="sheet absolute inset-x-0 top-0 z-20 flex flex-col gap-1 p-3 shadow-lg" onKeyDown={keys}>
      <label className="input touch-always w-full text-lg">
        <span className="sr-only">Say the joint at once</span>
        <input
          ref={field}
          role="combobox"
          aria-expanded={offered !== null}
          aria-controls="say-offers"
          aria-activedescendant={offered ?? undefined}
          placeholder="304 1.5 to 2 butt, gap .1, wire .8"
          autoComplete="off"
          maxLength={120}
          value={text}
          onChange={(event) => {
            setText(event.target.value);
            setSteps(0);
          }}
          onBlur={() => {
            if (document.hasFocus()) onDone();
          }}
        />
      </label>
      <Suspense fallback={null}>
        <SayOffers
          text={text}
          spoken={spoken}
          machines={machines}
          steps={steps}
          isTaken={isTaken}
          onShown={setOffered}
          onTaken={(isSomething) => {
            setTaken(false);
            if (!isSomething) return;
            forgetTyping(kept);
            close();
          }}
        />
      </Suspense>
    </div>
  );
}

/** Puts the focus here before the next key comes; `before` is where it was. */
function useFocusHere() {
  const field = useRef<HTMLInputElement>(null);
  const before = useRef<HTMLElement | null>(null);
  useLayoutEffect(() => {
    const { activeElement } = document;
    if (activeElement instanceof HTMLElement && activeElement !== document.body)
      before.current = activeElement;
    field.current?.focus();
    field.current?.select();
  }, []);
  return { field, before };
}
