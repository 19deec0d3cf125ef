/** How the sizes of a machine are called. */
import type { MachineSizes } from '@patient-edge/core';

export const SIZE_LABELS: Readonly<Record<keyof MachineSizes, string>> = {
  sagRadiusMm: 'Radius of the sag, mm',
  wheelDiameterMm: 'Diameter of the wheel, mm',
  pivotReachMm: 'Edge to pivot, mm',
  rodToFaceMm: 'Rod to face of the stone, mm',
  stoneForRodMm: 'Thickness of that stone, mm',
  railOffsetMm: 'Rail to the centre plane, mm',
  shimMm: 'One shim, mm',
  speedMPerS: 'Speed, m/s',
};
export const SIZE_NAMES = Object.keys(SIZE_LABELS) as (keyof MachineSizes)[];
