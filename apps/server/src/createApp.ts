import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import helmet from 'helmet';
import { Logger } from 'nestjs-pino';
import { cleanupOpenApiDoc } from 'nestjs-zod';
import { doorBeforeBodies } from './access/doorBeforeBodies.js';
import { answerKnownNames } from './access/knownHost.js';
import { AppModule, type AppPlan } from './app.module.js';
import { readBodies } from './http/bodyParsers.js';
import { tellEarlyProblems } from './http/bodyProblems.js';
import { inTurn } from './http/inTurn.js';
import { rememberPage } from './http/rememberPage.js';
import { ProblemFilter } from './http/problemFilter.js';
import { countRequests } from './health/countRequests.js';
import { Measures } from './health/measures.js';
import { cspReportPath, keepCspReports } from './logging/cspReports.js';
import { logRequests } from './logging/logRequests.js';
import { noLog } from './logging/openLog.js';
import { TelemetryService } from './telemetry/telemetry.service.js';
import { SessionsService } from './people/sessions.service.js';

/** The application, ready to listen: /api with its documents at /api/docs, and the interface everywhere else. */
export async function createApp(plan: AppPlan): Promise<NestExpressApplication> {
  const { log } = plan;
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(plan), {
    logger: ['error', 'warn'],
    bufferLogs: log !== undefined,
    abortOnError: false,
    bodyParser: false,
    ...(plan.tls === null ? {} : { httpsOptions: plan.tls }),
  });
  if (log !== undefined) {
    app.useLogger(app.get(Logger));
    app.flushLogs();
  }
  app.use(logRequests(log ?? noLog()));
  app.use(countRequests(app.get(Measures)));
  app.use(protectiveHeaders(plan.tls !== null));
  app.use(answerKnownNames(plan.isOnNetwork ? (plan.names ?? []) : null));
  keepCspReports(app, log ?? noLog(), () => app.get(Measures).reports.inc());
  app.use('/api', inTurn());
  const telemetry = app.get(TelemetryService);
  app.use(
    '/api',
    doorBeforeBodies(app.get(SessionsService), (user, request) => telemetry.knows(user, request)),
  );
  app.use('/api', rememberPage);
  readBodies(app);
  app.use(tellEarlyProblems);
  app.setGlobalPrefix('api');
  // No browser keeps an answer of the API, so that none comes to ask whether it changed: no sum of each is made.
  app.set('etag', false);
  app.useGlobalFilters(new ProblemFilter());
  // Made when somebody first opens it: it takes longer than everything else of a start.
  SwaggerModule.setup('api/docs', app, () =>
    cleanupOpenApiDoc(
      SwaggerModule.createDocument(
        app,
        new DocumentBuilder().setTitle('Lone Heron').setVersion('0.1.0').build(),
      ),
    ),
  );
  await app.init();
  return app;
}

/** Scripts from here alone, none of them inline. Over plain HTTP nothing is upgraded to HTTPS. */
function protectiveHeaders(isHttps: boolean) {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        // The heat fields are worked out by compiled loops, which may be built here and nothing else.
        'script-src': ["'self'", "'wasm-unsafe-eval'"],
        'script-src-attr': ["'none'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'report-uri': [cspReportPath],
        'frame-ancestors': ["'none'"],
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: isHttps ? { maxAge: 180 * 24 * 3600, includeSubDomains: false } : false,
  });
}
