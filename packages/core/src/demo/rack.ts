/** A rack made of what is said of each abrasive: the rest is usual of its kind. */
import { usualAbrasive, type RackStone } from '../abrasive';
import { DEMO_STONES } from './stones';

type Given = Partial<RackStone> & Pick<RackStone, 'id' | 'kind' | 'um'>;

/** A stone of a rack from what was said of it. */
export const rackStoneOf = (given: Given): RackStone => {
  const usual = usualAbrasive(given.kind);
  return {
    ...usual,
    name: given.id,
    ...(given.liquid !== undefined && given.liquid !== 'water' ? { soaking: 'dry' } : {}),
    ...((given.soakMinutes ?? 0) > 0 ? { soaking: 'soak' } : {}),
    soakMinutes: 0,
    strokes: 'both',
    needsDressing: false,
    flatness: 'flat',
    inWater: false,
    lengthMm: null,
    radiusMm: null,
    thicknessMm: null,
    fitsRig: null,
    portable: false,
    cutFactor: 1,
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
    lengthMm: stone.lengthMm,
    radiusMm: stone.radiusMm,
    thicknessMm: stone.thicknessMm,
    portable: stone.kind === 'diamond plate' || stone.kind === 'file',
    cutFactor: stone.cutFactor,
    scratchFactor: stone.scratchFactor,
    changeSeconds: stone.changeSeconds,
  }),
);
