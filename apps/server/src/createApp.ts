import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import helmet from 'helmet';
import { cleanupOpenApiDoc } from 'nestjs-zod';
import { AppModule } from './app.module.js';
import { bodyLimit, tellBodyProblems } from './http/bodyProblems.js';
import { ProblemFilter } from './http/problemFilter.js';

/**
 * The application, ready to listen: /api with its documents at /api/docs, and the interface everywhere else.
 *
 * @param databaseFile SQLite file, made where it is missing
 * @param webFolder built interface, or null for the API alone
 */
export async function createApp(
  databaseFile: string,
  webFolder: string | null,
): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(databaseFile, webFolder), {
    logger: ['error', 'warn'],
    abortOnError: false,
    bodyParser: false,
  });
  app.use(protectiveHeaders());
  app.useBodyParser('json', { limit: bodyLimit });
  app.use(tellBodyProblems);
  app.setGlobalPrefix('api');
  app.useGlobalFilters(new ProblemFilter());
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder().setTitle('Lone Heron').setVersion('0.1.0').build(),
  );
  SwaggerModule.setup('api/docs', app, cleanupOpenApiDoc(document));
  await app.init();
  return app;
}

/** Scripts from here alone. Served over plain HTTP on this machine, so nothing is upgraded to HTTPS. */
function protectiveHeaders() {
  return helmet({
    contentSecurityPolicy: {
      directives: {
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'upgrade-insecure-requests': null,
      },
    },
    strictTransportSecurity: false,
  });
}
