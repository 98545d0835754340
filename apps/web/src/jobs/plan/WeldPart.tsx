import { coreSetting, type Job, type JobWeld } from '@lone-heron/contract';
import { Link } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { spokenFlow } from '../../shared/figures/spoken.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { CleanColour } from '../../shared/modes/CleanColour.js';
import { behindPanel, panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { dialAddressOf } from '../../shared/sentences/dialAddressOf.js';
import { sentenceStart } from '../../shared/sentences/sentenceStart.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { standingWords } from '../jobWords.js';
import { MarkedPicture } from '../MarkedPicture.js';
import { weldedMarks } from '../weldedMarks.js';
import { rollWords, tackWords } from '../roundAndTacks.js';
import { WeldMark } from '../WeldMark.js';
import { setUpWords } from './setUpWords.js';
import type { PlannedWeld } from './planJob.js';
import type { ShownPlan } from './useJobPlan.js';

interface WeldPartProps {
  job: Job;
  shown: ShownPlan;
  /** The weld that is looked at; null for none. */
  mark: string | null;
}

/** The weld that is looked at: where it is, its numbers in the panel's order, and what they rest on. */
export function WeldPart({ job, shown: { plan }, mark }: WeldPartProps) {
  const { data: machines = [] } = useMachinesQuery(undefined);
  const { units } = houseContent(useHouseQuery(undefined).data);
  const weld = job.draft.welds.find((each) => each.mark === mark);
  if (weld === undefined) return null;
  const planned = plan?.welds.find((each) => each.mark === mark);
  const refusal = plan?.refusals.find((each) => each.mark === mark)?.refusal;
  const machine = machines.find(({ id }) => id === job.draft.machineId);
  const rows =
    planned === undefined || machine === undefined
      ? []
      : panelRows(machine.profile, coreSetting(planned.content.setting), units);
  const asked = { joint: weld.joint, wireDiameterMm: weld.wireDiameterMm, machineId: job.draft.machineId };
  return (
    <section className="sheet flex flex-col gap-3 p-4" aria-label={`Weld ${weld.mark}`}>
      <h2 className="flex flex-wrap items-center gap-3 text-lg font-semibold">
        <WeldMark mark={weld.mark} isDone={false} /> {jointInWords(weld.joint)}
      </h2>
      {weld.place !== null && (
        <MarkedPicture
          jobId={job.id}
          job={job.draft}
          photoId={weld.place.photoId}
          mark={weld.mark}
          done={weldedMarks(job)}
        />
      )}
      {[weld.where, weld.pose, weld.preparation, weld.notes].filter((each) => each !== '').length > 0 && (
        <p className="text-soft">
          {[weld.where, weld.pose, weld.preparation, weld.notes].filter((each) => each !== '').join(' · ')}
        </p>
      )}
      {refusal !== undefined && (
        <p role="alert" className="fault">
          {refusal}
        </p>
      )}
      <div role="group" aria-label="Dial these">
        <dl>
          {rows.map((row) => (
            <div
              key={row.knob}
              className="flex items-baseline justify-between gap-4 border-t border-base-300 py-1"
            >
              <dt>{row.name}</dt>
              <dd className="text-right">
                <span className="figure text-2xl font-semibold">{panelFigure(row, row.value)}</span>{' '}
                {row.scale.unit} <span className="text-sm text-soft">{behindPanel(row)}</span>
              </dd>
            </div>
          ))}
        </dl>
      </div>
      {planned !== undefined && <PlannedWords weld={weld} planned={planned} plan={plan} />}
      <CleanColour
        joint={weld.joint}
        colour={planned?.colour ?? null}
        lengthMm={weld.lengthMm}
        units={units}
      />
      <p className="flex flex-wrap gap-2">
        {planned?.card != null && (
          <Link className="btn touch-always" to={`/cards/${planned.card.id}`}>
            Card {planned.card.number}
          </Link>
        )}
        <Link className="btn touch-always" to={dialAddressOf(asked)}>
          {planned?.standing === 'proven' ? 'See it on Dial' : 'Weld a coupon on Dial'}
        </Link>
      </p>
    </section>
  );
}

interface PlannedWordsProps {
  weld: JobWeld;
  planned: PlannedWeld;
  plan: ShownPlan['plan'];
}

/** What is fitted for it, its tacks and rolls, and what its numbers rest on. */
function PlannedWords({ weld, planned, plan }: PlannedWordsProps) {
  const house = houseContent(useHouseQuery(undefined).data);
  return (
    <>
      <p className="text-soft">
        {setUpWords(plan, weld.mark)} {spokenFlow(planned.content.setting.gasFlowLMin)}
        {planned.passes > 1 && `, ${planned.passes} passes`}
      </p>
      {[tackWords(weld, house), rollWords(weld, planned.travelMmS)].map(
        (words) =>
          words !== null && (
            <p key={words} className="text-soft">
              {sentenceStart(words)}.
            </p>
          ),
      )}
      <p>
        {standingWords[planned.standing].says}
        {planned.differs.length > 0 && ` It is another thing: ${planned.differs.join('; ')}.`} Even in{' '}
        <strong>{percentFigure(planned.odds.full)}</strong> of tries, as far as is known.
      </p>
    </>
  );
}
