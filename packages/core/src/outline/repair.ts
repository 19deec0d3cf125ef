/**
 * Restoring the outline (docs/method.md, G10): how deep the edge must come up at each point so that the damage is out, no
 * recurve is left where there was none, and least steel is wasted. A linear programme.
 */
import { solve, type Model } from 'yalps';
import { fail, ok, SOLVER_PRECISION, type Result } from '../units';
import type { BladePoint } from '../geometry';
import { STRINGS } from './strings';

export interface EdgeDamage {
  readonly fromMm: number;
  readonly toMm: number;
  readonly depthMm: number;
}

export interface OutlineRepair {
  /** Depth at each point of the edge given, mm. */
  readonly depthMm: readonly number[];
  /** In the blade plane, mm². */
  readonly removedAreaMm2: number;
  readonly maxDepthMm: number;
  /** What jointing the whole edge by the deepest damage would take. */
  readonly joint: { readonly depthMm: number; readonly removedAreaMm2: number };
}

/** Least depth wanted at each point: a damage reaches every point inside it, or the nearest one. */
const wantedDepths = (edge: readonly BladePoint[], damage: readonly EdgeDamage[]): number[] => {
  const wanted = edge.map(() => 0);
  for (const { fromMm, toMm, depthMm } of damage) {
    const inside = edge.flatMap(([z], index) => (z >= fromMm && z <= toMm ? [index] : []));
    const centre = (fromMm + toMm) / 2;
    const reached =
      inside.length > 0
        ? inside
        : [
            edge.reduce(
              (best, [z], index) =>
                Math.abs(z - centre) < Math.abs(edge[best]![0] - centre) ? index : best,
              0,
            ),
          ];
    for (const index of reached) wanted[index] = Math.max(wanted[index]!, depthMm);
  }
  return wanted;
};

/** Each point's share of the trapezoid sum over z, mm. */
const trapezoidWeights = (edge: readonly BladePoint[]): number[] =>
  edge.map(([z], index) => {
    const before = edge[index - 1]?.[0] ?? z;
    const after = edge[index + 1]?.[0] ?? z;
    return (after - before) / 2;
  });

/**
 * Minimise Σ δ Δz with δ ≥ damage, δ ≤ the deepest damage, and the new edge's second difference at no
 * inner point below min(0, the old edge's). `allowRecurve` drops the last condition.
 * Errors: OUT_OF_RANGE should the solver fail, which a feasible programme (jointing always is one) rules out.
 *
 * @example
 * repairOutline(edge, [{ fromMm: 60, toMm: 62, depthMm: 0.5 }]).ok; // true
 */
export const repairOutline = (
  edge: readonly BladePoint[],
  damage: readonly EdgeDamage[],
  allowRecurve = false,
): Result<OutlineRepair> => {
  const wanted = wantedDepths(edge, damage);
  const deepest = Math.max(0, ...damage.map(({ depthMm }) => depthMm));
  const weights = trapezoidWeights(edge);
  const areaOf = (depths: readonly number[]): number =>
    depths.reduce((sum, depth, index) => sum + depth * weights[index]!, 0);
  const joint = { depthMm: deepest, removedAreaMm2: areaOf(edge.map(() => deepest)) };
  const answer = (depthMm: readonly number[]): Result<OutlineRepair> =>
    ok({ depthMm, removedAreaMm2: areaOf(depthMm), maxDepthMm: Math.max(...depthMm), joint });
  if (deepest === 0 || allowRecurve || edge.length < 3) return answer(wanted);

  // Written in the excess over what is wanted, so that every variable is bounded below by zero.
  const variables = new Map<string, Map<string, number>>();
  const constraints: Record<string, { min?: number; max?: number }> = {};
  edge.forEach((_, index) => {
    variables.set(
      `depth ${index}`,
      new Map([
        ['area', weights[index]!],
        [`cap ${index}`, 1],
      ]),
    );
    constraints[`cap ${index}`] = { max: deepest - wanted[index]! };
  });
  for (let index = 1; index < edge.length - 1; index += 1) {
    const before = 1 / (edge[index]![0] - edge[index - 1]![0]);
    const after = 1 / (edge[index + 1]![0] - edge[index]![0]);
    const secondDifference = (value: (at: number) => number): number =>
      (value(index + 1) - value(index)) * after - (value(index) - value(index - 1)) * before;
    const old = secondDifference((at) => edge[at]![1]);
    const name = `recurve ${index}`;
    constraints[name] = {
      min: Math.min(0, old) - old - secondDifference((at) => wanted[at]!),
    };
    variables.get(`depth ${index - 1}`)!.set(name, before);
    variables.get(`depth ${index}`)!.set(name, -(before + after));
    variables.get(`depth ${index + 1}`)!.set(name, after);
  }
  const model: Model = { direction: 'minimize', objective: 'area', constraints, variables };
  const solution = solve(model, { precision: SOLVER_PRECISION, maxPivots: 1e5 });
  if (solution.status !== 'optimal') {
    return fail('OUT_OF_RANGE', STRINGS.theOutlineCouldNotBeRestored(solution.status), 'damage');
  }
  const excess = new Map(solution.variables);
  return answer(
    wanted.map((depth, index) =>
      Math.min(deepest, depth + Math.max(0, excess.get(`depth ${index}`) ?? 0)),
    ),
  );
};
