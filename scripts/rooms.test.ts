/** The rooms of the core in their order, and the graph of all imports: no room looks up, no files in a circle. */
import { readFileSync, readdirSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';

/** Each may import from those before it. A room is a folder; those of `plan` stand in it. */
const ROOMS = [
  'text',
  'units',
  'lifecycle',
  'statistics',
  'day',
  'record',
  'geometry',
  'section',
  'angle',
  'outline',
  'picture',
  'listen',
  'steel',
  'blade',
  'abrasive',
  'machine',
  'one-sided',
  'serration',
  'wear',
  'touch-up',
  'intake',
  'plan/choices',
  'plan/cuts',
  'plan/steps',
  'plan/kinds',
  'plan/planner',
  'price',
  'plan/compare',
  'judge',
  'plan/result',
  'demo',
  'bench',
  'twin',
  'edgetest',
  'handover',
  'print',
  'calc',
];

const PACKAGES = join(__dirname, '..', 'packages');
const SOURCE = join(PACKAGES, 'core', 'src');

const sourcesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name))
    .map((name) => join(folder, name));

/** Files a file imports, with their extension, of its own package. */
const importsOf = (file: string, known: ReadonlySet<string>): string[] =>
  [...readFileSync(file, 'utf8').matchAll(/(?:from|import\() ?'(\.[^']*)'/g)].flatMap(
    ([, name]) => {
      const base = normalize(join(dirname(file), name!));
      const target = [`${base}.ts`, `${base}.tsx`, join(base, 'index.ts'), base].find((each) =>
        known.has(each),
      );
      return target === undefined ? [] : [target];
    },
  );

const roomOf = (file: string): string => {
  const [first, second] = relative(SOURCE, file).split('/');
  return first === 'plan' ? `${first}/${second!}` : first!;
};

/** Files that import one another in a circle; null where there is none. */
const circleIn = (graph: ReadonlyMap<string, readonly string[]>): string[] | null => {
  const done = new Set<string>();
  const search = (file: string, path: readonly string[]): string[] | null => {
    const at = path.indexOf(file);
    if (at >= 0) return [...path.slice(at), file];
    if (done.has(file)) return null;
    for (const next of graph.get(file) ?? []) {
      const circle = search(next, [...path, file]);
      if (circle) return circle;
    }
    done.add(file);
    return null;
  };
  for (const file of graph.keys()) {
    const circle = search(file, []);
    if (circle) return circle.map((each) => relative(PACKAGES, each));
  }
  return null;
};

const coreFiles = sourcesIn(SOURCE);
const coreKnown = new Set(coreFiles);
const crossings = coreFiles
  .filter((file) => dirname(file) !== SOURCE)
  .flatMap((file) =>
    importsOf(file, coreKnown)
      .filter((target) => roomOf(target) !== roomOf(file))
      .map((target) => ({ file, target })),
  );
const shown = ({ file, target }: { file: string; target: string }): string =>
  `${relative(SOURCE, file)} → ${relative(SOURCE, target)}`;

test('every folder of the core is a room with a place in the order', () => {
  const rooms = new Set(coreFiles.filter((file) => dirname(file) !== SOURCE).map(roomOf));
  expect([...rooms].filter((room) => !ROOMS.includes(room))).toEqual([]);
  expect(rooms.size).toBe(ROOMS.length);
});

test('no room imports from a later one', () => {
  expect(crossings.length).toBeGreaterThan(100);
  const upward = crossings.filter(
    ({ file, target }) => ROOMS.indexOf(roomOf(target)) > ROOMS.indexOf(roomOf(file)),
  );
  expect(upward.map(shown)).toEqual([]);
});

test('a room is entered by its index', () => {
  const past = crossings.filter(({ target }) => !target.endsWith('/index.ts'));
  expect(past.map(shown)).toEqual([]);
});

test.each(['core', 'contract', 'devices', 'server', 'web'])(
  'no files of %s import one another in a circle',
  (name) => {
    const files = sourcesIn(join(PACKAGES, name, 'src'));
    const known = new Set(files);
    const graph = new Map(files.map((file) => [file, importsOf(file, known)]));
    expect(circleIn(graph)).toBeNull();
  },
);

test('a circle would be found', () => {
  const graph = new Map([
    [join(PACKAGES, 'a'), [join(PACKAGES, 'b')]],
    [join(PACKAGES, 'b'), [join(PACKAGES, 'c')]],
    [join(PACKAGES, 'c'), [join(PACKAGES, 'b')]],
  ]);
  expect(circleIn(graph)).toEqual(['b', 'c', 'b']);
});
