import type { Machine, ProtectiveWindow, ShopRecord } from '@lone-heron/contract';
import { useRecordsOfQuery } from '../../../shared/api/recordsApi.js';
import { percentFigure } from '../../../shared/figures/figures.js';
import { shownMoment } from '../../../shared/figures/moments.js';
import { ShopPhotoLink } from '../../photos/ShopPhotoLink.js';
import { useNow } from '../../../shared/clock/useNow.js';

/** What was counted on the window that is in, newest first, each with what came since the one before. */
export function GlassLooks({ machine, fitted }: { machine: Machine; fitted: ProtectiveWindow }) {
  const now = useNow();
  const { data: records = [] } = useRecordsOfQuery(machine.id);
  const looks = looksOf(records, fitted.id);
  return (
    <section className="sheet px-5 py-3" aria-label="Looked at before">
      <h2 className="font-semibold">Window {fitted.number}, as it was looked at</h2>
      {looks.length === 0 ? (
        <p className="text-soft">Not yet. The first photo is what later ones are held against.</p>
      ) : (
        <ul className="divide-y divide-base-300">
          {looks.map((look, i) => {
            return (
              <li key={look.at} className="flex items-center gap-4 py-2">
                {look.photoId !== null && (
                  <ShopPhotoLink
                    machineId={machine.id}
                    photoId={look.photoId}
                    words={`The glass, ${shownMoment(look.at, now)}`}
                  />
                )}
                <p className="leading-snug">
                  <strong>{shownMoment(look.at, now)}</strong>: {look.dark} dark, {look.pale} pale,{' '}
                  {percentFigure(look.beamCovered)} of where the light goes through
                  <span className="block text-soft">{growthInWords(look, looks[i + 1])}</span>
                </p>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

interface GlassLook {
  readonly at: string;
  readonly dark: number;
  readonly pale: number;
  readonly beamCovered: number;
  readonly photoId: string | null;
}

function looksOf(records: readonly ShopRecord[], windowId: string): readonly GlassLook[] {
  return records.flatMap(({ detail, at }) =>
    detail.kind === 'glass' && detail.windowId === windowId ? [{ ...detail, at }] : [],
  );
}

/** What came since the look before. */
function growthInWords(now: GlassLook, before: GlassLook | undefined): string {
  if (before === undefined) return 'the first look';
  const more = now.dark + now.pale - before.dark - before.pale;
  const specks = more === 0 ? 'as many specks' : `${Math.abs(more)} specks ${more > 0 ? 'more' : 'fewer'}`;
  const times = before.beamCovered > 0 ? now.beamCovered / before.beamCovered : null;
  const covered = times === null ? '' : `, covering ${times.toFixed(1)} times as much`;
  return `${specks} than before${covered}`;
}
