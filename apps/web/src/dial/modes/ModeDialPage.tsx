import { handModes, type HandMode, type HouseContent, type Machine, type Trial } from '@lone-heron/contract';
import { lazy, Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useMachinesQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { useTrialLaddersQuery, useTrialsQuery } from '../../shared/api/trialsApi.js';
import { unlessShown } from '../../shared/api/unlessShown.js';
import { useKey } from '../../shared/keys/useKey.js';
import { KeysHeld } from '../../shared/keys/heldKeys.js';
import { modeSpeech } from '../../shared/modes/modeWords.js';
import { rungOf } from '../../shared/modes/rungOf.js';
import { Loading } from '../../shared/page/Loading.js';
import { LoadFailed } from '../../shared/page/LoadFailed.js';
import { toast } from '../../shared/say/toast.js';
import { ModeDrawing } from './ModeDrawing.js';
import { modeFigures, type ModeFigures } from './modeFigures.js';
import { ModeCaution, ModeNotices } from './ModeNotices.js';
import { ModeFootBar } from './ModeFootBar.js';
import { ModeOdds } from './ModeOdds.js';
import { ModePlate } from './ModePlate.js';
import { ModeRail } from './ModeRail.js';
import { NoModeAnswer } from './NoModeAnswer.js';
import { RungsToDo } from './RungsToDo.js';
import { SentStep } from './SentStep.js';
import { SwitchedTo } from './SwitchedTo.js';
import { triedWork } from './TriedWork.js';
import { useModeDial, type ModeAnswer, type ModeDial } from './useModeDial.js';
import { WorkSentence } from './WorkSentence.js';

const LogTrial = lazy(() => import('./LogTrial.js'));
const KeepMode = lazy(() => import('./KeepMode.js'));
const ClimbLadder = lazy(() => import('./ClimbLadder.js'));

/** Say the work, see how it should turn out, set the machine, log what came of it: cleaning, cutting, pulses. */
export default function ModeDialPage() {
  const { mode } = useParams();
  const { data: machines, error, refetch } = unlessShown(useMachinesQuery(undefined));
  const house = useHouseQuery(undefined);
  const trials = unlessShown(useTrialsQuery(undefined));
  const known = handModes.find((each) => each === mode);
  if (known === undefined)
    return (
      <p className="sheet m-6 p-6">
        “{mode}” is nothing that is dialled: {handModes.join(', ')}, or{' '}
        <Link className="link" to="/dial">
          weld
        </Link>
        .
      </p>
    );
  const failed = [
    { what: 'the machines', error, retry: refetch },
    { what: 'the trials', error: trials.error, retry: trials.refetch },
  ].find((each) => each.error !== undefined);
  if (failed !== undefined) return <LoadFailed {...failed} />;
  if (machines === undefined || trials.data === undefined) return <Loading what="the machines" />;
  return (
    <ModeBench
      key={known}
      mode={known}
      machines={machines}
      trials={trials.data}
      house={houseContent(house.data)}
    />
  );
}

interface ModeBenchProps<Mode extends HandMode> {
  mode: Mode;
  machines: readonly Machine[];
  trials: readonly Trial[];
  house: HouseContent;
}

function ModeBench<Mode extends HandMode>({ mode, machines, trials, house }: ModeBenchProps<Mode>) {
  const dial = useModeDial(mode, machines, trials, house.units);
  const { answer } = dial;
  const figures = answer === null ? null : modeFigures[mode](answer);
  return (
    <div className="dial mx-auto flex max-w-[1500px] flex-col gap-1.5 px-4 py-1.5 sm:px-6">
      <h1 className="sr-only">Dial: {modeSpeech[mode].name}</h1>
      <WorkSentence dial={dial} />
      {answer === null || figures === null ? (
        <NoModeAnswer mode={mode} reading={dial.reading} machines={machines} />
      ) : (
        <ModeWorkbench dial={dial} answer={answer} figures={figures} house={house} trials={trials} />
      )}
    </div>
  );
}

interface ModeWorkbenchProps<Mode extends HandMode> extends Pick<ModeBenchProps<Mode>, 'house' | 'trials'> {
  dial: ModeDial<Mode>;
  answer: ModeAnswer<Mode>;
  figures: ModeFigures[Mode];
}

/** Everything that follows from a good sentence. */
function ModeWorkbench<Mode extends HandMode>({
  dial,
  answer,
  figures,
  house,
  trials,
}: ModeWorkbenchProps<Mode>) {
  const { mode } = dial;
  const sheets = useSheets(dial, answer);
  useKey('l', sheets.log);
  useKey('k', () => sheets.open('keep'));
  const tried = triedWork(answer);
  const { machine } = answer.shop;
  return (
    <>
      <ModeFootBar mode={mode} answer={answer} onLog={sheets.log} />
      <div className="dial-bench">
        <ModeDrawing mode={mode} answer={answer} figures={figures} />
        <ModePlate dial={dial} answer={answer} figures={figures} house={house} />
        <ModeOdds mode={mode} answer={answer} />
      </div>
      <ModeNotices mode={mode} answer={answer} figures={figures} />
      <ModeCaution answer={answer} />
      <div className="grid gap-1.5 *:min-w-0 lg:grid-flow-col lg:auto-cols-fr">
        <SwitchedTo mode={mode} machine={machine} />
        {sheets.isSent !== null && <SentStep isSent={sheets.isSent} onSent={sheets.setSent} />}
      </div>
      <RungsToDo mode={mode} machineId={machine.id} trials={trials} />
      <ModeRail
        mode={mode}
        answer={answer}
        onLog={sheets.log}
        onKeep={() => sheets.open('keep')}
        onLadder={() => sheets.open('ladder')}
      />
      <Suspense fallback={<KeysHeld />}>
        {sheets.shown === 'log' && (
          <LogTrial
            mode={mode}
            answer={tried}
            wasSent={sheets.isSent}
            ladder={sheets.rung}
            onClose={sheets.close}
            onKept={sheets.kept}
          />
        )}
        {sheets.shown === 'keep' && <KeepMode mode={mode} answer={tried} onClose={sheets.close} />}
        {sheets.shown === 'ladder' && (
          <ClimbLadder mode={mode} answer={tried} onClose={sheets.close} onMade={dial.pinAll} />
        )}
      </Suspense>
    </>
  );
}

type SheetShown = 'log' | 'keep' | 'ladder';

/** Which sheet lies open, what was sent to the panel, and which rung of a ladder is dialled. */
function useSheets<Mode extends HandMode>(dial: ModeDial<Mode>, answer: ModeAnswer<Mode>) {
  const [shown, setShown] = useState<SheetShown | null>(null);
  const [sentAs, setSentAs] = useState<string | null>(null);
  const { data: ladders = [] } = useTrialLaddersQuery(undefined);
  const asks = answer.shop.machine.profile.lamp?.needsSending === true;
  const dialled = JSON.stringify(answer.setting);
  const isSent = asks ? sentAs === dialled : null;
  const open = (sheet: SheetShown) => {
    if (answer.beyond.length > 0) toast('Mend what the machine cannot do first.');
    else setShown(sheet);
  };
  return {
    shown,
    isSent,
    rung: rungOf(ladders, answer.shop.machine.id, answer.work, answer.setting),
    setSent: (isNowSent: boolean) => setSentAs(isNowSent ? dialled : null),
    open,
    log: () => {
      if (isSent === false) toast('Send it first: what was not sent is not what was done.');
      else open('log');
    },
    close: () => setShown(null),
    kept: () => {
      setShown(null);
      dial.pinAll();
    },
  };
}
