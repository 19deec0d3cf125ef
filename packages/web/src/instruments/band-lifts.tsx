/** Lift of the spine band by band, where a thinning is worked at one angle after another, from the edge up. */
import { bandText, type StepBand } from '@patient-edge/core';
import styled from 'styled-components';
import { inUnits, mmNumber } from '../theme/format';
import { STRINGS } from './strings';

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  & th,
  & td {
    text-align: right;
    padding: 5px 8px;
    border-top: 1px solid var(--line);
    vertical-align: baseline;
  }
  & th {
    font: 400 16px/1.2 var(--text);
    color: var(--ink-soft);
  }
  & thead th {
    border-top: none;
  }
  & tr > th:first-child {
    text-align: left;
    padding-left: 0;
  }
  & tbody th {
    color: var(--ink);
    font-weight: 600;
  }
  & td {
    font: 650 23px/1.2 var(--figures);
  }
`;

interface Place {
  readonly at: string;
  readonly liftMm: number | null;
}
const placesOf = ({ lifts, stationLifts }: StepBand): readonly Place[] =>
  stationLifts.length > 0
    ? stationLifts.map(({ sMm, liftMm }) => ({ at: mmNumber(sMm, 0), liftMm }))
    : lifts.map(({ zone, liftMm }) => ({ at: zone, liftMm }));

/** A low band may not reach everywhere: there the blade lies on its face already. */
const liftAt = (band: StepBand, place: string): string => {
  const lift = placesOf(band).find(({ at }) => at === place)?.liftMm ?? null;
  return lift === null ? '–' : mmNumber(lift, 1);
};

export const BandLifts = ({ bands }: { bands: readonly StepBand[] }) => (
  <Table aria-label={STRINGS.liftOfTheSpineBandBy}>
    <thead>
      <tr>
        <th scope="col">{inUnits(STRINGS.liftMm)}</th>
        {placesOf(bands[0]!).map(({ at }) => (
          <th scope="col" key={at}>
            {at}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {bands.map((band) => (
        <tr key={band.fromMm}>
          <th scope="row">{bandText(band)}</th>
          {placesOf(bands[0]!).map(({ at }) => (
            <td key={at}>{liftAt(band, at)}</td>
          ))}
        </tr>
      ))}
    </tbody>
  </Table>
);
