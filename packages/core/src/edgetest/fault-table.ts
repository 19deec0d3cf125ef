/**
 * What goes wrong with an edge, as data: the signs, where they are seen and how long looking takes; the causes, what is
 * done about each and from which step. A sign names the causes it goes with, the likeliest first.
 */
import { localized, named } from '../text';
import type { Operation } from '../plan/steps';

export interface FaultCause {
  readonly what: string;
  readonly remedy: string;
  /** The step it is mended from; null where no step mends it. */
  readonly backTo: Operation | null;
}

const cause = (what: string, remedy: string, backTo: Operation | null): FaultCause => ({
  what: named(what),
  remedy: named(remedy),
  backTo,
});

export const FAULT_CAUSES = {
  'apex not reached': cause(
    'The apex was not reached there: angle too low, or too few strokes.',
    'First stone, that zone only; marker test.',
    'edge',
  ),
  'shoulder ground': cause(
    'The angle is below the bevel’s shoulder: the shoulder was ground, not the apex.',
    'Marker test, then correct the angle or the lift.',
    'edge',
  ),
  'handle not raised': cause(
    'The handle was not raised, or the stone left the tip.',
    'First stone, tip: swing, and the lift of that station.',
    'edge',
  ),
  'stone hollow': cause(
    'The stone is hollow, or the pressure lay there.',
    'Straightedge on the stone; flatten it, then the zones it missed.',
    'edge',
  ),
  'clamp off centre': cause(
    'The clamp sits off its place: the angle changes along the edge.',
    'Slide the clamp as computed, then the first stone again.',
    'edge',
  ),
  'burr left': cause(
    'A burr is left there.',
    'Deburr there: no pressure, alternating, edge-leading; then strop.',
    'deburr',
  ),
  'too much pressure': cause(
    'The pressure is too high for so soft a steel.',
    'Same abrasive, no pressure, alternating, edge-leading; then strop.',
    'deburr',
  ),
  'wire edge': cause(
    'A wire edge was left standing.',
    'Deburr again, slightly higher, very light.',
    'deburr',
  ),
  'nick left': cause(
    'A nick is left there.',
    'The last coarse stone, if it shows in light.',
    'edge',
  ),
  'strop rounds': cause(
    'The strop stands too high or gives too much: the edge is rounded.',
    'Last stone, few strokes; strop at or just under the bevel, on a hard back.',
    'refine',
  ),
  'too polished': cause(
    'It is too polished for its use.',
    'Finish 2 to 4 times coarser.',
    'refine',
  ),
  'stopped early': cause(
    'Stopped early, or the last step was left before its scratches were even.',
    'Last stone again, light, until the pattern is even; then deburr and strop.',
    'refine',
  ),
  'thick behind the edge': cause(
    'It is thick behind the edge: sharp, and it still wedges.',
    'Thinning.',
    'thinning',
  ),
  'angle too low': cause(
    'The angle is too low for this steel or this use.',
    'Two degrees more, or a micro bevel; ask what is cut.',
    'edge',
  ),
  'edge burnt': cause(
    'The edge is burnt or tired, and softer than it was made.',
    'About 0.1 mm more off, wet, and test again; tell the customer.',
    'outline',
  ),
  'unequal work': cause(
    'Unequal work or angle, an asymmetric grind, or a bent blade.',
    'More on the narrow side; look whether the edge is in the middle.',
    'edge',
  ),
  'local work': cause(
    'Local work, or stop and start.',
    'Whole-length strokes at the same angle.',
    'edge',
  ),
  'grit on the face': cause(
    'Angle too low, grit on the face, or mud under the tape.',
    'Wipe, tape again, blend.',
    'faces',
  ),
  'step left early': cause(
    'A step was left early, or the jump between two stones was too large.',
    'The stone before, until its own pattern is even.',
    'refine',
  ),
  'maker’s wheel': cause(
    'Hollows left by the maker’s wheel: no harm.',
    'Leave them, or blend.',
    null,
  ),
  'rim worn away': cause(
    'The rim of the back is worn away: the hollow reaches the edge.',
    'Tapped out and flattened with the customer’s yes, or sent on.',
    'tapping',
  ),
  'finger pressure': cause(
    'The pressure of the fingers is off.',
    'Pressure away from the side that widens.',
    'back',
  ),
  overheated: cause(
    'Overheated; whether it lost its temper depends on the steel, and no tint proves nothing.',
    'Grind back past it, wet; test hardness or edge; tell the customer.',
    'outline',
  ),
  'not dried': cause(
    'It was not dried or oiled.',
    'Off with it; pits that reach the edge are chips.',
    'faces',
  ),
  patina: cause('Patina: normal on carbon steel.', 'Leave it.', null),
  'stone dry or glazed': cause(
    'The stone is dry, loaded or glazed.',
    'Water, dressing stone, flatten.',
    'ready',
  ),
  wobble: cause('The angle wobbles.', 'Slow down, and measure.', 'edge'),
} satisfies Readonly<Record<string, FaultCause>>;
export type FaultCauseId = keyof typeof FAULT_CAUSES;

export const FAULT_CAUSE_IDS = Object.keys(FAULT_CAUSES) as FaultCauseId[];

export interface FaultSign {
  readonly what: string;
  /** Where it is met. */
  readonly at: 'bench' | 'test' | 'return';
  /** To look for it. */
  readonly minutes: number;
  /** The likeliest first. */
  readonly causes: readonly [FaultCauseId, ...FaultCauseId[]];
}

/** By light 0.2 minutes, by paper 0.3, hair 0.2, marker 2, gauge 1, microscope 2, force 1.5. */
export const FAULT_SIGNS = localized(
  {
    'glint in a zone': {
      what: 'Glint along a zone',
      at: 'test',
      minutes: 0.2,
      causes: ['apex not reached', 'handle not raised'],
    },
    'glint all along': {
      what: 'Glint all along',
      at: 'test',
      minutes: 0.2,
      causes: ['shoulder ground'],
    },
    'no burr at the tip': {
      what: 'No burr near the tip',
      at: 'bench',
      minutes: 0.2,
      causes: ['handle not raised'],
    },
    'burr in one place': {
      what: 'Burr at the heel only, or in the middle only',
      at: 'bench',
      minutes: 0.2,
      causes: ['stone hollow', 'clamp off centre'],
    },
    'burr at the end': {
      what: 'A burr is left at the end',
      at: 'test',
      minutes: 0.2,
      causes: ['burr left', 'too much pressure'],
    },
    'burr changes sides': {
      what: 'The burr changes sides and does not shrink',
      at: 'bench',
      minutes: 0.3,
      causes: ['too much pressure'],
    },
    'dull after a few cuts': {
      what: 'Sharp, then dull after a few cuts',
      at: 'return',
      minutes: 0.3,
      causes: ['wire edge'],
    },
    'paper catches': {
      what: 'Paper catches at one place, always the same',
      at: 'test',
      minutes: 0.3,
      causes: ['burr left', 'nick left'],
    },
    'not after the strop': {
      what: 'Shaves after the stone, not after the strop',
      at: 'test',
      minutes: 0.2,
      causes: ['strop rounds'],
    },
    'tears tomato': {
      what: 'Shaves, and tears tomato skin',
      at: 'test',
      minutes: 0.5,
      causes: ['too polished'],
    },
    'does not shave': {
      what: 'Bites, and is not as fine as wanted',
      at: 'test',
      minutes: 0.2,
      causes: ['stopped early'],
    },
    wedges: {
      what: 'Sharp, and it wedges: a carrot cracks',
      at: 'test',
      minutes: 0.5,
      causes: ['thick behind the edge'],
    },
    'chips again': {
      what: 'Chips again within days',
      at: 'return',
      minutes: 0.2,
      causes: ['angle too low', 'edge burnt'],
    },
    'rolls again': {
      what: 'Rolls again within days',
      at: 'return',
      minutes: 0.2,
      causes: ['angle too low'],
    },
    'uneven bevels': {
      what: 'Uneven bevels, one wider',
      at: 'bench',
      minutes: 0.2,
      causes: ['unequal work'],
    },
    'bevel widens to the tip': {
      what: 'The bevel widens towards the tip, on a clamp',
      at: 'bench',
      minutes: 0.2,
      causes: ['clamp off centre'],
    },
    facets: { what: 'Facets along the edge', at: 'bench', minutes: 0.2, causes: ['local work'] },
    'scratches above the bevel': {
      what: 'Scratches above the bevel',
      at: 'bench',
      minutes: 0.2,
      causes: ['grit on the face', 'shoulder ground'],
    },
    'deep scratches': {
      what: 'Deep scratches remain at the end',
      at: 'test',
      minutes: 0.2,
      causes: ['step left early'],
    },
    'low spots': {
      what: 'Bright low spots on a wide bevel',
      at: 'bench',
      minutes: 0.2,
      causes: ['maker’s wheel'],
    },
    'hollow at the edge': {
      what: 'The hollow of the back reaches the edge',
      at: 'bench',
      minutes: 0.3,
      causes: ['rim worn away'],
    },
    'uneven rim': {
      what: 'The rim of the back is wider on one side',
      at: 'bench',
      minutes: 0.3,
      causes: ['finger pressure'],
    },
    tint: {
      what: 'Blue, straw or brown tint at the edge',
      at: 'bench',
      minutes: 0.1,
      causes: ['overheated'],
    },
    rust: { what: 'Rust, orange or deep pits', at: 'return', minutes: 0.1, causes: ['not dried'] },
    'grey film': {
      what: 'Grey-blue even film on carbon steel',
      at: 'return',
      minutes: 0.1,
      causes: ['patina'],
    },
    'stone squeals': {
      what: 'The stone squeals, catches, does not cut',
      at: 'bench',
      minutes: 0.1,
      causes: ['stone dry or glazed'],
    },
    'sound changes': {
      what: 'The sound changes in mid stroke',
      at: 'bench',
      minutes: 0.1,
      causes: ['wobble'],
    },
  },
  'what',
) satisfies Readonly<Record<string, FaultSign>>;
export type FaultSignId = keyof typeof FAULT_SIGNS;
export const FAULT_SIGN_IDS = Object.keys(FAULT_SIGNS) as FaultSignId[];

/** A row the shop added: a sign of its own with what it probably is. */
export interface OwnFault {
  readonly id: OwnFaultId;
  readonly sign: string;
  readonly at: FaultSign['at'];
  readonly minutes: number;
  readonly cause: string;
  readonly remedy: string;
  readonly backTo: Operation | null;
}
export type OwnFaultId = `own-${string}`;
/** Of a sign or a cause, known or the shop's own: a row of the shop's is both. */
export type AnySignId = FaultSignId | OwnFaultId;
export type AnyCauseId = FaultCauseId | OwnFaultId;

export interface AnySign extends Omit<FaultSign, 'causes'> {
  readonly causes: readonly AnyCauseId[];
}
export interface FaultTable {
  readonly signs: Readonly<Record<string, AnySign>>;
  readonly causes: Readonly<Record<string, FaultCause>>;
}

/**
 * The table with the shop's own rows at its end.
 *
 * @example
 * faultTable([]).signs['grey film']!.minutes; // 0.1
 */
export const faultTable = (own: readonly OwnFault[]): FaultTable => ({
  signs: {
    ...FAULT_SIGNS,
    ...Object.fromEntries(
      own.map(({ id, sign, at, minutes }) => [id, { what: sign, at, minutes, causes: [id] }]),
    ),
  },
  causes: {
    ...FAULT_CAUSES,
    ...Object.fromEntries(
      own.map(({ id, cause: what, remedy, backTo }) => [id, { what, remedy, backTo }]),
    ),
  },
});

/** What was seen, or looked for and not seen. */
export type SeenSigns = Readonly<Partial<Record<AnySignId, boolean>>>;
