/**
 * What goes wrong while the blade is on the stone, one press each: cause, remedy and what the bench adds for it. Causes
 * stand in the table of faults where the tests read them too.
 */
import { localized } from '../text';
import { moreStrokes, type AddedRound, type BladeSide } from '../bench';
import type { Zone } from '../geometry';
import { FAULT_CAUSES, type FaultCause, type FaultCauseId } from './fault-table';

/** What pressing a sign does besides telling. */
export type SignDeed =
  /** Strokes are added there, on the sides the step works. */
  | { readonly does: 'strokes'; readonly zone: Zone | null }
  /** The clock stands until the blade is cold. */
  | { readonly does: 'cool' }
  /** The clock stands while the stone is made good. */
  | { readonly does: 'stone' }
  | { readonly does: 'tell' };

interface SignBase {
  readonly label: string;
  /** Of the table of faults; likeliest first. */
  readonly causes: readonly FaultCauseId[];
  /** What no row of the table says. */
  readonly own?: FaultCause;
  readonly deed: SignDeed;
}

export const BENCH_SIGNS = localized(
  {
    'no burr at the tip': {
      label: 'No burr at the tip',
      causes: ['handle not raised', 'apex not reached'],
      deed: { does: 'strokes', zone: 'tip' },
    },
    'burr stays': {
      label: 'Burr will not leave',
      causes: ['too much pressure', 'burr left'],
      deed: { does: 'strokes', zone: null },
    },
    squeal: {
      label: 'Stone squeals',
      causes: ['stone dry or glazed'],
      deed: { does: 'stone' },
    },
    loaded: {
      label: 'Stone loaded',
      causes: ['stone dry or glazed'],
      own: {
        what: 'Steel fills the pores: the stone slides and stops cutting.',
        remedy: 'Rinse it, rub it with the dressing stone until the grey is gone, then go on.',
        backTo: null,
      },
      deed: { does: 'stone' },
    },
    'dug in': {
      label: 'Edge dug in',
      causes: ['wobble'],
      own: {
        what: 'Angle too steep, or pressure on an edge-leading stroke on a soft stone.',
        remedy:
          'Look at the edge in the light; smooth the gouge on the stone. Trail there, lighter, then go on.',
        backTo: null,
      },
      deed: { does: 'tell' },
    },
    facet: { label: 'Facets', causes: ['local work'], deed: { does: 'strokes', zone: null } },
    'scratch above': {
      label: 'Scratch above the bevel',
      causes: ['grit on the face', 'shoulder ground'],
      deed: { does: 'tell' },
    },
    hot: {
      label: 'Blade is hot',
      causes: ['overheated'],
      own: {
        what: 'Too hot to hold: a thin edge loses its temper in a second.',
        remedy:
          'Stop. Into cold water, then lighter and wetter. A tint at the edge: grind back past it, and tell the customer.',
        backTo: null,
      },
      deed: { does: 'cool' },
    },
  },
  'label',
  'what',
  'remedy',
) satisfies Readonly<Record<string, SignBase>>;
export type BenchSignId = keyof typeof BENCH_SIGNS;
export const BENCH_SIGN_IDS = Object.keys(BENCH_SIGNS) as BenchSignId[];

/**
 * What it is and what helps, the likeliest first.
 *
 * @example
 * remediesOf('squeal').length; // 1
 */
export const remediesOf = (id: BenchSignId): readonly FaultCause[] => {
  const { causes, own }: SignBase = BENCH_SIGNS[id];
  return [...(own ? [own] : []), ...causes.map((cause) => FAULT_CAUSES[cause])];
};

/**
 * The rounds a sign adds: on each side that is worked, at its place.
 *
 * @example
 * roundsForSign('no burr at the tip', [{ side: 'right', strokes: 100 }])[0].count; // 10
 */
export const roundsForSign = (
  id: BenchSignId,
  sides: readonly { readonly side: BladeSide; readonly strokes: number }[],
): readonly AddedRound[] => {
  const { deed, label }: SignBase = BENCH_SIGNS[id];
  if (deed.does !== 'strokes') return [];
  return sides.flatMap(({ side, strokes }) =>
    strokes > 0 ? [{ side, count: moreStrokes(strokes), zone: deed.zone, because: label }] : [],
  );
};
