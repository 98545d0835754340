import {
  largestExchange,
  type ExchangeFileFormat,
  type ExchangePreview,
  type ExchangeStored,
} from '@lone-heron/contract';
import { useRef, useState } from 'react';
import { toast } from '../../shared/say/toast.js';
import { usePreviewExchangeMutation, useStoreExchangeMutation } from './exchangeApi.js';
import { FileIn } from '../../shared/files/FileIn.js';
import { unlessBrokenOff, useFileWork, type SendFile } from '../../shared/files/useFileWork.js';
import { knownFile } from '../../shared/files/knownFile.js';
import { ShownExchange } from './ShownExchange.js';

/** A file that was chosen. */
interface Chosen {
  readonly file: File;
  readonly format: ExchangeFileFormat;
}

/** Another shop's file, looked at part by part before anything is stored. */
export function ReadExchange() {
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [taken, setTaken] = useState<readonly string[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const { send, work } = useFileWork();
  const { shown, look, forget, isLoading, error } = useExchangeLook(send);
  const [store, storing] = useStoreExchangeMutation();
  const choose = (file: File) => {
    work?.cancel();
    storing.reset();
    forget();
    setChosen(null);
    setTaken([]);
    const known = knownFile(file, { json: largestExchange, csv: largestExchange });
    setFault('fault' in known ? known.fault : null);
    if ('fault' in known) return;
    const { format } = known;
    setChosen({ file, format });
    void look({ format, file }, []);
  };
  const take = (id: string, isTaken: boolean) => {
    if (chosen === null) return;
    const all = isTaken ? [...taken, id] : taken.filter((each) => each !== id);
    setTaken(all);
    void look(chosen, all);
  };
  const confirm = async () => {
    if (chosen === null || shown === null) return;
    const data = await send((id) => store({ ...chosen, take: taken, hash: shown.hash, work: id }));
    if (data === undefined) return;
    toast(`Stored: ${storedInWords(data)}.`);
    setChosen(null);
    forget();
  };
  return (
    <FileIn
      about="A JSON from another Lone Heron, or cards as CSV. You see what becomes of every part first. Nothing of yours is overwritten: theirs goes on from yours, or stands beside it where you say so. Their signatures are kept as theirs; here a card is signed by your own lead."
      name={chosen?.file.name ?? null}
      accept=".json,.csv"
      fault={fault}
      work={work}
      lookError={unlessBrokenOff(error)}
      storeError={unlessBrokenOff(storing.error)}
      onFile={choose}
    >
      {shown !== null && chosen !== null && (
        <ShownExchange
          shown={shown}
          taken={taken}
          isBusy={storing.isLoading || isLoading}
          onTake={take}
          onConfirm={() => void confirm()}
          onLeave={() => setChosen(null)}
        />
      )}
    </FileIn>
  );
}

/**
 * The look at a file with what is taken of it: another part may fit once one is taken, so every choice asks anew. The
 * last one stays shown meanwhile, and answers that come late are left.
 */
function useExchangeLook(send: SendFile) {
  const [shown, setShown] = useState<ExchangePreview | null>(null);
  const newest = useRef(0);
  const [preview, { isLoading, error }] = usePreviewExchangeMutation();
  const look = async ({ format, file }: Chosen, take: readonly string[]) => {
    newest.current += 1;
    const mine = newest.current;
    const data = await send((work) => preview({ format, file, take, work }));
    if (newest.current === mine) setShown(data ?? null);
  };
  const forget = () => {
    newest.current += 1;
    setShown(null);
  };
  return { shown, look, forget, isLoading, error };
}

function storedInWords({ machines, cards, coupons, jobs, modeCards, trials }: ExchangeStored): string {
  const counts = [
    ['machine', machines],
    ['card', cards + modeCards],
    ['coupon', coupons],
    ['trial', trials],
    ['job', jobs],
  ] as const;
  return counts
    .filter(([, count]) => count > 0)
    .map(([noun, count]) => `${count} ${noun}${count === 1 ? '' : 's'}`)
    .join(', ');
}
