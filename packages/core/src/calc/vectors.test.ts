/** Worked cases of the outside contract. */
import vectors from '../../test/calc-vectors.json';
import others from '../../test/calc-2-vectors.json';
import { valueOf } from '../../test/blades';
import {
  calculateAll,
  clampAngles,
  isCalcError,
  isOperation,
  repairOutline,
  type BladePoint,
  type CalcAnswer,
} from '../index';

interface Case {
  readonly operation: string;
  readonly name: string;
  readonly in: unknown;
  readonly out: Readonly<Record<string, unknown>>;
  readonly check?: string;
}

const { relative, absolute } = vectors.tolerance;

/** Everything that is expected is there and, number for number, within the tolerance. */
const expectWithin = (got: unknown, wanted: unknown, path: string): void => {
  if (typeof wanted === 'number') {
    if (typeof got !== 'number') throw new Error(`${path}: ${String(got)} is not a number`);
    const allowed = Math.max(absolute, relative * Math.abs(wanted));
    if (!(Math.abs(got - wanted) <= allowed)) throw new Error(`${path}: ${got}, wanted ${wanted}`);
  } else if (Array.isArray(wanted)) {
    expect({ path, length: (got as unknown[]).length }).toEqual({ path, length: wanted.length });
    wanted.forEach((each, index) =>
      expectWithin((got as unknown[])[index], each, `${path}[${index}]`),
    );
  } else if (typeof wanted === 'object' && wanted !== null) {
    for (const [key, value] of Object.entries(wanted)) {
      expectWithin((got as Record<string, unknown>)[key], value, `${path}.${key}`);
    }
  } else expect({ path, value: got }).toEqual({ path, value: wanted });
};

test.each(
  ([...vectors.cases, ...others.cases] as unknown as Case[]).map((each): [string, string, Case] => [
    each.operation,
    each.name,
    each,
  ]),
)('%s: %s', (operation, _name, { in: input, out, check }) => {
  if (!isOperation(operation)) throw new Error(`${operation} is not an operation`);
  const answer = calculateAll(operation, input) as CalcAnswer;
  if (check?.startsWith('best') === true && !isCalcError(answer)) {
    const { best, ...rest } = out as { best: { spreadDeg: number } };
    const found = answer as { best: { spreadDeg: number; slideMm: number; angleDeg: number[] } };
    expectWithin(answer, rest, operation);
    expect(Math.abs(found.best.spreadDeg - best.spreadDeg)).toBeLessThan(1e-4);
    const asked = input as {
      edge: BladePoint[];
      pivot: [number, number, number];
      faceOffsetMm: number;
    };
    const [xMm, yMm, zMm] = asked.pivot;
    const there = clampAngles(
      asked.edge,
      { xMm, yMm, zMm },
      asked.faceOffsetMm,
      found.best.slideMm,
    );
    expect(found.best.angleDeg).toEqual(there.angleDeg);
    return;
  }
  expectWithin(answer, out, operation);
});

test('the cases cover every operation', () => {
  const covered = new Set(
    (vectors.cases as { operation: string }[]).map(({ operation }) => operation),
  );
  expect([...covered].filter((name) => !isOperation(name))).toEqual([]);
  expect(covered.size).toBe(22);
});

test('120 stations of a bellied edge are restored', () => {
  const edge = Array.from({ length: 120 }, (_, index): BladePoint => {
    const z = (index * 200) / 119;
    return [z, z < 90 ? 0 : 35 * ((z - 90) / 110) ** 2.2];
  });
  const repair = valueOf(
    repairOutline(edge, [
      { fromMm: 57, toMm: 61, depthMm: 0.8 },
      { fromMm: 148, toMm: 152, depthMm: 0.5 },
    ]),
  );
  expect(repair.removedAreaMm2).toBeLessThan(repair.joint.removedAreaMm2);
  expect(repair.maxDepthMm).toBeCloseTo(0.8, 9);
});
