import { ZONES, type Zone } from '../geometry';
import type { Use } from '../blade';
import type { Operation } from '../plan/steps';
import { medianGf, type EdgeReadings } from './tests';

export interface FoundFault {
  readonly sign: string;
  readonly cause: string;
  readonly remedy: string;
  readonly backTo: Operation;
  readonly zones: readonly Zone[];
}

const glinting = (readings: EdgeReadings): Zone[] =>
  ZONES.filter((zone) => readings[zone].light === 'glint');
const badPaper = (readings: EdgeReadings): Zone[] =>
  ZONES.filter((zone) => readings[zone].paper === 'catches' || readings[zone].paper === 'tears');
const aboveTarget = (readings: EdgeReadings, use: Use): Zone[] =>
  ZONES.filter((zone) => (medianGf(readings[zone].forceGf) ?? 0) > use.targetForceGf * 1.1);

interface FaultRule extends Omit<FoundFault, 'zones'> {
  readonly zones: (readings: EdgeReadings, use: Use) => readonly Zone[];
}

const RULES: readonly FaultRule[] = [
  {
    sign: 'Glint all along',
    cause: 'The angle is below the bevel’s shoulder: the shoulder was ground, not the apex.',
    remedy: 'Marker test, then correct the angle or the lift.',
    backTo: 'edge',
    zones: (readings) => (glinting(readings).length === ZONES.length ? ZONES : []),
  },
  {
    sign: 'Glint along a zone',
    cause: 'The apex was not reached there: angle too low, or too few strokes.',
    remedy: 'First stone, that zone only; marker test.',
    backTo: 'edge',
    zones: (readings) => {
      const zones = glinting(readings);
      return zones.length < ZONES.length ? zones : [];
    },
  },
  {
    sign: 'Paper catches or tears, and no glint',
    cause: 'A burr is left there.',
    remedy: 'Deburr there: no pressure, alternating, edge-leading; then strop.',
    backTo: 'deburr',
    zones: (readings) => badPaper(readings).filter((zone) => readings[zone].light !== 'glint'),
  },
  {
    sign: 'Clean, but the force is too high',
    cause: 'Stopped early, or the last step was left before its scratches were even.',
    remedy: 'Last stone again, light, until the pattern is even; then deburr and strop.',
    backTo: 'refine',
    zones: (readings, use) =>
      aboveTarget(readings, use).filter(
        (zone) => readings[zone].light !== 'glint' && readings[zone].paper === 'cuts clean',
      ),
  },
];

/** The faults seen, those that send the blade back furthest first. */
export const findFaults = (readings: EdgeReadings, use: Use): FoundFault[] =>
  RULES.flatMap(({ zones, ...rule }) => {
    const found = zones(readings, use);
    return found.length > 0 ? [{ ...rule, zones: found }] : [];
  });
