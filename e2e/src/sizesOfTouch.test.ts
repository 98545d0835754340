import { auditAt, touchedSizes } from './support/screenAudit.js';

describe('on what is touched', () => {
  auditAt(touchedSizes);
});
