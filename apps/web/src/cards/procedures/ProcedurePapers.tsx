import {
  nothingStated,
  shownVersion,
  type Card,
  type CardProcedure,
  type Machine,
  procedureFileSchema,
} from '@lone-heron/contract';
import { FileJson } from 'lucide-react';
import { useCallback, useMemo } from 'react';
import { usePeopleQuery } from '../../shared/api/heronApi.js';
import { houseContent, useHouseQuery } from '../../shared/api/houseApi.js';
import { shopNow } from '../../shared/clock/shopClock.js';
import { printedSection } from '../../shared/drawing/printedSection.js';
import { PaperPreview } from '../../shared/paper/PaperPreview.js';
import { paperOf, type PageFrame } from '../../shared/paper/papers.js';
import { inFileName, saveFile } from '../../shared/files/saveFile.js';
import { cardForecast, forecastMelt } from '../cardForecast.js';
import { useLearnOf } from '../useLearn.js';
import { notAQualification, procedurePaper } from './procedurePaper.js';
import { procedureSheet } from './procedureSheet.js';
import { testRecord } from './testRecord.js';

interface ProcedurePapersProps {
  card: Card;
  machines: readonly Machine[];
  procedure: CardProcedure;
}

/** Both papers as they stand with the newest revision, as PDF and as JSON. */
export function ProcedurePapers({ card, machines, procedure }: ProcedurePapersProps) {
  const [newest] = procedure.revisions;
  const version = card.versions.find((each) => each.version === newest?.cardVersion) ?? shownVersion(card);
  const machine = machines.find(({ id }) => id === version.content.machineId);
  if (machine === undefined)
    return <p className="sheet p-6 text-lg">The card’s machine is not in the shop any more.</p>;
  return <Papers card={card} version={version} machine={machine} machines={machines} procedure={procedure} />;
}

interface PapersProps extends ProcedurePapersProps {
  version: Card['versions'][number];
  machine: Machine;
}

function Papers({ card, version, machine, machines, procedure }: PapersProps) {
  const { data: people } = usePeopleQuery(undefined);
  const { data: house } = useHouseQuery(undefined);
  const learn = useLearnOf(version.content, machines);
  const { units } = houseContent(house);
  const [newest] = procedure.revisions;
  const expected = useMemo(() => cardForecast(version.content, machine, learn), [version, machine, learn]);
  const papers = useMemo(() => {
    const nameOf = (id: string | null) => people?.find((each) => each.id === id)?.name ?? 'somebody';
    const stated = newest?.stated ?? nothingStated;
    const { content } = version;
    const signature = (by: string | null, at: string | null) => ({
      name: by === null ? null : nameOf(by),
      at,
    });
    return {
      title: stated.number === '' ? content.name : `${stated.number}: ${content.name}`,
      revision: newest?.revision ?? null,
      cardWords: `Card ${card.number}, version ${version.version}`,
      procedure: procedureSheet({ content, machine, units, stated, expected }),
      testRecord: testRecord({ content, stated, welded: procedure.welded, nameOf }),
      prepared: signature(newest?.preparedBy ?? null, newest?.preparedAt ?? null),
      approved: signature(newest?.approvedBy ?? null, newest?.approvedAt ?? null),
    };
  }, [people, newest, version, card.number, machine, units, expected, procedure.welded]);
  const layOut = useCallback(
    (frame: PageFrame) => {
      const drawing =
        'forecast' in expected
          ? (width: number) => printedSection(forecastMelt(expected), { width, mostHeight: width * 0.6 })
          : null;
      return procedurePaper({ ...papers, drawing, printedAt: shopNow() }, frame);
    },
    [papers, expected],
  );
  const saveJson = () => {
    const file = procedureFileSchema.parse({
      ...{ format: 'lone-heron-procedure', version: 1, writtenAt: shopNow().toISOString() },
      caution: notAQualification,
      card: { id: card.id, number: card.number, version: version.version },
      revision: papers.revision,
      preparedBy: papers.prepared.name,
      approvedBy: papers.approved.name,
      procedure: papers.procedure,
      testRecord: papers.testRecord,
    });
    saveFile(
      `${inFileName(`procedure ${papers.title}`)}.json`,
      new Blob([`${JSON.stringify(file, null, 2)}\n`], { type: 'application/json' }),
    );
  };
  return (
    <>
      <button type="button" className="btn touch-always self-start" onClick={saveJson}>
        <FileJson className="size-5" aria-hidden="true" /> Save both papers as JSON
      </button>
      <PaperPreview
        title={`Procedure of card ${card.number}`}
        fileName={inFileName(`procedure ${papers.title}`)}
        orientation="portrait"
        begin={paperOf(units)}
        layOut={layOut}
      />
    </>
  );
}
