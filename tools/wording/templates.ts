import ts from 'typescript';
import { NOT_SHOWN, NOT_SHOWN_FILES } from './not-shown.js';
import { sourcesIn } from './sentences.js';

/** A text of the sources, with `{{names}}` in place of what differs. */
export interface SourceTemplate {
  template: string;
  /** File from the root of the repository, and line. */
  at: string;
}

interface Stands {
  /** The table it stands in. */
  table?: string;
  /** The property it is the value of. */
  property?: string;
}

/**
 * Every text below a folder that a person may read: sentences, and words of the tables that are called so. What is a pattern, an identifier, a
 * query or the description of an input is left out.
 *
 * @param root   the repository
 * @param folder from the root
 */
export function templatesIn(root: string, folder: string): SourceTemplate[] {
  return sourcesIn(root, folder).flatMap(({ source, path, at }) => {
    const found: SourceTemplate[] = [];
    const visit = (node: ts.Node, stands: Stands): void => {
      if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
      const inside = standsIn(node, stands);
      const isName =
        ts.isPropertyAssignment(node.parent ?? node) && (node.parent as ts.PropertyAssignment).name === node;
      const template = ts.isTemplateExpression(node)
        ? templateOf(node)
        : ts.isStringLiteralLike(node) && !isName
          ? node.text
          : undefined;
      if (template !== undefined && isShown(template, path, inside))
        found.push({ template: withHoles(template), at: at(node) });
      ts.forEachChild(node, (child) => visit(child, inside));
    };
    visit(source, {});
    return found;
  });
}

function standsIn(node: ts.Node, stands: Stands): Stands {
  if (ts.isVariableDeclaration(node)) return { ...stands, table: node.name.getText() };
  if (ts.isPropertyAssignment(node)) return { ...stands, property: node.name.getText() };
  return stands;
}

/** Of a calculation only what its bench shows is read by people; the rest describes inputs. */
const BASIS = new Set(['method', 'limits', 'ignores']);
const PATTERN = /\(\?:|\\[bsd]|\[ -\]/;
const QUERY =
  /SELECT |INSERT INTO|UPDATE |DELETE FROM|ALTER TABLE|CREATE | AS "|ORDER BY|\bAND [a-z]+\.|company_id|coalesce\(|^<\w/;

function isShown(template: string, path: string, { table = '', property = '' }: Stands): boolean {
  if (NOT_SHOWN.has(template) || PATTERN.test(template) || QUERY.test(template)) return false;
  const file = path.replace(/\.ts$/, '');
  if (/-calculations?$/.test(file)) return BASIS.has(property);
  if (NOT_SHOWN_FILES.some((pattern) => pattern.test(file)) || ['source', 'said'].includes(property))
    return false;
  const own = template.replace(/\{\{\w+\}\}/g, '');
  if (!/[A-Za-z]{2}/.test(own)) return false;
  if (/[A-Za-z,] [A-Za-z{]|^[A-Z][a-z]+( |$|\.|,)/.test(template)) return true;
  return path.startsWith('packages/core') && (/WORDS$/.test(table) || property === 'words');
}

/** A purge card has holes of its own. */
const withHoles = (template: string): string => template.replace(/(?<!\{)\{(\w+)\}(?!\})/g, '{{$1}}');

/** A template literal with each expression under the name it goes by. */
function templateOf(node: ts.TemplateExpression): string {
  const taken = new Set<string>();
  return node.templateSpans.reduce((text, { expression, literal }) => {
    const known = nameOf(expression) ?? 'what';
    const name = /^[A-Z_]+$/.test(known) ? known.toLowerCase() : known;
    let own = name;
    for (let at = 2; taken.has(own); at += 1) own = `${name}${at}`;
    taken.add(own);
    return `${text}{{${own}}}${literal.text}`;
  }, node.head.text);
}

function nameOf(node: ts.Expression): string | undefined {
  if (ts.isIdentifier(node)) return node.text;
  if (ts.isPropertyAccessExpression(node)) return node.name.text;
  if (ts.isElementAccessExpression(node)) return nameOf(node.argumentExpression) ?? nameOf(node.expression);
  if (ts.isCallExpression(node)) {
    for (const argument of node.arguments) {
      const name = nameOf(argument);
      if (name !== undefined) return name;
    }
    return nameOf(node.expression);
  }
  if (ts.isNonNullExpression(node) || ts.isAsExpression(node) || ts.isParenthesizedExpression(node))
    return nameOf(node.expression);
  if (ts.isBinaryExpression(node)) return nameOf(node.left);
  if (ts.isTemplateExpression(node)) return node.templateSpans[0] && nameOf(node.templateSpans[0].expression);
  return undefined;
}
