/** What the years of a blade say on paper. */
import { dayAndYearText, type BladeRecord } from '@patient-edge/contract';
import {
  bladeKind,
  thinningWeighed,
  yearSeries,
  type ReadUnits,
  type VisitMeasured,
  type YearSeries,
} from '@patient-edge/core';
import type { YearsPaper } from './draw-years';
import { STRINGS } from './strings';

const said = ({ of, trend }: YearSeries): string | null => {
  const year = trend.reachesOn?.slice(0, 4);
  if (of === 'height') {
    const falls = (-trend.perYear).toFixed(1);
    return (
      (Number(falls) > 0 ? STRINGS.heightFalls(falls) : STRINGS.heightStands) +
      (year === undefined ? '' : STRINGS.spentIn(year))
    );
  }
  if (of !== 'behind the edge') return null;
  const change = Math.abs(trend.perYear).toFixed(3);
  return (
    (trend.perYear >= 0 ? STRINGS.thickens(change) : STRINGS.thinner(change)) +
    (year === undefined ? '' : STRINGS.thinIn(year))
  );
};

export const yearsPaper = (
  { blade, customer, visits, lastJob }: Omit<BladeRecord, 'wish'>,
  shopLines: readonly string[],
  formats: ReadUnits & Parameters<typeof dayAndYearText>[1],
): YearsPaper => {
  const kind = bladeKind(blade.measures.kindId);
  const inOrder = [...visits].reverse().map((visit) => ({
    at: visit.takenInAt,
    measures: visit.measures,
    rimMm: visit.rimMm,
    ridgeMm: visit.ridgeMm,
    day: dayAndYearText(visit.takenInAt, formats),
    angle: visit.anglePerSideDeg === null ? '–' : `${visit.anglePerSideDeg.toFixed(1)}°`,
  })) satisfies VisitMeasured[];
  const weighed = thinningWeighed(inOrder);
  return {
    title: STRINGS.theYearsOf(blade.name || kind.label),
    under: [customer.name, kind.label, blade.steel].filter(Boolean).join(', '),
    shopLines,
    units: formats,
    visits: inOrder,
    says: [
      ...yearSeries(inOrder, lastJob?.useId ?? kind.usual.use).flatMap(
        (series) => said(series) ?? [],
      ),
      ...(weighed
        ? [
            STRINGS.thinned(
              weighed.thinEachTime.behindEdgeMm.toFixed(2),
              (weighed.thinEachTime.steelMm3 - weighed.edgeOnly.steelMm3).toFixed(0),
            ),
          ]
        : []),
    ],
  };
};
