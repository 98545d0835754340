import { auditAt, deskSize } from './support/screenAudit.js';

describe('on a desk', () => {
  auditAt([deskSize]);
});
