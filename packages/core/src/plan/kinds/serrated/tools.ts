/** What works in the scallops and what pushes their burr over, of what the rack holds. */
import { exceeds } from '../../../units';
import type { RackStone } from '../../../abrasive';

/** From the surest hand to the least: made for it, tapered, a rounded stone, a honing rod. */
const BY_HAND: readonly RackStone['kind'][] = ['cone', 'slip', 'rod'];

/** A steel rod lays steel over and takes none. */
const cuts = ({ abrasive }: RackStone): boolean => abrasive !== 'hardened steel';

const fits = (tool: RackStone, mostRadiusMm: number): boolean =>
  cuts(tool) && (tool.radiusMm === null || !exceeds(tool.radiusMm, mostRadiusMm));

/** A wheel with a corner of a known round; one that was never shaped touches the points alone. */
const isShapedWheel = ({ kind, radiusMm }: RackStone): boolean =>
  kind === 'wheel' && radiusMm !== null;

/** The largest round that fits reaches most of a scallop at once. */
const byReach = (a: RackStone, b: RackStone): number => (b.radiusMm ?? 0) - (a.radiusMm ?? 0);

/**
 * The tools that fit a scallop, the best first: with a machine at hand a shaped wheel, else by hand; of one sort the
 * largest round that fits.
 */
export const scallopTools = (
  rack: readonly RackStone[],
  mostRadiusMm: number,
  hasMachine: boolean,
): readonly RackStone[] => {
  const fitting = rack.filter((each) => fits(each, mostRadiusMm));
  const wheels = fitting.filter(isShapedWheel).sort(byReach);
  const byHand = BY_HAND.flatMap((kind) =>
    fitting.filter((each) => each.kind === kind).sort(byReach),
  );
  return hasMachine ? [...wheels, ...byHand] : [...byHand, ...wheels];
};

/**
 * The tool that smooths what the first has left, no coarser than the flat side ends; null where the first is fine
 * enough, or the rack has none.
 */
export const smootherAfter = (
  first: RackStone,
  tools: readonly RackStone[],
  flatEndsUm: number,
  mostRatio: number,
): RackStone | null => {
  if (first.um <= flatEndsUm * mostRatio) return null;
  return (
    tools
      .filter(({ um }) => um < first.um)
      .sort((a, b) => Math.abs(a.um - flatEndsUm) - Math.abs(b.um - flatEndsUm))[0] ?? null
  );
};

/** What pushes the burr over: beside a machine a fine brush wheel, else the tool of the scallops, else a strop. */
export const pusherOf = (
  rack: readonly RackStone[],
  scallopTool: RackStone | undefined,
  hasMachine: boolean,
): RackStone | undefined => {
  const brush = rack.find(({ kind }) => kind === 'brush');
  const hand = scallopTool && scallopTool.kind !== 'wheel' ? scallopTool : undefined;
  return (
    (hasMachine ? brush : undefined) ?? hand ?? rack.find(({ kind }) => kind === 'strop') ?? brush
  );
};
