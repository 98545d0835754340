import type { ReactNode } from 'react';
import { usePersonAtDesk } from '../door/usePersonAtDesk.js';
import { Failure } from '../form/Failure.js';
import { DropPlace } from './DropPlace.js';
import { FileUnderWay } from './FileUnderWay.js';
import type { FileWork } from './useFileWork.js';

interface FileInProps {
  /** What is read and what becomes of it. */
  about: string;
  /** Of the file that was chosen; null before one was. */
  name: string | null;
  accept: string;
  /** Why the file is not read at all; null where it is. */
  fault: string | null;
  /** The file while the server is at work on it; null where it is not. */
  work: FileWork | null;
  /** What the server answered to the look, and to the storing. */
  lookError: unknown;
  storeError: unknown;
  onFile: (file: File) => void;
  /** What would become of the file. */
  children: ReactNode;
}

/** A file that is read in by a lead: chosen, looked at, then stored. */
export function FileIn({
  about,
  name,
  accept,
  fault,
  work,
  lookError,
  storeError,
  onFile,
  children,
}: FileInProps) {
  const person = usePersonAtDesk();
  return (
    <section className="sheet flex flex-col gap-3 px-5 py-4" aria-label="In">
      <h2 className="text-lg font-semibold">In</h2>
      <p>{about}</p>
      {person?.role !== 'lead' && (
        <p className="text-soft">Reading a file in is for a lead who is signed in.</p>
      )}
      <DropPlace name={name} accept={accept} onFile={onFile} />
      {fault !== null && (
        <p role="alert" className="fault">
          {fault}
        </p>
      )}
      {work !== null && <FileUnderWay work={work} />}
      <Failure what="Not read." error={lookError} />
      {children}
      <Failure what="Nothing was stored." error={storeError} />
    </section>
  );
}
