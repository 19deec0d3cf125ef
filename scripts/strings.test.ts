/** What is said stands in the strings of its area, on pages, in the core and in the contract: a second language is a file. */
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

/** Tables of the craft, whose texts `localized` and `named` pass on; the catalogue of sentences; formats of files. */
const TABLES =
  /text[\\/]|calc[\\/]|demo[\\/]|first-guess|steels\.ts|questions\.ts|grit-tables|starter-racks|fault-table|bench-signs|kinds\.ts|catalogue\.ts|lifecycle[\\/]|in-units\.ts/;
const PASSED_ON = /^(localized|named|row|fact)$/;

/** Sentences a file makes itself: three words or more that no table passes on, and that are no code. */
const sentencesIn = (file: string, source: string): string[] => {
  const found: string[] = [];
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.Latest, true);
  const look = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isCallExpression(node) && PASSED_ON.test(node.expression.getText())) return;
    // A list of codes.
    if (ts.isAsExpression(node) && node.type.getText() === 'const') return;
    // What only a developer reads.
    if (ts.isNewExpression(node) && /Error$/.test(node.expression.getText())) return;
    const text = ts.isTemplateExpression(node)
      ? [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join(' ')
      : ts.isStringLiteralLike(node)
        ? node.text
        : '';
    const isCode = ts.isStringLiteralLike(node) && /^[\p{Ll} ,-]+$/u.test(node.text);
    if (!isCode && /\p{L}{2,}[,:;]? +\p{L}+[,:;]? +\p{L}{2,}/u.test(text))
      found.push(`${file}: ${text}`);
    ts.forEachChild(node, look);
  };
  look(tree);
  return found;
};

test.each(['core', 'contract'])('the %s makes no sentence outside its strings', (name) => {
  const root = join(__dirname, '..', 'packages', name, 'src');
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
    (file) => /(?<!\.test|\.d)\.ts$/.test(file) && !/strings\.ts$/.test(file) && !TABLES.test(file),
  );
  const found = files.flatMap((file) => sentencesIn(file, readFileSync(join(root, file), 'utf8')));
  expect(files.length).toBeGreaterThan(15);
  expect(found).toEqual([]);
});

test('a sentence made where it is needed is found', () => {
  const room =
    "const why = (mm: number) => ({ rule: `Only ${mm} mm of rim is left`, code: 'on the bench' as const });";
  expect(sentencesIn('room.ts', room)).toEqual(['room.ts: Only   mm of rim is left']);
});
