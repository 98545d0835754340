import {
  exchangeFileFormats,
  largestExchange,
  type ExchangeFileFormat,
  type ExchangeStored,
} from '@lone-heron/contract';
import { useState } from 'react';
import { toast } from 'sonner';
import { usePreviewExchangeMutation, useStoreExchangeMutation } from '../../shared/api/exchangeApi.js';
import { usePersonAtDesk } from '../../shared/door/usePersonAtDesk.js';
import { DropPlace } from '../../shared/form/DropPlace.js';
import { Failure } from '../../shared/form/Failure.js';
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
  const [preview, { data: shown, isLoading, error, reset }] = usePreviewExchangeMutation();
  const [store, storing] = useStoreExchangeMutation();
  const person = usePersonAtDesk();
  const choose = (file: File) => {
    storing.reset();
    reset();
    setChosen(null);
    setTaken([]);
    const format = exchangeFileFormats.find((each) => file.name.toLowerCase().endsWith(`.${each}`));
    const problem = problemOf(file, format);
    setFault(problem);
    if (problem !== null || format === undefined) return;
    setChosen({ file, format });
    void preview({ format, file, take: [] });
  };
  const confirm = async () => {
    if (chosen === null || shown === undefined) return;
    const { data } = await store({ ...chosen, take: taken, hash: shown.hash });
    if (data === undefined) return;
    toast(`Stored: ${storedInWords(data)}.`);
    setChosen(null);
    reset();
  };
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="In">
      <h2 className="text-lg font-semibold">In</h2>
      <p>
        A JSON from another Lone Heron, or cards as CSV. You see what becomes of every part first. Nothing of
        yours is overwritten: theirs goes on from yours, or stands beside it where you say so. Their
        signatures are kept as theirs; here a card is signed by your own lead.
      </p>
      {person?.role !== 'lead' && (
        <p className="text-soft">Reading a file in is for a lead who is signed in.</p>
      )}
      <DropPlace name={chosen?.file.name ?? null} accept=".json,.csv" onFile={choose} />
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
      {isLoading && <p role="status">Looking at every part.</p>}
      <Failure what="Not read." error={error} />
      {shown !== undefined && chosen !== null && (
        <ShownExchange
          shown={shown}
          taken={taken}
          isStoring={storing.isLoading}
          onTake={(id, isTaken) => setTaken(isTaken ? [...taken, id] : taken.filter((each) => each !== id))}
          onConfirm={() => void confirm()}
          onLeave={() => setChosen(null)}
        />
      )}
      <Failure what="Nothing was stored." error={storing.error} />
    </section>
  );
}

function problemOf(file: File, format: ExchangeFileFormat | undefined): string | null {
  if (format === undefined)
    return `${file.name} is read as no format; allowed is a name that ends in .json or .csv.`;
  if (file.size <= largestExchange) return null;
  const mb = (bytes: number) => Math.ceil(bytes / 1024 / 1024);
  return `${file.name} has ${mb(file.size)} MB; up to ${mb(largestExchange)} MB is read.`;
}

function storedInWords({ machines, cards, coupons }: ExchangeStored): string {
  const counts = [
    ['machine', machines],
    ['card', cards],
    ['coupon', coupons],
  ] as const;
  return counts
    .filter(([, count]) => count > 0)
    .map(([noun, count]) => `${count} ${noun}${count === 1 ? '' : 's'}`)
    .join(', ');
}
