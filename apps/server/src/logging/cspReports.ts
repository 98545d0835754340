import type { NestExpressApplication } from '@nestjs/platform-express';
import type { Request, Response } from 'express';
import type { Logger } from 'pino';
import { z } from 'zod';

/** Where browsers tell what a page tried that it may not. */
export const cspReportPath = '/api/csp-reports';

/** So many are written down an hour: a page that is broken, or a stranger, tells the same without end. */
const mostAnHour = 60;
const hour = 3600_000;

/** What of a report is kept: what was tried, and on which page, without what the address asks for. */
const reportSchema = z.object({
  'csp-report': z.object({
    'effective-directive': z.string().max(100).optional(),
    'violated-directive': z.string().max(200).optional(),
    'blocked-uri': z.string().max(500).optional(),
    'document-uri': z.string().max(500).optional(),
  }),
});

/** Takes in what browsers tell of pages that tried what they may not, from anybody, and writes it into the log. */
export function keepCspReports(app: NestExpressApplication, logger: Logger, count: () => void): void {
  app.useBodyParser('json', {
    limit: '4kb',
    type: ({ url = '', headers }) =>
      url.startsWith(cspReportPath) && /csp-report|json/.test(headers['content-type'] ?? ''),
  });
  let began = 0;
  let kept = 0;
  app.use(cspReportPath, (request: Request, response: Response) => {
    const now = performance.now();
    if (now - began > hour) [began, kept] = [now, 0];
    const report = reportSchema.safeParse(request.body);
    if (request.method === 'POST' && report.success && kept < mostAnHour) {
      kept += 1;
      count();
      const told = report.data['csp-report'];
      const page = told['document-uri']?.split(/[?#]/)[0];
      logger.warn(
        {
          directive: told['effective-directive'] ?? told['violated-directive'],
          blocked: told['blocked-uri']?.split(/[?#]/)[0],
          page,
        },
        'a page tried what it may not',
      );
    }
    response.status(204).end();
  });
}
