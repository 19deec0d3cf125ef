import { ZONES, type Zone } from '../geometry';
import type { Use } from '../blade';
import { FORCE_READINGS_WANTED, medianGf, mustRepeat, type EdgeReadings } from './tests';

export const VERDICTS = ['meets', 'meets with remarks', 'not tested', 'back to the bench'] as const;
export type Verdict = (typeof VERDICTS)[number];

export interface ZoneVerdict {
  readonly zone: Zone;
  readonly verdict: Verdict;
  readonly reasons: readonly string[];
}

export interface BladeVerdict {
  readonly verdict: Verdict;
  readonly zones: readonly ZoneVerdict[];
}

/** Just above the target a reading passes with a remark. */
const REMARK_MARGIN = 1.1;
/** A target at or below this wants a fine edge: catching paper is then a fault. */
const FINE_TARGET_GF = 180;

const judgeZone = (zone: Zone, readings: EdgeReadings, use: Use): ZoneVerdict => {
  const { light, paper, forceGf } = readings[zone];
  const notDone: string[] = [];
  const remarks: string[] = [];
  const faults: string[] = [];
  if (light === null) notDone.push('light: not done');
  else if (light === 'glint') faults.push('light: a glint, the apex is missing or rolled');
  if (paper === null) notDone.push('paper: not done');
  else if (paper === 'tears') faults.push('paper: tears');
  else if (paper === 'catches') {
    (use.targetForceGf <= FINE_TARGET_GF ? faults : remarks).push('paper: catches');
  }
  const median = medianGf(forceGf);
  if (median === null || forceGf.length < FORCE_READINGS_WANTED) {
    notDone.push(`cut force: ${forceGf.length} of ${FORCE_READINGS_WANTED} readings`);
  } else if (mustRepeat(forceGf)) {
    notDone.push(
      'cut force: the readings spread over more than a third of their median, repeat them',
    );
  } else if (median > use.targetForceGf * REMARK_MARGIN) {
    faults.push(`cut force: ${median} gf, wanted at most ${use.targetForceGf} gf`);
  } else if (median > use.targetForceGf) {
    remarks.push(`cut force: ${median} gf, just above ${use.targetForceGf} gf`);
  }
  const reasons = [...faults, ...notDone, ...remarks];
  if (faults.length > 0) return { zone, verdict: 'back to the bench', reasons };
  if (notDone.length > 0) return { zone, verdict: 'not tested', reasons };
  return { zone, verdict: remarks.length > 0 ? 'meets with remarks' : 'meets', reasons };
};

/** The blade is as good as its worst zone. */
export const judgeEdge = (readings: EdgeReadings, use: Use): BladeVerdict => {
  const zones = ZONES.map((zone) => judgeZone(zone, readings, use));
  const worst = zones.reduce((rank, { verdict }) => Math.max(rank, VERDICTS.indexOf(verdict)), 0);
  return { verdict: VERDICTS[worst]!, zones };
};
