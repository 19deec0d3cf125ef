/** A rack made of what is said of each abrasive: the rest is usual of its kind. */
import { abrasiveKind, type BenchAbrasive, type RackStone } from '../abrasive';
import { DEMO_STONES } from './stones';

type Given = Partial<RackStone> & Pick<RackStone, 'id' | 'kind' | 'um'>;

/** The abrasive that is usual of a kind, where nobody said. */
const usualAbrasive = (kind: RackStone['kind']): BenchAbrasive =>
  kind === 'diamond plate'
    ? 'diamond'
    : kind === 'strop' || kind === 'compound'
      ? 'compound'
      : kind === 'file'
        ? 'hardened steel'
        : 'aluminium-oxide';

const usualBond = (kind: RackStone['kind']): RackStone['bond'] =>
  kind === 'strop' || kind === 'compound'
    ? 'strop'
    : ['diamond plate', 'film', 'paper', 'belt', 'cone'].includes(kind)
      ? 'plate or film'
      : kind === 'oil stone' || kind === 'file' || kind === 'rod'
        ? 'hard'
        : 'middling';

/** A stone of a rack from what was said of it. */
export const rackStoneOf = (given: Given): RackStone => {
  const { liquids, scratchFactor } = abrasiveKind(given.kind);
  const liquid = given.liquid ?? liquids[0]!;
  return {
    name: given.id,
    abrasive: usualAbrasive(given.kind),
    bond: usualBond(given.kind),
    liquid,
    soaking: (given.soakMinutes ?? 0) > 0 ? 'soak' : liquid === 'water' ? 'splash' : 'dry',
    soakMinutes: 0,
    strokes: 'both',
    needsDressing: false,
    flatness: 'flat',
    inWater: false,
    thicknessMm: null,
    cutFactor: 1,
    scratchFactor,
    changeSeconds: 45,
    ...Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined)),
    id: given.id,
    kind: given.kind,
    um: given.um,
  };
};

/** The rack of the demo as it stands before any work: all flat, none in the water. */
export const DEMO_RACK: readonly RackStone[] = DEMO_STONES.map((stone, index) =>
  rackStoneOf({
    id: String(index + 1),
    name: stone.name,
    kind: stone.kind,
    um: stone.um,
    abrasive: stone.abrasive,
    bond: stone.bond ?? 'middling',
    liquid: stone.liquid,
    soaking: stone.soaking,
    soakMinutes: stone.soakMinutes,
    strokes: stone.strokes,
    needsDressing: stone.needsDressing,
    thicknessMm: stone.thicknessMm,
    cutFactor: stone.cutFactor,
    scratchFactor: stone.scratchFactor,
    changeSeconds: stone.changeSeconds,
  }),
);
