/** Racks to begin with, by what somebody owns: each enough to repair, set and finish an edge, and to be corrected later. */
import { localized } from '../text';
import type { GritScale } from './grit-tables';
import type { AbrasiveKindId } from './kinds';

export interface StarterStone {
  readonly name: string;
  readonly kind: AbrasiveKindId;
  /** As it is printed; null where the grain is told in µm. */
  readonly gritScale: GritScale | null;
  readonly gritNumber: number | null;
  readonly um: number;
  readonly fitsRig?: boolean;
  readonly portable?: boolean;
}

export interface StarterRack {
  readonly id: string;
  readonly label: string;
  readonly stones: readonly StarterStone[];
  /** What holds the angle, with sizes usual for one; to be measured on the own one. */
  readonly machine?: {
    readonly name: string;
    readonly kind: 'belt' | 'clamp rig';
    readonly sizes: Readonly<Record<string, number>>;
  };
}

const printed = (
  kind: AbrasiveKindId,
  name: string,
  gritScale: GritScale,
  gritNumber: number,
  um: number,
  part: Partial<StarterStone> = {},
): StarterStone => ({ name, kind, gritScale, gritNumber, um, ...part });
const grain = (
  kind: AbrasiveKindId,
  name: string,
  um: number,
  part: Partial<StarterStone> = {},
): StarterStone => ({ name, kind, gritScale: null, gritNumber: null, um, ...part });

const STROP = grain('strop', 'Strop', 1);
const PLAIN_STROP = grain('strop', 'Plain strop', 0.5);

/** Median grains are those of the published tables (JIS R 6001, FEPA 42 and 43) for the number printed. */
export const STARTER_RACKS = localized<readonly StarterRack[]>(
  [
    {
      id: 'water stones',
      label: 'Two waterstones and a strop',
      stones: [
        printed('water stone', 'Medium waterstone', 'JIS', 1000, 11.5),
        printed('water stone', 'Fine waterstone', 'JIS', 4000, 3),
        STROP,
      ],
    },
    {
      id: 'four water stones',
      label: 'Waterstones, coarse to fine',
      stones: [
        printed('water stone', 'Coarse waterstone', 'JIS', 320, 40),
        printed('water stone', 'Medium waterstone', 'JIS', 1000, 11.5),
        printed('water stone', 'Fine waterstone', 'JIS', 4000, 3),
        printed('water stone', 'Finishing waterstone', 'JIS', 8000, 1.2),
        PLAIN_STROP,
      ],
    },
    {
      id: 'plates',
      label: 'Diamond plates',
      stones: [
        grain('diamond plate', 'Coarse plate', 65),
        grain('diamond plate', 'Medium plate', 25),
        grain('diamond plate', 'Fine plate', 9),
        STROP,
      ],
    },
    {
      id: 'clamp rig',
      label: 'Clamp rig with its stones',
      machine: {
        name: 'Clamp rig',
        kind: 'clamp rig',
        sizes: { pivotReachMm: 150, rodToFaceMm: 6, stoneForRodMm: 6 },
      },
      stones: [
        grain('diamond plate', 'Rig stone, coarse', 65, { fitsRig: true }),
        grain('diamond plate', 'Rig stone, medium', 25, { fitsRig: true }),
        grain('diamond plate', 'Rig stone, fine', 9, { fitsRig: true }),
        grain('strop', 'Rig strop', 1, { fitsRig: true }),
      ],
    },
    {
      id: 'belts',
      label: 'Belt grinder',
      machine: {
        name: 'Belt grinder',
        kind: 'belt',
        sizes: { sagRadiusMm: 160, speedMPerS: 4 },
      },
      stones: [
        printed('belt', 'Coarse belt', 'FEPA-P', 120, 125),
        printed('belt', 'Medium belt', 'FEPA-P', 400, 35),
        printed('belt', 'Fine belt', 'FEPA-P', 1200, 15.3),
        STROP,
      ],
    },
    {
      id: 'field kit',
      label: 'Field kit',
      stones: [
        grain('file', 'Flat file', 400, { portable: true }),
        grain('diamond plate', 'Pocket plate', 25, { portable: true }),
        printed('oil stone', 'Pocket stone', 'FEPA-F', 600, 9.3, { portable: true }),
        grain('strop', 'Pocket strop', 1, { portable: true }),
      ],
    },
  ],
  'label',
);
