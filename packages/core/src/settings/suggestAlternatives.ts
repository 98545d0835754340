import { joulePerMetre, metre, metrePerSecond, saidHeat, saidLength, saidSpeed } from '../quantity/index.js';
import { suggestSetting, type Suggestion } from './suggestSetting.js';
import type { Candidate } from './solveStrength.js';
import type { Aim, WeldJob } from './WeldJob.js';

/** Another honest answer to the same job. */
export interface Alternative extends Candidate {
  readonly name: 'coolAndQuick' | 'wideAndForgiving' | 'flatAndNarrow' | 'steady';
  /** What is gained and given up against the suggestion, gains first. */
  readonly trades: readonly string[];
}

const aims: readonly { readonly name: Alternative['name']; readonly aim: Aim }[] = [
  { name: 'coolAndQuick', aim: { kind: 'leastHeat' } },
  { name: 'wideAndForgiving', aim: { kind: 'wideForgiving' } },
  { name: 'flatAndNarrow', aim: { kind: 'leastDressing' } },
  { name: 'steady', aim: { kind: 'reach' } },
];

const mostAlternatives = 3;

/** An alternative may be so much less likely to land. */
const chanceGivenUp = 0.15;

/**
 * Two or three other settings for a job, each the best by another aim, with what it trades. Fewer where they come out
 * the same, or where only one thing lands; none for a share of the thickness, which leaves no room.
 *
 * @example
 * suggestAlternatives(sampleJob(), suggestSetting(sampleJob()))[0].name // => 'coolAndQuick'
 */
export function suggestAlternatives(job: WeldJob, chosen: Suggestion): readonly Alternative[] {
  if (job.aim.kind === 'share') return [];
  const found: Alternative[] = [];
  for (const { name, aim } of aims) {
    if (aim.kind === job.aim.kind || found.length === mostAlternatives) continue;
    const { obstacle, ...other } = suggestSetting(searchedAnew(job, aim));
    const isWorse =
      obstacle !== null || other.forecast.evenChance < chosen.forecast.evenChance - chanceGivenUp;
    const isSeen = [chosen, ...found].some((each) => isSameSetting(each, other));
    if (isWorse || isSeen) continue;
    const { setting, forecast, loss } = other;
    found.push({ name, setting, forecast, loss, trades: tradesAgainst(job, chosen, other) });
  }
  return found;
}

/** Another aim's answer, with what made a hole still out of bounds and what is proven not kept. */
function searchedAnew(job: WeldJob, aim: Aim): WeldJob {
  if (job.evidence?.tried === undefined) return { ...job, aim };
  const tried = job.evidence.tried.map((each) => ({ ...each, even: 0 }));
  return { ...job, aim, evidence: { ...job.evidence, tried } };
}

/** Settings this close are one setting to a hand. */
const near = { power: 0.03, travel: 0.05, width: 0.05e-3 };

function isSameSetting(one: Candidate, other: Candidate): boolean {
  const widthOf = ({ setting: { wobble } }: Candidate) => (wobble.shape === 'none' ? 0 : wobble.width);
  return (
    Math.abs(one.setting.power / other.setting.power - 1) < near.power &&
    Math.abs(one.forecast.travel / other.forecast.travel - 1) < near.travel &&
    Math.abs(widthOf(one) - widthOf(other)) < near.width
  );
}

interface Trade {
  readonly isGain: boolean;
  readonly words: string;
}

function tradesAgainst(job: WeldJob, chosen: Candidate, other: Candidate): readonly string[] {
  const trades = [heatTrade, widthTrade, chanceTrade, paceTrade].flatMap((trade) =>
    trade(chosen, other, job.saidIn),
  );
  return [...trades.filter(({ isGain }) => isGain), ...trades.filter(({ isGain }) => !isGain)].map(
    ({ words }) => words,
  );
}

/** Less than this is no difference. */
const leastHeat = joulePerMetre(1000);

function heatTrade(chosen: Candidate, other: Candidate, saidIn: WeldJob['saidIn']): Trade[] {
  const less = chosen.forecast.heat - other.forecast.heat;
  if (Math.abs(less) < leastHeat) return [];
  const by = saidHeat(joulePerMetre(Math.abs(less)), saidIn);
  return [{ isGain: less > 0, words: `${by} ${less > 0 ? 'less' : 'more'} heat` }];
}

const leastWider = 0.1e-3;

function widthTrade(chosen: Candidate, other: Candidate, saidIn: WeldJob['saidIn']): Trade[] {
  const wider = other.forecast.prediction.width - chosen.forecast.prediction.width;
  if (Math.abs(wider) < leastWider) return [];
  const by = saidLength(metre(Math.abs(wider)), saidIn);
  return wider > 0
    ? [{ isGain: true, words: `bead ${by} wider: catches the joint more surely` }]
    : [
        {
          isGain: true,
          words: `bead ${by} narrower: less to dress, easier to miss the joint`,
        },
      ];
}

function chanceTrade(chosen: Candidate, other: Candidate): Trade[] {
  const surer = Math.round((other.forecast.evenChance - chosen.forecast.evenChance) * 100);
  if (surer === 0) return [];
  return [
    {
      isGain: surer > 0,
      words: `an even line ${Math.abs(surer)} in 100 ${surer > 0 ? 'more' : 'less'} often`,
    },
  ];
}

const leastFaster = 0.5e-3;

function paceTrade(chosen: Candidate, other: Candidate, saidIn: WeldJob['saidIn']): Trade[] {
  const faster = other.forecast.travel - chosen.forecast.travel;
  if (Math.abs(faster) < leastFaster) return [];
  const by = saidSpeed(metrePerSecond(Math.abs(faster)), saidIn, 1);
  return [
    {
      isGain: false,
      words: `the hand must go ${by} ${faster > 0 ? 'faster' : 'slower'}`,
    },
  ];
}
