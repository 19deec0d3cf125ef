/** What is decided of one kind of blade only. */
import type { TipWay } from '../../outline';

export const FRONT_FORMS = ['clam-shell', 'flat'] as const;
export type FrontForm = (typeof FRONT_FORMS)[number];

/** The wide bevel below a ridge: laid a little rounder towards the edge, or flat from the ridge down. */
export const RIDGE_FORMS = ['slightly convex', 'flat'] as const;
export type RidgeForm = (typeof RIDGE_FORMS)[number];

export const SERRATION_WAYS = ['scallop side first', 'flat side only', 'rod only'] as const;
export type SerrationWay = (typeof SERRATION_WAYS)[number];

export const AXE_SERVICES = ['file and deburr', 'rounded and refined', 'field kit'] as const;
export type AxeService = (typeof AXE_SERVICES)[number];

/** One-sided blades with a clam-shell: which end of the front is worked first. The middle joins them on the last stone. */
export const FINGER_ORDERS = ['under the ridge first', 'edge first'] as const;
export type FingerOrder = (typeof FINGER_ORDERS)[number];

/** One-sided blades: on each finer stone the back before its front, or after it. */
export const BACK_TURNS = ['after the front', 'before the front'] as const;
export type BackTurn = (typeof BACK_TURNS)[number];

/** Razors: the old edge taken off on purpose, so that the next test tells only what the stone did; or left on. */
export const RAZOR_STARTS = ['as the edge asks', 'set anew', 'refresh'] as const;
export type RazorStart = (typeof RAZOR_STARTS)[number];

export interface KindChoices {
  /** One-sided blades: the shape of the front bevel; null takes what is usual of the kind. */
  readonly frontForm: FrontForm | null;
  readonly fingerOrder: FingerOrder;
  readonly backTurn: BackTurn;
  /** One-sided blades: the rim the back is tapped out for, mm; null when it is not tapped. */
  readonly tapForRimMm: number | null;
  /** Blades with a ridge on both sides. */
  readonly ridgeForm: RidgeForm;
  readonly serrationWay: SerrationWay;
  /** Serrated edges: the angle the flat side is held at; null takes the facet it has, or nearly flat. */
  readonly flatSideDeg: number | null;
  readonly axeService: AxeService;
  /** How a broken tip is brought back. */
  readonly tipWay: TipWay;
  /** Razors: layers of tape on each side of the spine. */
  readonly tapeLayers: number;
  readonly razorStart: RazorStart;
}

export const MOST_TAPE_LAYERS = 4;
/** Beyond it the flat side is a second bevel. */
export const MOST_FLAT_SIDE_DEG = 12;
export const WIDEST_TAPPED_RIM_MM = 4;

export const DEFAULT_KIND_CHOICES: KindChoices = {
  frontForm: null,
  fingerOrder: 'under the ridge first',
  backTurn: 'after the front',
  tapForRimMm: null,
  ridgeForm: 'slightly convex',
  serrationWay: 'scallop side first',
  flatSideDeg: null,
  axeService: 'rounded and refined',
  tipWay: 'spine to edge',
  tapeLayers: 0,
  razorStart: 'as the edge asks',
};
