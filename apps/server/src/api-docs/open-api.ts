import { describedFields } from '@grevik/contracts';
import { CALCULATIONS } from '@grevik/core';
import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

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
  document.components = { ...document.components, schemas: requestSchemas() };
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
          },
          400: { description: 'An input is not right: the field, what was found, what would be right.' },
        },
      },
    };
  }
  return document;
}

/** A schema for each request class: the validators' own, and the core's for what the core describes. */
function requestSchemas(): Schemas {
  const schemas = validationMetadatasToSchemas() as Record<string, Schema>;
  for (const { request, property, field } of describedFields()) {
    const schema = schemas[request];
    if (schema?.properties) schema.properties[property] = field.schema;
  }
  return schemas;
}
