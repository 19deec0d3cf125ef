/** What is decided of one kind of blade only. */
import type { TipWay } from '../../outline';

export const FRONT_FORMS = ['clam-shell', 'flat'] as const;
export type FrontForm = (typeof FRONT_FORMS)[number];

export const SERRATION_WAYS = ['scallop side first', 'flat side only', 'rod only'] as const;
export type SerrationWay = (typeof SERRATION_WAYS)[number];

export const AXE_SERVICES = ['file and deburr', 'rounded and refined', 'field kit'] as const;
export type AxeService = (typeof AXE_SERVICES)[number];

export interface KindChoices {
  /** One-sided blades: the shape of the front bevel; null takes what is usual of the kind. */
  readonly frontForm: FrontForm | null;
  /** One-sided blades: the rim the back is tapped out for, mm; null when it is not tapped. */
  readonly tapForRimMm: number | null;
  readonly serrationWay: SerrationWay;
  readonly axeService: AxeService;
  /** How a broken tip is brought back. */
  readonly tipWay: TipWay;
  /** Razors: layers of tape on each side of the spine. */
  readonly tapeLayers: number;
}

export const MOST_TAPE_LAYERS = 4;
export const WIDEST_TAPPED_RIM_MM = 4;

export const DEFAULT_KIND_CHOICES: KindChoices = {
  frontForm: null,
  tapForRimMm: null,
  serrationWay: 'scallop side first',
  axeService: 'rounded and refined',
  tipWay: 'spine to edge',
  tapeLayers: 0,
};
