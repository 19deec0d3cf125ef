/** Which faults the readings of an edge show, and which of the causes it probably is. */
import { ZONES, type Zone } from '../geometry';
import type { Use } from '../blade';
import type { Operation } from '../plan/steps';
import { diagnose, type Diagnosis, type Sign } from './diagnose';
import {
  FAULT_CAUSES,
  FAULT_SIGNS,
  faultTable,
  type AnyCauseId,
  type FaultSign,
  type FaultSignId,
  type OwnFault,
  type SeenSigns,
} from './fault-table';
import { classesIn, medianGf, type EdgeReadings } from './tests';

export interface FoundFault {
  readonly id: FaultSignId;
  readonly sign: string;
  readonly cause: string;
  readonly remedy: string;
  readonly backTo: Operation | null;
  readonly zones: readonly Zone[];
}

const zonesWhere = (
  readings: EdgeReadings,
  holds: (classes: EdgeReadings[Zone]['classes'], zone: Zone) => boolean,
): Zone[] =>
  ZONES.filter((zone) => classesIn(readings, zone).some((classes) => holds(classes, zone)));

const isAboveTarget = (readings: EdgeReadings, zone: Zone, use: Use): boolean =>
  (medianGf(readings[zone].forceGf) ?? 0) > use.targetForceGf * 1.1;

/** Signs the readings show of themselves, with the zones they show them in; those that send furthest back first. */
const SHOWN: readonly (readonly [
  sign: FaultSignId,
  zones: (readings: EdgeReadings, use: Use) => readonly Zone[],
])[] = [
  [
    'glint all along',
    (readings) => {
      const zones = zonesWhere(readings, ({ light }) => light === 'glint');
      return zones.length === ZONES.length ? zones : [];
    },
  ],
  [
    'glint in a zone',
    (readings) => {
      const zones = zonesWhere(readings, ({ light }) => light === 'glint');
      return zones.length < ZONES.length ? zones : [];
    },
  ],
  ['wedges', (readings) => (readings.blade.food === 'cracks' ? ZONES : [])],
  [
    'paper catches',
    (readings) =>
      zonesWhere(
        readings,
        ({ paper, light }) => (paper === 'catches' || paper === 'tears') && light !== 'glint',
      ),
  ],
  [
    'burr at the end',
    (readings) => zonesWhere(readings, ({ burr }) => burr === 'clear' || burr === 'heavy'),
  ],
  [
    'deep scratches',
    (readings) => zonesWhere(readings, ({ scratches }) => scratches === 'single deeper'),
  ],
  [
    'tears tomato',
    (readings) =>
      readings.blade.food === 'tears' &&
      zonesWhere(readings, ({ light }) => light === 'glint').length === 0
        ? ZONES
        : [],
  ],
  [
    'does not shave',
    (readings, use) =>
      zonesWhere(
        readings,
        ({ light, paper, hair, touch }, zone) =>
          light !== 'glint' &&
          (paper === undefined || paper === 'cuts clean') &&
          (hair === 'none' || touch === 'slides' || isAboveTarget(readings, zone, use)),
      ),
  ],
];

/** The faults the readings show, those that send the blade back furthest first; each with its likeliest cause. */
export const findFaults = (readings: EdgeReadings, use: Use): FoundFault[] =>
  SHOWN.flatMap(([id, zonesOf]) => {
    const zones = zonesOf(readings, use);
    if (zones.length === 0) return [];
    const { what, causes }: FaultSign = FAULT_SIGNS[id];
    const { what: because, remedy, backTo } = FAULT_CAUSES[causes[0]];
    return [{ id, sign: what, cause: because, remedy, backTo, zones }];
  });

/** A sign goes with a cause it is listed for in eight cases of ten, with another in one. */
const LISTED = 0.8;
const OTHERWISE = 0.1;

/**
 * Which cause it probably is, over the whole table. `confirmed` counts how often a cause was confirmed at this bench: its
 * remedy followed, and the failed test then passed. `own` are the rows the shop added.
 *
 * @example
 * diagnoseFault({ 'no burr at the tip': true }).causes[0].id; // "handle not raised"
 */
export const diagnoseFault = (
  seen: SeenSigns,
  confirmed: Readonly<Partial<Record<AnyCauseId, number>>> = {},
  own: readonly OwnFault[] = [],
): Diagnosis => {
  const table = faultTable(own);
  return diagnose({
    causes: (Object.keys(table.causes) as AnyCauseId[]).map((id) => ({
      id,
      prior: (confirmed[id] ?? 0) + 1,
    })),
    signs: Object.entries(table.signs).map(([id, { minutes, causes }]): Sign => ({
      id,
      minutes,
      given: Object.fromEntries(causes.map((each) => [each, LISTED])),
      otherwise: OTHERWISE,
    })),
    seen: Object.fromEntries(
      Object.entries(seen).flatMap(([id, value]) =>
        // A row the shop took out since is not asked about any more.
        value === undefined || !Object.hasOwn(table.signs, id) ? [] : [[id, value]],
      ),
    ),
  });
};

/** What the readings say of the signs a test shows: seen, or looked for and not seen; nothing of what was not tested. */
export const signsOf = (
  readings: EdgeReadings,
  use: Use,
): Readonly<Partial<Record<FaultSignId, boolean>>> => {
  const found = new Set(findFaults(readings, use).map(({ id }) => id));
  const read = (test: keyof EdgeReadings[Zone]['classes']): boolean =>
    ZONES.every((zone) => readings[zone].classes[test] !== undefined);
  const looked: readonly (readonly [FaultSignId, boolean])[] = [
    ['glint all along', read('light')],
    ['glint in a zone', read('light')],
    ['paper catches', read('paper')],
    ['burr at the end', read('burr')],
    ['deep scratches', read('scratches')],
    ['wedges', readings.blade.food !== undefined],
    ['tears tomato', readings.blade.food !== undefined],
  ];
  return Object.fromEntries([
    ...looked.flatMap(([id, isDone]) => (isDone ? [[id, found.has(id)] as const] : [])),
    ...[...found].map((id) => [id, true] as const),
  ]);
};
