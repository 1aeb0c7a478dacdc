import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';

import ts from 'typescript';

const root = join(__dirname, '..', '..');

/** What is said somewhere in the code. */
export interface SaidThere {
  /** The code; with a `*` for what is put in when it runs. */
  code: string;
  /** Names of what it is told with; null where they are put together elsewhere. */
  params: string[] | null;
  at: string;
}

/** Everything that is said in the sources of these folders, tests left out. */
export const saidIn = (folders: readonly string[]): SaidThere[] => calledIn(folders, 'said');

/** The same for what a page says of itself. */
export const phrasesIn = (folders: readonly string[]): SaidThere[] => calledIn(folders, 'phrase');

/** The same for what is printed on sheets. */
export const messagesIn = (folders: readonly string[]): SaidThere[] => calledIn(folders, 'message');

function calledIn(folders: readonly string[], name: string): SaidThere[] {
  return folders.flatMap((folder) => sourcesBelow(join(root, folder)).flatMap((path) => calledInFile(path, name)));
}

/** Texts that look like a code: what a constant holds is one, too. */
export function textsIn(folders: readonly string[]): Set<string> {
  const texts = new Set<string>();
  for (const path of folders.flatMap((folder) => sourcesBelow(join(root, folder)))) {
    for (const [, text] of readFileSync(path, 'utf8').matchAll(/'([a-z][\w-]*(?:\.[\w-]+)*)'/g)) texts.add(text!);
  }
  return texts;
}

function sourcesBelow(path: string): string[] {
  return readdirSync(path, { withFileTypes: true }).flatMap((entry) => {
    const below = join(path, entry.name);
    if (entry.isDirectory()) return sourcesBelow(below);
    return /\.tsx?$/.test(entry.name) && !/\.test(ing)?\.tsx?$/.test(entry.name) ? [below] : [];
  });
}

function calledInFile(path: string, name: string): SaidThere[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: SaidThere[] = [];
  const visit = (node: ts.Node) => {
    if (
      ts.isCallExpression(node) &&
      (node.expression.getText() === name || node.expression.getText().endsWith(`.${name}`)) &&
      node.arguments[0]
    ) {
      const at = `${relative(root, path)}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}`;
      for (const code of codesOf(node.arguments[0])) found.push({ code, params: namesOf(node.arguments[1]), at });
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

function codesOf(node: ts.Expression): string[] {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return [node.text];
  if (ts.isConditionalExpression(node)) return [...codesOf(node.whenTrue), ...codesOf(node.whenFalse)];
  if (!ts.isTemplateExpression(node)) return [];
  return [node.head.text + node.templateSpans.map(({ literal }) => `*${literal.text}`).join('')];
}

function namesOf(node: ts.Expression | undefined): string[] | null {
  if (!node) return [];
  if (!ts.isObjectLiteralExpression(node)) return null;
  const names = node.properties.map((property) =>
    ts.isSpreadAssignment(property) ? null : (property.name?.getText() ?? null),
  );
  return names.includes(null) ? null : (names as string[]);
}
