import type { Worked } from './useWorked.js';

interface UnderWayProps {
  worked: Worked<object, object>;
  /** What is worked out, as "the heat". */
  what: string;
}

/** How far work beside the screen has come, with a way to stop it; or why there is no answer, with a way to ask again. */
export function UnderWay({ worked: { done, fault, shown, stop, again }, what }: UnderWayProps) {
  if (fault !== null)
    return (
      <div role="alert" className="flex flex-wrap items-center gap-2 px-1 leading-snug">
        <span>
          {fault}
          {shown !== null && ' What is shown is of the setting before.'}
        </span>
        <button type="button" className="btn touch btn-sm" onClick={again}>
          Work it out
        </button>
      </div>
    );
  if (done === null) return null;
  return (
    <div role="status" className="flex items-center gap-2 px-1 text-soft">
      <span>Working out {what}</span>
      <progress className="progress min-w-0 grow" value={done} max={1} aria-label={`How far ${what} is`} />
      <button type="button" className="btn touch btn-ghost btn-sm" onClick={stop}>
        Stop
      </button>
    </div>
  );
}
