/** What a colleague would say of a progression before the first stroke. Each rule is data with its words. */
import { exceeds, micrometres } from '../units';
import { say, type Message } from '../text';
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
  readonly message: Message;
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
  const warn = (code: WarningCode, message: Message): void => {
    found.push({ code, stoneId: stone.id, message });
  };
  const { steel, oneSided, direction } = input;
  if (stone.soaking === 'splash' && stone.inWater) {
    warn('SPLASH_SOAKED', say('warn.stone.splash', { stone: stone.name }));
  }
  if (stone.liquid === 'oil' && stone.kind === 'water stone') {
    warn('OIL_ON_WATER_STONE', say('warn.stone.oil', { stone: stone.name }));
  } else if (!abrasiveKind(stone.kind).liquids.includes(stone.liquid)) {
    warn(
      'LIQUID_NOT_FOR_KIND',
      say('warn.stone.liquid', { stone: stone.name, liquid: stone.liquid, kind: stone.kind }),
    );
  }
  if (
    steel.wearFactor >= HARD_CARBIDES_WEAR &&
    stone.abrasive !== 'diamond' &&
    stone.abrasive !== 'cbn'
  ) {
    warn(
      'HARD_CARBIDES_SOFT_ABRASIVE',
      say('warn.stone.carbides', {
        stone: stone.name,
        wearFactor: steel.wearFactor,
        timesQuicker: steel.wearFactor / steel.wearFactorDiamond,
      }),
    );
  }
  if (isHollow(stone.flatness)) {
    warn(
      'NOT_FLAT',
      oneSided
        ? say('warn.stone.hollow-one-sided', { stone: stone.name })
        : say('warn.stone.hollow', { stone: stone.name }),
    );
  }
  if (
    direction !== null &&
    ((stone.strokes === 'trailing' && direction === 'edge-leading') ||
      (stone.strokes === 'leading' && direction === 'edge-trailing'))
  ) {
    warn(
      'AGAINST_ITS_STROKES',
      say('warn.stone.strokes', { stone: stone.name, strokes: stone.strokes, direction }),
    );
  }
  if (stone.needsDressing) {
    warn('NEEDS_DRESSING', say('warn.stone.dressing', { stone: stone.name }));
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
        message: say('warn.stone.jump', {
          before: before.name,
          stone: stone.name,
          ratio,
          scratchUm: scratchDepthUm(before),
        }),
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
        message: say('warn.strop.coarser', {
          strop: strop.name,
          stropUm: strop.um,
          last: last.name,
          lastUm: last.um,
          scratchUm: scratchDepthUm(strop),
        }),
      },
    ];
  }
  if (last.um / strop.um > STROP_FINER_THAN) {
    return [
      {
        code: 'STROP_TOO_FINE',
        stoneId: strop.id,
        message: say('warn.strop.too-fine', {
          strop: strop.name,
          stropUm: strop.um,
          last: last.name,
          scratchUm: scratchDepthUm(last),
        }),
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
      message: say('warn.steel-soft', {
        finestUm: steel.finestUsefulUm,
        stone: last.name,
        um: last.um,
      }),
    },
  ];
};

/**
 * What a colleague would say of a chain of stones.
 *
 * @example
 * progressionWarnings({ steel, chain: [], strop: null, maxRatio: 3, oneSided: false, direction: 'edge-trailing' }); // []
 */
export const progressionWarnings = (input: WarningInput): readonly ProgressionWarning[] => [
  ...input.chain.flatMap((stone) => aboutStone(stone, input)),
  ...aboutJumps(input),
  ...aboutFinish(input),
  ...aboutStrop(input),
];

/** An abrasive that is not there and would close a gap. */
export interface Missing {
  readonly um: number;
  readonly reason: Message;
}

const gritsText = (um: number): string => {
  const grits = nearestGrits(micrometres(um));
  return GRIT_SCALES.map((scale) => `${scale} ${grits[scale]}`).join(', ');
};

/**
 * What to buy where no chain reaches the finish: the middle of the window if nothing ends in it, else the
 * middle of the widest gap that no step may cross. Null when a chain is there or nothing simple would help.
 *
 * @example
 * whatToBuy({ rack: [], finishUm: [3, 8] }) !== undefined; // true
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
      reason: say('warn.buy.finish', {
        finestUm,
        coarsestUm,
        buyUm: middleUm,
        grits: gritsText(middleUm),
      }),
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
        reason: say('warn.buy.gap', {
          coarserUm: widest.coarser.um,
          finerUm: widest.finer.um,
          ratio: input.maxRatio ?? 0,
          buyUm: widest.um,
          grits: gritsText(widest.um),
        }),
      }
    : null;
};
