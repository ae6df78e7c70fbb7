import { readFileSync, readdirSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

/** A text as the source writes it, and where. */
export interface Sentence {
  text: string;
  /** File from the root of the repository, and line. */
  at: string;
}

/**
 * Every text literal of the sources below a folder that has more than one word, or is a label of the interface; expressions within stand as
 * `${…}`. Tests, comments and imports are left out.
 *
 * @param root   the repository
 * @param folder from the root
 */
export function sentencesIn(root: string, folder: string): Sentence[] {
  return sourcesIn(root, folder).flatMap(({ source, at }) => {
    const found: Sentence[] = [];
    const visit = (node: ts.Node): void => {
      if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
      if (ts.isStringLiteralLike(node) || ts.isTemplateExpression(node)) {
        const text = node.getText(source).slice(1, -1);
        if (/\S \S|^[A-Z][a-z]/.test(text)) found.push({ text, at: at(node) });
      }
      ts.forEachChild(node, visit);
    };
    visit(source);
    return found;
  });
}

/** A source file that was read. */
interface Source {
  source: ts.SourceFile;
  /** From the root of the repository. */
  path: string;
  /** File and line of something in it. */
  at(node: ts.Node): string;
}

/** The sources below a folder; tests, and what is made for them, are none. */
export function sourcesIn(root: string, folder: string): Source[] {
  return filesIn(join(root, folder)).map((file) => {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    const path = relative(root, file);
    const lineOf = (node: ts.Node) => source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1;
    return { source, path, at: (node) => `${path}:${lineOf(node)}` };
  });
}

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory())
      return ['testing', 'tests', 'migrations', 'node_modules'].includes(entry.name) ? [] : filesIn(path);
    return /\.tsx?$/.test(entry.name) && !/\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });
}
