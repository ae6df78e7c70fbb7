import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describedFields } from '@grevik/contracts';
import { CALCULATIONS } from '@grevik/core';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
// Not exported by the package's front door.
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';
import { SERVER_FOLDER } from '../settings/server-folder.js';

type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;
type Schema = Schemas[string] & { properties?: Record<string, unknown>; required?: string[] };

/** The description of the API, made from the classes and descriptions that also check every request. */
export function openApi(app: INestApplication): OpenAPIObject {
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Grevik')
      .setDescription(
        'Everything the interface does. SI inside, the unit in every field’s name. A refusal has one shape: `{error: {code, message, field?}}`. Sign in with POST /api/session; the cookie does the rest. Calculations need no sign-in.',
      )
      .setVersion('1')
      .addCookieAuth('grevik.session')
      .build(),
  );
  const { answers, definitions } = publishedAnswers();
  document.components = { ...document.components, schemas: { ...definitions, ...requestSchemas() } };
  for (const [path, operations] of Object.entries(document.paths))
    for (const [verb, operation] of Object.entries(operations as Record<string, { responses: Responses }>)) {
      const answer = answers[`${verb} ${path}`];
      if (answer) operation.responses = { ...described(answer), ...REFUSED };
    }
  for (const { name, summary, input, gives, example } of CALCULATIONS) {
    document.paths[`/api/calc/${name}`] = {
      post: {
        operationId: `calc-${name}`,
        summary,
        tags: ['Calculations'],
        requestBody: {
          required: true,
          content: { 'application/json': { schema: input.schema, example } },
        },
        responses: {
          200: {
            description: Object.entries(gives)
              .map(([field, meaning]) => `${field}: ${meaning}`)
              .join('\n\n'),
            content: { 'application/json': { schema: givenSchema(gives) } },
          },
          ...REFUSED,
        },
      },
    };
  }
  return document;
}

/** A schema for each request class: the validators' own, and the core's for what the core describes. */
function requestSchemas(): Schemas {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
  }) as Record<string, Schema>;
  for (const { request, property, field } of describedFields()) {
    const schema = schemas[request];
    if (schema?.properties) schema.properties[property] = field.schema;
  }
  return schemas;
}

type Responses = Record<string, { description: string; content?: Record<string, { schema: Schema }> }>;

/** What an endpoint answers, as the build read it from the controllers' return types. */
interface Answer {
  status: number;
  type?: string;
  schema?: Schema;
}

function publishedAnswers(): { answers: Record<string, Answer>; definitions: Schemas } {
  const written = readFileSync(join(SERVER_FOLDER, 'dist/answers.json'), 'utf8');
  return JSON.parse(written) as ReturnType<typeof publishedAnswers>;
}

function described({ status, type, schema }: Answer): Responses {
  if (type === undefined) return { 204: { description: 'Done; no content.' } };
  return { [status]: { description: 'Done.', content: { [type]: { schema: schema ?? {} } } } };
}

const REFUSED: Responses = {
  default: {
    description: 'Refused: field, value, and what to send instead.',
    content: { 'application/json': { schema: { $ref: '#/components/schemas/ErrorBody' } as Schema } },
  },
};

/** A calculation's answer by its fields, each described in words. */
const givenSchema = (gives: Readonly<Record<string, string>>): Schema =>
  ({
    type: 'object',
    properties: Object.fromEntries(
      Object.entries(gives).map(([field, meaning]) => [field, { description: meaning }]),
    ),
  }) as Schema;
