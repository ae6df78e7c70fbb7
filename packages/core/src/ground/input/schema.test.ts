import { CALCULATIONS } from '../../registry/index.js';
import { choice, flag, list, number, oneOf, optional, record, text } from './index.js';

describe('a described input as a JSON Schema', () => {
  it.each([
    ['a number', number({ unit: 'm', above: 0 }), { type: 'number', description: 'm', exclusiveMinimum: 0 }],
    [
      'a whole number',
      number({ integer: true, min: 1, max: 3 }),
      { type: 'integer', minimum: 1, maximum: 3 },
    ],
    ['a text', text(80), { type: 'string', minLength: 1, maxLength: 80 }],
    ['a flag', flag('existing valve'), { type: 'boolean', description: 'existing valve' }],
    ['a choice', choice(['a', 'b']), { type: 'string', enum: ['a', 'b'] }],
    [
      'a list',
      list(flag(), { least: 2, most: 2 }),
      { type: 'array', minItems: 2, maxItems: 2, items: { type: 'boolean' } },
    ],
  ])('%s says its limits', (_what, field, schema) => {
    expect(field.schema).toMatchObject(schema);
  });

  it('a record asks for what may not be left out, and for nothing else', () => {
    expect(record({ must: flag(), may: optional(flag()) }).schema).toMatchObject({
      type: 'object',
      properties: { must: { type: 'boolean' }, may: { type: 'boolean' } },
      required: ['must'],
      additionalProperties: false,
    });
  });

  it('one of several is one of their schemas', () => {
    const field = oneOf({ a: record({ a: flag() }), b: record({ b: flag() }) });
    expect(field.schema).toMatchObject({ oneOf: [{ required: ['a'] }, { required: ['b'] }] });
  });

  it('every calculation has one that its own example keeps to, field by field', () => {
    for (const { input, example } of CALCULATIONS) {
      const { properties = {}, required = [] } = input.schema as {
        properties?: Record<string, unknown>;
        required?: string[];
      };
      const given = Object.keys(example as object);
      if (Object.keys(properties).length === 0) continue;
      expect(given.filter((name) => !(name in properties))).toEqual([]);
      expect(required.filter((name) => !given.includes(name))).toEqual([]);
    }
  });
});
