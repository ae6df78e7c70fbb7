import ts from 'typescript';
import { schemaWriter } from './schema-of-type.mjs';

/** The schema of a type in a source that lies among the contracts. */
function schemaOf(source: string): { schema: object; definitions: Record<string, object> } {
  const name = '/packages/contracts/src/one.ts';
  const file = ts.createSourceFile(name, source, ts.ScriptTarget.ES2022, true);
  const host = ts.createCompilerHost({});
  const plain = host.getSourceFile.bind(host);
  host.getSourceFile = (path, ...rest) => (path === name ? file : plain(path, ...rest));
  const checker = ts.createProgram([name], { strict: true, noLib: true }, host).getTypeChecker();
  const wanted = file.statements.find((one) => ts.isTypeAliasDeclaration(one) && one.name.text === 'Wanted');
  const { schemaOf: write, definitions } = schemaWriter(checker);
  return { schema: write(checker.getTypeAtLocation(wanted as ts.TypeAliasDeclaration)), definitions };
}

describe('the schema of a type', () => {
  it.each([
    ['string', { type: 'string' }],
    ['number | null', { anyOf: [{ type: 'null' }, { type: 'number' }] }],
    [`'a' | 'b'`, { enum: ['a', 'b'] }],
    ['boolean', { enum: [false, true] }],
    ['unknown', {}],
  ])('%s is %j', (type, expected) => {
    const { schema, definitions } = schemaOf(`type Wanted = ${type};`);
    const found = '$ref' in schema ? definitions.Wanted : schema;
    expect(found).toEqual(expected);
  });

  it('names what has a name, once, and ends where a type names itself', () => {
    const { definitions } = schemaOf(
      `interface Leaf { id: string; next?: Leaf } interface Wanted2 { one: Leaf; two: Leaf } type Wanted = Wanted2 | Leaf;`,
    );
    expect(definitions.Leaf).toEqual({
      type: 'object',
      properties: { id: { type: 'string' }, next: { $ref: '#/components/schemas/Leaf' } },
      required: ['id'],
    });
    expect(definitions.Wanted2).toMatchObject({ required: ['one', 'two'] });
  });
});
