import { HeronMark } from './HeronMark.js';

/** A station that is not built yet: its name, one line of what will be there, and where to go instead. */
export function NotYet({ station, promise }: { station: string; promise: string }) {
  return (
    <section className="mx-auto flex max-w-xl flex-col items-center gap-4 px-6 py-20 text-center">
      <HeronMark className="h-16 text-primary" />
      <h1 className="text-3xl font-semibold">{station}</h1>
      <p className="text-lg text-soft">{promise} This station is not built yet.</p>
    </section>
  );
}
