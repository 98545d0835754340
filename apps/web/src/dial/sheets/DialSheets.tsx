import type { DialOutcome } from '../dialOutcome.js';
import type { Dial } from '../useDial.js';
import { ComparePage } from './ComparePage.js';
import { EasePage } from './EasePage.js';
import { PacePage } from './PacePage.js';
import { PreparePage } from './PreparePage.js';
import type { SheetName } from './SheetName.js';

interface DialSheetsProps {
  sheet: SheetName;
  dial: Dial;
  outcome: DialOutcome;
  onClose: () => void;
}

/** The sheet that lies over Dial. */
export default function DialSheets({ sheet, ...props }: DialSheetsProps) {
  switch (sheet) {
    case 'prepare':
      return <PreparePage {...props} />;
    case 'compare':
      return <ComparePage {...props} />;
    case 'ease':
      return <EasePage {...props} />;
    case 'pace':
      return <PacePage {...props} />;
  }
}
