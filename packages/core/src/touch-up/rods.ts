/** Honing rods: which there are, which suit a steel, and which a rod of the rack is. */
import type { RackStone } from '../abrasive';
import type { Steel } from '../steel';
import { STRINGS } from './strings';

export const ROD_KINDS = ['smooth', 'ridged', 'ceramic', 'diamond'] as const;
export type RodKind = (typeof ROD_KINDS)[number];

export interface RodAdvice {
  readonly rod: RodKind;
  readonly suits: boolean;
  readonly reason: string;
}

/** From this hardness on an edge does not bend back: it breaks. */
const TOO_HARD_TO_BEND_HRC = 60;
/** Above this hardness no rod at all, unless the maker agrees. */
const NO_ROD_HRC = 62;
const SOFT_HRC = 57;

/**
 * Which rods suit a steel, and why.
 *
 * @example
 * rodsFor(steel).length > 0; // true
 */
export const rodsFor = (steel: Steel): readonly RodAdvice[] => {
  const brittle = steel.hrcLow >= NO_ROD_HRC || /chippy$/.test(steel.edge);
  const { hrcHigh } = steel;
  return [
    {
      rod: 'smooth',
      suits: !brittle && hrcHigh <= TOO_HARD_TO_BEND_HRC,
      reason:
        hrcHigh <= TOO_HARD_TO_BEND_HRC
          ? STRINGS.laysARolledEdgeStraightAgain
          : STRINGS.atUpToHrcTheEdge(hrcHigh),
    },
    {
      rod: 'ridged',
      suits: !brittle && hrcHigh <= SOFT_HRC,
      reason:
        hrcHigh <= SOFT_HRC ? STRINGS.scrapesASoftEdgeToothyA : STRINGS.itsRidgesChipAnEdgeThis,
    },
    {
      rod: 'ceramic',
      suits: !brittle,
      reason: brittle ? STRINGS.tooBrittleForANarrowRod : STRINGS.takesALittleSteelOffResets,
    },
    {
      rod: 'diamond',
      suits: !brittle && steel.wearFactor >= 1.2,
      reason: brittle
        ? STRINGS.tooBrittleForANarrowRod
        : steel.wearFactor >= 1.2
          ? STRINGS.theOnlyRodThatBitesOn
          : STRINGS.takesMoreOfThisSteelThan,
    },
  ];
};

/** A steel rod finer than this is polished smooth: it lays steel over and takes none. */
const SMOOTH_UM = 5;

/**
 * What sort of rod it is, by what it is made of and how fine its cut.
 *
 * @example
 * rodKindOf({ abrasive: 'ceramic', um: 9 }); // "ceramic"
 */
export const rodKindOf = ({ abrasive, um }: Pick<RackStone, 'abrasive' | 'um'>): RodKind =>
  abrasive === 'ceramic' || abrasive === 'diamond'
    ? abrasive
    : um <= SMOOTH_UM
      ? 'smooth'
      : 'ridged';
