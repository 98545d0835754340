import { settingReasons } from '@lone-heron/core';
import { lazy, Suspense } from 'react';
import { startsCool, type DialOutcome } from '../dialOutcome.js';
import type { PanelRow } from '../../shared/panel/panelKnobs.js';
import { plateFacts, type PlateFact } from './plateFacts.js';

const SendSetting = lazy(() => import('../../shared/link/SendSetting.js'));

interface FactListProps {
  outcome: DialOutcome;
  /** Name of the knob or fact whose reason is shown; null for none. */
  asked: string | null;
  onAsk: (name: string) => void;
}

/** What goes with the knobs, and why a knob or one of these is what it is. */
export default function FactList({ outcome, asked, onAsk }: FactListProps) {
  const facts = plateFacts(outcome);
  const { base, setting, said, recorded } = outcome;
  return (
    <>
      <div className="plate-facts">
        {facts.map((fact) => (
          <Fact key={fact.name} fact={fact} isAsked={asked === fact.name} onAsk={() => onAsk(fact.name)} />
        ))}
      </div>
      <p className="px-4 text-sm leading-snug text-soft empty:hidden" aria-live="polite">
        {asked !== null && whyOf(asked, facts, outcome, base !== setting)}
      </p>
      <Suspense fallback={null}>
        <SendSetting machine={said.machine} setting={recorded} what="what Dial says" />
      </Suspense>
    </>
  );
}

/** Something else to set, in words; why it is so on a press. */
function Fact({ fact, isAsked, onAsk }: { fact: PlateFact; isAsked: boolean; onAsk: () => void }) {
  return (
    <button
      type="button"
      className={`plate-fact touch ${isAsked ? 'bg-base-200' : ''}`}
      aria-expanded={isAsked}
      onClick={onAsk}
    >
      <span className="text-soft">{fact.name}</span>
      <span className="font-semibold">{fact.value}</span>
    </button>
  );
}

/** Why a knob or a fact is what it is. */
function whyOf(
  asked: string,
  facts: readonly PlateFact[],
  { suggestion, job }: DialOutcome,
  isTurned: boolean,
): string {
  const fact = facts.find(({ name }) => name === asked);
  if (fact !== undefined) return `${fact.name}: ${fact.why}.`;
  const reason = settingReasons(job, suggestion)[asked as PanelRow['knob']];
  if (reason === undefined) return 'The hand keeps it here.';
  const cool = asked === 'power' && startsCool(job) ? ', then two eases cooler, as the shop starts' : '';
  return `${isTurned ? 'Computed: ' : ''}${reason}${cool}.`;
}
