/** What a colleague would say of a progression before the first stroke. Each rule is data with its words. */
import { exceeds, micrometres } from '../units';
import type { Steel } from '../steel';
import { isHollow } from './care';
import { HARD_CARBIDES_WEAR, LARGE_RATIO, STROP_FINER_THAN } from './first-guesses';
import { nearestGrits } from './grit';
import { GRIT_SCALES } from './grit-tables';
import { abrasiveKind } from './kinds';
import { mayFollow, usableRack, type ProgressionInput } from './progression';
import type { RackStone } from './rack-stone';
import { scratchDepthUm } from './removal';

export const WARNING_CODES = [
  'SPLASH_SOAKED',
  'SOFT_STEEL_FINE_FINISH',
  'HARD_CARBIDES_SOFT_ABRASIVE',
  'OIL_ON_WATER_STONE',
  'LIQUID_NOT_FOR_KIND',
  'RATIO_TOO_LARGE',
  'STROP_COARSER',
  'STROP_TOO_FINE',
  'NOT_FLAT',
  'AGAINST_ITS_STROKES',
  'NEEDS_DRESSING',
] as const;
export type WarningCode = (typeof WARNING_CODES)[number];

export interface ProgressionWarning {
  readonly code: WarningCode;
  /** The abrasive it is about; null when it is about the work as a whole. */
  readonly stoneId: string | null;
  readonly text: string;
}

export interface WarningInput {
  readonly steel: Steel;
  /** The abrasives in the order they are used. */
  readonly chain: readonly RackStone[];
  readonly strop: RackStone | null;
  /** From this ratio on a jump leaves scratches that take their time. */
  readonly maxRatio: number | null;
  readonly oneSided: boolean;
  readonly direction: string | null;
}

const aboutStone = (stone: RackStone, input: WarningInput): ProgressionWarning[] => {
  const found: ProgressionWarning[] = [];
  const say = (code: WarningCode, text: string): void => {
    found.push({ code, stoneId: stone.id, text });
  };
  const { steel, oneSided, direction } = input;
  if (stone.soaking === 'splash' && stone.inWater) {
    say(
      'SPLASH_SOAKED',
      `${stone.name} is a splash stone and lies in the water: take it out, its binder softens or cracks.`,
    );
  }
  if (stone.liquid === 'oil' && stone.kind === 'water stone') {
    say('OIL_ON_WATER_STONE', `${stone.name} is a water stone: oil clogs it for good.`);
  } else if (!abrasiveKind(stone.kind).liquids.includes(stone.liquid)) {
    say('LIQUID_NOT_FOR_KIND', `${stone.name}: ${stone.liquid} is not for a ${stone.kind}.`);
  }
  if (
    steel.wearFactor >= HARD_CARBIDES_WEAR &&
    stone.abrasive !== 'diamond' &&
    stone.abrasive !== 'cbn'
  ) {
    say(
      'HARD_CARBIDES_SOFT_ABRASIVE',
      `${stone.name} is softer than the carbides of this steel (it wears ${steel.wearFactor} times as slowly): diamond is ${(steel.wearFactor / steel.wearFactorDiamond).toFixed(1)} times quicker.`,
    );
  }
  if (isHollow(stone.flatness)) {
    say(
      'NOT_FLAT',
      oneSided
        ? `${stone.name} is not flat: a one-sided blade takes its hollow at once. Make it flat before it touches the back.`
        : `${stone.name} is due for flattening: a hollow stone cannot make a straight edge.`,
    );
  }
  if (
    direction !== null &&
    ((stone.strokes === 'trailing' && direction === 'edge-leading') ||
      (stone.strokes === 'leading' && direction === 'edge-trailing'))
  ) {
    say(
      'AGAINST_ITS_STROKES',
      `${stone.name} likes ${stone.strokes} strokes; ${direction} was chosen.`,
    );
  }
  if (stone.needsDressing) {
    say(
      'NEEDS_DRESSING',
      `${stone.name} wants its dressing stone first: raise a slurry before the blade.`,
    );
  }
  return found;
};

const aboutJumps = ({ chain, maxRatio }: WarningInput): ProgressionWarning[] =>
  chain.slice(1).flatMap((stone, index): ProgressionWarning[] => {
    const before = chain[index]!;
    const ratio = before.um / stone.um;
    if (!exceeds(ratio, maxRatio ?? LARGE_RATIO)) return [];
    return [
      {
        code: 'RATIO_TOO_LARGE',
        stoneId: stone.id,
        text: `From ${before.name} to ${stone.name} is ${ratio.toFixed(1)} times finer: its scratches are ${scratchDepthUm(before).toFixed(1)} µm deep and take long.`,
      },
    ];
  });

const aboutStrop = ({ chain, strop }: WarningInput): ProgressionWarning[] => {
  const last = chain[chain.length - 1];
  if (!last || !strop) return [];
  if (strop.um > last.um) {
    return [
      {
        code: 'STROP_COARSER',
        stoneId: strop.id,
        text: `${strop.name} at ${strop.um} µm is coarser than the ${last.um} µm it follows: it cuts, shallowly (${scratchDepthUm(strop).toFixed(2)} µm), and rounds what ${last.name} left.`,
      },
    ];
  }
  if (last.um / strop.um > STROP_FINER_THAN) {
    return [
      {
        code: 'STROP_TOO_FINE',
        stoneId: strop.id,
        text: `${strop.name} at ${strop.um} µm only polishes the tops: ${last.name} leaves scratches of ${scratchDepthUm(last).toFixed(1)} µm.`,
      },
    ];
  }
  return [];
};

const aboutFinish = ({ chain, steel }: WarningInput): ProgressionWarning[] => {
  const last = chain[chain.length - 1];
  if (!last || last.um >= steel.finestUsefulUm) return [];
  return [
    {
      code: 'SOFT_STEEL_FINE_FINISH',
      stoneId: last.id,
      text: `This steel gains little below about ${steel.finestUsefulUm} µm; ${last.name} is ${last.um} µm.`,
    },
  ];
};

export const progressionWarnings = (input: WarningInput): readonly ProgressionWarning[] => [
  ...input.chain.flatMap((stone) => aboutStone(stone, input)),
  ...aboutJumps(input),
  ...aboutFinish(input),
  ...aboutStrop(input),
];

/** An abrasive that is not there and would close a gap. */
export interface Missing {
  readonly um: number;
  readonly reason: string;
}

const gritsText = (um: number): string => {
  const grits = nearestGrits(micrometres(um));
  return GRIT_SCALES.map((scale) => `${scale} ${grits[scale]}`).join(', ');
};

/**
 * What to buy where no chain reaches the finish: the middle of the window if nothing ends in it, else the
 * middle of the widest gap that no step may cross. Null when a chain is there or nothing simple would help.
 */
export const whatToBuy = (
  input: Pick<ProgressionInput, 'rack' | 'skip' | 'finishUm' | 'maxRatio'>,
): Missing | null => {
  const usable = usableRack(input);
  const [finestUm, coarsestUm] = input.finishUm;
  const middleUm = Math.sqrt(finestUm * coarsestUm);
  if (!usable.some(({ um }) => um >= finestUm && um <= coarsestUm)) {
    return {
      um: middleUm,
      reason: `Nothing in the rack ends between ${finestUm} and ${coarsestUm} µm. An abrasive of about ${middleUm.toPrecision(2)} µm would: ${gritsText(middleUm)}.`,
    };
  }
  const gaps = usable.slice(1).flatMap((finer, index) => {
    const coarser = usable[index]!;
    return finer.um < coarser.um &&
      coarser.um > coarsestUm &&
      !mayFollow(coarser, finer, input.maxRatio)
      ? [{ um: Math.sqrt(coarser.um * finer.um), coarser, finer }]
      : [];
  });
  const widest = gaps.sort((a, b) => b.coarser.um / b.finer.um - a.coarser.um / a.finer.um)[0];
  return widest
    ? {
        um: widest.um,
        reason: `From ${widest.coarser.um} to ${widest.finer.um} µm is more than ${input.maxRatio} times. An abrasive of about ${widest.um.toPrecision(2)} µm would bridge it: ${gritsText(widest.um)}.`,
      }
    : null;
};
