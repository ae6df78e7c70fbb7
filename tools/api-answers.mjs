// Writes down what every endpoint of the server answers, as JSON Schema, from the return types of its controllers: nothing is described twice.
import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { schemaWriter } from './api-answers/schema-of-type.mjs';
import { ROOT } from './setup/installation.mjs';

const OUT = join(ROOT, 'apps/server/dist/answers.json');
const VERBS = { Get: 'get', Post: 'post', Put: 'put', Delete: 'delete', Patch: 'patch', Sse: 'get' };

const config = ts.getParsedCommandLineOfConfigFile(
  join(ROOT, 'apps/server/tsconfig.build.json'),
  {},
  {
    ...ts.sys,
    onUnRecoverableConfigFileDiagnostic: (problem) => {
      throw new Error(ts.flattenDiagnosticMessageText(problem.messageText, '\n'));
    },
  },
);
const program = ts.createProgram({
  rootNames: config?.fileNames.filter((name) => name.endsWith('.controller.ts')) ?? [],
  options: config?.options ?? {},
  projectReferences: config?.projectReferences,
});
const checker = program.getTypeChecker();
const { schemaOf, definitions } = schemaWriter(checker);

/** @type {Record<string, { status: number, type?: string, schema?: object }>} */
const answers = {};
for (const file of program.getSourceFiles().filter(({ fileName }) => fileName.endsWith('.controller.ts')))
  ts.forEachChild(file, (node) => {
    const base = ts.isClassDeclaration(node) ? argumentOf(node, 'Controller') : undefined;
    if (base === undefined || !ts.isClassDeclaration(node)) return;
    for (const member of node.members) if (ts.isMethodDeclaration(member)) describe(base, member);
  });

// The one shape of every refusal is no endpoint's return type.
const contracts = program
  .getSourceFiles()
  .find(({ fileName }) => /packages\/contracts\/.*error-body\.(?:d\.)?ts$/.test(fileName));
const refusal =
  contracts && checker.getSymbolAtLocation(contracts)?.exports?.get(/** @type {ts.__String} */ ('ErrorBody'));
if (!refusal) throw new Error('the contracts have no ErrorBody');
schemaOf(checker.getDeclaredTypeOfSymbol(refusal));

mkdirSync(dirname(OUT), { recursive: true });
writeFileSync(OUT, JSON.stringify({ answers, definitions }, null, 1));

/** @param {string} base @param {ts.MethodDeclaration} method */
function describe(base, method) {
  const verb = Object.keys(VERBS).find((name) => decorator(method, name));
  if (!verb) return;
  const path = [base, argumentOf(method, verb)]
    .filter(Boolean)
    .join('/')
    .replace(/:(\w+)/g, '{$1}');
  const code = argumentOf(method, 'HttpCode');
  const status = code === undefined ? (verb === 'Post' ? 201 : 200) : Number(code);
  answers[`${VERBS[/** @type {keyof typeof VERBS} */ (verb)]} /${path}`] = { status, ...contentOf(method) };
}

/** @param {ts.MethodDeclaration} method @returns {{ type?: string, schema?: object }} */
function contentOf(method) {
  if (decorator(method, 'Sse')) return { type: 'text/event-stream', schema: { type: 'string' } };
  if (!method.type) throw new Error(`${method.name.getText()} says no return type`);
  const node = isNamed(method.type, 'Promise') ? method.type.typeArguments?.[0] : method.type;
  const isSent = node && (isNamed(node, 'Sent') || isNamed(node, 'JsonText'));
  const sent = isSent ? node.typeArguments?.[0] : node;
  if (!sent || sent.kind === ts.SyntaxKind.VoidKeyword) return {};
  const type = checker.getTypeFromTypeNode(sent);
  // A file is named by its media type.
  if (type.isStringLiteral()) return { type: type.value, schema: { type: 'string', format: 'binary' } };
  return { type: 'application/json', schema: schemaOf(type) };
}

/** @param {ts.TypeNode} node @param {string} name @returns {node is ts.TypeReferenceNode} */
function isNamed(node, name) {
  return ts.isTypeReferenceNode(node) && node.typeName.getText() === name;
}

/** @param {ts.ClassDeclaration | ts.MethodDeclaration} node @param {string} name */
function decorator(node, name) {
  return ts
    .getDecorators(node)
    ?.find(({ expression }) => ts.isCallExpression(expression) && expression.expression.getText() === name);
}

/** The one literal a decorator is called with; an empty text where it has none. @param {ts.ClassDeclaration | ts.MethodDeclaration} node @param {string} name */
function argumentOf(node, name) {
  const found = decorator(node, name);
  if (!found || !ts.isCallExpression(found.expression)) return undefined;
  const [argument] = found.expression.arguments;
  return argument && (ts.isStringLiteral(argument) || ts.isNumericLiteral(argument)) ? argument.text : '';
}
