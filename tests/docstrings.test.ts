// What the core exports is described where it is made: every export, and of every function what it takes or gives back.
import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import ts from 'typescript';
import { expect, test } from 'vitest';

const CORE = resolve(import.meta.dirname, '../src/core');

/** Files of the core that are not tests, and not data of tests. */
function filesOf(folder: string): readonly string[] {
  return readdirSync(folder, { recursive: true, encoding: 'utf8' }).filter(
    (name) => name.endsWith('.ts') && !/\.(test|fixtures)\./.test(name)
  );
}

interface Told {
  readonly name: string;
  readonly described: boolean;
  /** Only for functions: whether a tag stands there, and names that no parameter has. */
  readonly tagged: boolean | null;
  readonly unknown: readonly string[];
}

function isExported(node: ts.Statement): boolean {
  const modifiers = ts.canHaveModifiers(node) ? ts.getModifiers(node) : undefined;
  return modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword) === true;
}

/** Parameters named by tags that the function does not have; one that is taken apart has the name of its tag. */
function unknownParameters(node: ts.FunctionDeclaration, text: string): readonly string[] {
  const named = new Set(node.parameters.map((p) => p.name.getText()));
  const takenApart = node.parameters.some((p) => !ts.isIdentifier(p.name));
  const told = [...text.matchAll(/@param (\w+)/g)].flatMap((m) => m[1] ?? []);
  return takenApart ? [] : told.filter((name) => !named.has(name));
}

function exportsOf(name: string): readonly Told[] {
  const text = readFileSync(join(CORE, name), 'utf8');
  const source = ts.createSourceFile(name, text, ts.ScriptTarget.Latest, true);
  return source.statements.filter(isExported).map((node): Told => {
    const comments = ts.getJSDocCommentsAndTags(node).map((c) => c.getText());
    const doc = comments.join('\n');
    const isFunction = ts.isFunctionDeclaration(node);
    return {
      name: `${name}: ${node.getText().slice(0, 60).split('\n')[0]}`,
      described: doc !== '',
      tagged: isFunction ? /@(param|returns|throws)/.test(doc) : null,
      unknown: isFunction ? unknownParameters(node, doc) : []
    };
  });
}

const told = filesOf(CORE).flatMap(exportsOf);

test('every export of the core is described', () => {
  expect(told.length).toBeGreaterThan(1000);
  expect(told.filter((t) => !t.described).map((t) => t.name)).toEqual([]);
});

test('every function of the core tells what it takes or gives back', () => {
  expect(told.filter((t) => t.tagged === false).map((t) => t.name)).toEqual([]);
});

test('no parameter is described that is not there', () => {
  expect(told.filter((t) => t.unknown.length > 0).map((t) => [t.name, t.unknown])).toEqual([]);
});
