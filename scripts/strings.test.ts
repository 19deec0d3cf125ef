/** What a page says stands in the strings of its area: a second language is a file, not a search. */
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';

const WEB = join(__dirname, '..', 'packages', 'web', 'src');

/** Attributes that somebody reads or hears. */
const SAID =
  /^(label|aria-label|hint|title|text|placeholder|error|alt|says|heading|what|save|whenEmpty)$/;
/** Signs of units and formulas are the same in every language. */
const UNITS = /(?<!\p{L})(mm[²³]?|µm|min|gf|kB|HRC|cm|in|oz|lbf|PDF|CSV)(?!\p{L})|°[CF]?/gu;
const isSaid = (text: string): boolean => /\p{L}{2,}/u.test(text.replaceAll(UNITS, ''));

/** Texts between tags, in attributes that are read, and in templates and choices within either. */
const saidIn = (file: string, source: string): string[] => {
  const found: string[] = [];
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const shown = (node: ts.Expression): void => {
    if (ts.isStringLiteralLike(node)) found.push(node.text);
    else if (ts.isTemplateExpression(node)) {
      found.push(
        [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join(' '),
      );
      node.templateSpans.forEach((span) => shown(span.expression));
    } else if (ts.isConditionalExpression(node)) [node.whenTrue, node.whenFalse].forEach(shown);
    else if (ts.isParenthesizedExpression(node)) shown(node.expression);
    else if (ts.isBinaryExpression(node)) shown(node.right);
  };
  const look = (node: ts.Node): void => {
    if (ts.isJsxText(node)) found.push(node.text);
    if (ts.isJsxExpression(node) && node.expression && !ts.isJsxAttribute(node.parent))
      shown(node.expression);
    if (ts.isJsxAttribute(node) && SAID.test(node.name.getText())) {
      const given = node.initializer;
      if (given && ts.isStringLiteral(given)) found.push(given.text);
      if (given && ts.isJsxExpression(given) && given.expression) shown(given.expression);
    }
    ts.forEachChild(node, look);
  };
  look(tree);
  return found.filter(isSaid).map((text) => `${file}: ${text.trim().slice(0, 80)}`);
};

const pages = readdirSync(WEB, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.tsx') && !name.endsWith('.test.tsx'))
  .map((name) => join(WEB, name));

test('no page says anything that is not in the strings of its area', () => {
  const found = pages.flatMap((file) => saidIn(relative(WEB, file), readFileSync(file, 'utf8')));
  expect(pages.length).toBeGreaterThan(200);
  expect(found).toEqual([]);
});

test('what a page would say is found: between tags, in attributes, in choices and templates', () => {
  const page = `const P = () => <p title="Two words">Tag {n} is {late ? 'late' : \`\${d} days early\`} <b>{n} mm</b></p>;`;
  expect(saidIn('page.tsx', page)).toEqual([
    'page.tsx: Two words',
    'page.tsx: Tag',
    'page.tsx: is',
    'page.tsx: late',
    'page.tsx: days early',
  ]);
});
