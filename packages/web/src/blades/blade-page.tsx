/** The blade's record over its visits: what makes the next one quick. */
import { bladeKind, named } from '@patient-edge/core';
import { Suspense } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { Link, useParams } from 'react-router';
import { useBlade } from '../api/hooks';
import { LiftLadder } from '../instruments/lift-ladder';
import { Silhouette } from '../instruments/silhouette';
import { dayAndYear, duration, fixed, inUnits, mmNumber, mmTyped } from '../theme/format';
import { ActionLink } from '../theme/links';
import { Awaited, Figures, Row, Panel, MutedText, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

/** Charts come where there are years to draw. */
const YearsPanel = lazyPart(async () => ({
  default: (await import('../record/years-panel')).YearsPanel,
}));
/** Fewer make no line. */
const LEAST_VISITS = 3;

const BladePage = () => {
  const { bladeId = '' } = useParams();
  const { data: record, error } = useBlade(bladeId);
  if (!record) {
    return <Waiting error={error} text={STRINGS.loadingRecord} />;
  }
  const { blade, customer, visits, lastJob } = record;
  const kind = bladeKind(blade.measures.kindId);
  const lifts = lastJob?.steps.find(({ step }) => step.lifts.length > 0)?.step.lifts;
  const here = visits.find(({ stage }) => stage !== 'returned');
  const number = (value: number | null, digits: number): string =>
    value === null ? '–' : fixed(value, digits);
  return (
    <Stack $gap={18}>
      <Row $gap={22} $align="end">
        <div style={{ flex: 1, minWidth: 260 }}>
          <PageHeading title={blade.name || kind.label} />
          <MutedText>
            <Link to={`/customers/${customer.id}`}>{customer.name}</Link> · {kind.label} ·{' '}
            {blade.steel} ·{' '}
            <Link to={`/history?subject=blade&subjectId=${blade.id}`}>{STRINGS.history}</Link>
          </MutedText>
        </div>
        {here ? (
          <ActionLink to={`/jobs/${here.jobId}`}>
            {STRINGS.itIsHereOnTag(here.tagNumber)}
          </ActionLink>
        ) : (
          <ActionLink to={`/take-in?blade=${blade.id}`}>{STRINGS.takeItInAgain}</ActionLink>
        )}
      </Row>
      <Panel>
        <Silhouette
          measures={blade.measures}
          scale={1.6}
          title={STRINGS.edge(kind.label, mmTyped(blade.measures.edgeLengthMm))}
        />
      </Panel>
      {lastJob?.plan && lifts && (
        <Panel>
          <Stack>
            <h2>
              {STRINGS.lastSetAtPerSideInclusive(
                fixed(lastJob.plan.angleDeg, 1),
                fixed(lastJob.plan.figures.angleInclusive.value, 1),
              )}
            </h2>
            {lastJob.holding !== '' && <p>{STRINGS.heldBy(lastJob.holding)}</p>}
            <LiftLadder lifts={lifts} />
          </Stack>
        </Panel>
      )}
      {visits.length >= LEAST_VISITS && (
        <Suspense fallback={<Awaited />}>
          <YearsPanel record={record} />
        </Suspense>
      )}
      <Panel>
        <Stack>
          <h2>{STRINGS.visits}</h2>
          <table>
            <thead>
              <tr>
                <th scope="col">{STRINGS.takenIn}</th>
                <th scope="col">{STRINGS.stage}</th>
                <th scope="col">{STRINGS.perSide}</th>
                <th scope="col">{inUnits(STRINGS.heelMm)}</th>
                <th scope="col">{inUnits(STRINGS.behindEdgeMm)}</th>
                <th scope="col">{STRINGS.steel}</th>
                <th scope="col">{STRINGS.time}</th>
                <th scope="col">{STRINGS.forceGf}</th>
                <th scope="col">{STRINGS.stones}</th>
              </tr>
            </thead>
            <tbody>
              {visits.map((visit) => (
                <tr key={visit.jobId}>
                  <td>
                    <Link to={`/jobs/${visit.jobId}/return`}>{dayAndYear(visit.takenInAt)}</Link>
                  </td>
                  <td>{named(visit.stage)}</td>
                  <td>
                    <Figures>
                      {visit.anglePerSideDeg === null ? '–' : `${fixed(visit.anglePerSideDeg, 1)}°`}
                    </Figures>
                  </td>
                  <td>
                    <Figures>{mmNumber(visit.measures.heightHeelMm, 1)}</Figures>
                  </td>
                  <td>
                    <Figures>{mmNumber(visit.measures.thicknessBehindEdgeMm, 2)}</Figures>
                  </td>
                  <td>
                    <Figures>{number(visit.steelLostMm3, 1)}</Figures>
                  </td>
                  <td>
                    <Figures>
                      {visit.workedSeconds > 0 ? duration(visit.workedSeconds) : '–'}
                    </Figures>
                  </td>
                  <td>
                    <Figures>
                      {number(visit.forceBeforeGf, 0)} → {number(visit.forceAfterGf, 0)}
                    </Figures>
                  </td>
                  <td>{visit.stones.join(', ') || '–'}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Stack>
      </Panel>
    </Stack>
  );
};

export default BladePage;
