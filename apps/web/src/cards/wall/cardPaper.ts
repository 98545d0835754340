import {
  cardState,
  coreSetting,
  type Card,
  type CardVersion,
  type HouseUnits,
  type Machine,
} from '@lone-heron/contract';
import { outcomes, type Practice } from '@lone-heron/core';
import { format } from 'date-fns';
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { printedSection } from '../../shared/drawing/printedSection.js';
import { behindPanel, panelFigure, panelRows } from '../../shared/panel/panelKnobs.js';
import { cautionBox, factTable, heading, ruledLayout } from '../../shared/paper/pageParts.js';
import type { PageFrame } from '../../shared/paper/papers.js';
import { printed } from '../../shared/paper/printable.js';
import { criterionWords, verdictWords } from '../../shared/vocabulary/criteria.js';
import { percentFigure } from '../../shared/figures/figures.js';
import { outcomeWords } from '../../shared/vocabulary/outcomeWords.js';
import { preparationWords } from '../../shared/vocabulary/preparation.js';
import { jointInWords } from '../../shared/sentences/settingInWords.js';
import { beforeLight } from '../beforeLight.js';
import { cardFacts } from '../cardFacts.js';
import { forecastMelt, type CardForecast } from '../cardForecast.js';

/** What a card's page is laid out from. */
export interface CardOnPaper {
  readonly card: Card;
  readonly shown: CardVersion;
  readonly machine: Machine;
  readonly units: HouseUnits;
  readonly practice: Practice;
  readonly expected: CardForecast;
  readonly nameOf: (personId: string | null) => string;
  /** Where a phone opens the card; null where none can. */
  readonly address: string | null;
  readonly printedAt: Date;
}

/** A card for the wall, on one page: the numbers large, the section, what is fitted, what comes before light. */
export function cardPaper(of: CardOnPaper, frame: PageFrame): TDocumentDefinitions {
  const { margin, scale, innerWidth } = frame;
  const { content } = of.shown;
  const gutter = 16 * scale;
  const leftWidth = (innerWidth - gutter) * 0.56;
  const rightWidth = innerWidth - gutter - leftWidth;
  return {
    pageSize: frame.size,
    pageOrientation: frame.orientation,
    pageMargins: [margin, margin, margin, margin + 14 * scale],
    info: { title: content.name, creator: 'Lone Heron' },
    content: [
      head(of, frame),
      {
        columns: [
          { width: leftWidth, stack: [numbers(of, scale), facts(of, scale)] },
          { width: rightWidth, stack: [expected(of, rightWidth, scale), proof(of, rightWidth, scale)] },
        ],
        columnGap: gutter,
        margin: [0, 6 * scale, 0, 0],
      },
      preparationPart(of, frame),
    ],
    footer: foot(of, frame),
  };
}

function head({ card, shown, address, nameOf }: CardOnPaper, { scale }: PageFrame): Content {
  const { name, joint } = shown.content;
  return {
    columns: [
      {
        width: '*',
        stack: [
          printed(name, { bold: true, fontSize: 25 * scale, lineHeight: 1 }),
          printed(jointInWords(joint), { fontSize: 15 * scale, margin: [0, 3 * scale, 0, 4 * scale] }),
          printed(standing(card, shown, nameOf), { fontSize: 11 * scale, bold: true }),
        ],
      },
      ...(address === null
        ? []
        : [{ width: 'auto', qr: address, fit: 84 * scale, eccLevel: 'M' as const, margin: 0 as const }]),
    ],
    columnGap: 12 * scale,
  };
}

/** How far the version is, so that nobody welds a part by a draft unawares. */
function standing(card: Card, shown: CardVersion, nameOf: CardOnPaper['nameOf']): string {
  const which = `Card ${card.number}, version ${shown.version}`;
  if (card.retiredAt !== null) return `${which}: RETIRED, do not weld by it`;
  if (shown.signedAt !== null)
    return `${which}: signed by ${nameOf(shown.signedBy)}, ${format(new Date(shown.signedAt), 'd MMM yyyy')}`;
  const isProven = cardState({ ...card, versions: [shown] }) === 'proven';
  return `${which}: ${isProven ? 'PROVEN, not signed' : 'DRAFT, not proven'}`;
}

function numbers({ shown, machine, units }: CardOnPaper, scale: number): Content {
  const rows = panelRows(machine.profile, coreSetting(shown.content.setting), units);
  const body = rows.map((row): TableCell[] => {
    const behind = behindPanel(row);
    return [
      printed(row.name, { fontSize: 15 * scale, margin: [0, 9 * scale, 0, 0] }),
      {
        text: [
          { text: panelFigure(row, row.value), fontSize: 28 * scale, bold: true },
          { text: ` ${row.scale.unit}`, fontSize: 15 * scale },
          ...(behind === undefined ? [] : [{ text: `\n${behind}`, fontSize: 10 * scale }]),
        ],
        alignment: 'right',
        lineHeight: 0.95,
      },
    ];
  });
  return [
    printed(`Dial on ${machine.name}`, { bold: true, fontSize: 12 * scale }),
    { table: { widths: ['*', 'auto'], body }, layout: ruledLayout(scale) },
  ];
}

function facts({ shown, units }: CardOnPaper, scale: number): Content {
  const table = factTable(cardFacts(shown.content, units), scale);
  return { ...table, margin: [0, 4 * scale, 0, 0] };
}

function expected({ expected: said, printedAt }: CardOnPaper, width: number, scale: number): Content {
  if ('refusal' in said) return printed(`No odds on this machine: ${said.refusal}`, { fontSize: 11 * scale });
  const { forecast, job } = said;
  const body = outcomes.map((outcome): TableCell[] => {
    const bold = outcome === forecast.outcome;
    return [
      printed(outcomeWords[outcome], { fontSize: 11.5 * scale, bold }),
      printed(percentFigure(forecast.odds[outcome]), { fontSize: 11.5 * scale, bold, alignment: 'right' }),
    ];
  });
  const from = job.evidence === undefined ? 'from the model alone' : 'with our coupons';
  return [
    { svg: printedSection(forecastMelt(said), { width, mostHeight: 130 * scale }) },
    printed(`Odds on ${format(printedAt, 'd MMM yyyy')}, ${from}`, {
      fontSize: 9.5 * scale,
      margin: [0, 4 * scale, 0, 0],
    }),
    { table: { widths: ['*', 'auto'], body }, layout: ruledLayout(scale) },
  ];
}

function proof({ shown }: CardOnPaper, width: number, scale: number): Content {
  const fontSize = 10 * scale;
  const coupons = shown.proofs.map(({ couponNumber }) => couponNumber).join(', ');
  return [
    heading(`Proof: “${shown.content.level.name}”`, width, 11 * scale),
    ...shown.verdicts.map(({ criterion, verdict, asked, found }) =>
      printed(
        `${criterionWords[criterion]}: ${verdictWords[verdict]}${verdict === 'notTested' ? `, asked ${asked}` : `, ${found}`}`,
        { fontSize, margin: [0, 1, 0, 0] },
      ),
    ),
    printed(coupons === '' ? 'No coupon yet.' : `Coupons ${coupons}`, { fontSize, margin: [0, 2, 0, 0] }),
  ];
}

function preparationPart(
  { shown: { content }, machine, practice }: CardOnPaper,
  { innerWidth, scale }: PageFrame,
): Content {
  const { steps, cautions } = beforeLight(content, machine, practice);
  const fontSize = 10 * scale;
  const body = steps.map(({ about, words }): TableCell[] => [
    printed(preparationWords[about], { fontSize, bold: true }),
    printed(words, { fontSize }),
  ]);
  const said = cautions.map(({ words }) => words).join(' ');
  return [
    heading('Before light', innerWidth, 12 * scale),
    { table: { widths: [52 * scale, '*'], body }, layout: ruledLayout(scale) },
    {
      ...cautionBox(`${said} Figures are for planning: the manual and your safety officer decide.`, fontSize),
      margin: [0, 6 * scale, 0, 0],
    },
  ];
}

function foot({ printedAt, address, shown, nameOf }: CardOnPaper, { margin, scale }: PageFrame): Content {
  const fontSize = 8.5 * scale;
  const look = `Written by ${nameOf(shown.madeBy)}. Printed ${format(printedAt, 'd MMM yyyy HH:mm')}: look whether there is a newer version.`;
  return {
    margin: [margin, 0, margin, 0],
    stack: [printed(look, { fontSize }), printed(address ?? '', { fontSize })],
  };
}
