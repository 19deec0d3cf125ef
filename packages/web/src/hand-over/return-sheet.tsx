/** What goes home with the blade: angle, lifts, stones, tests before and after, care. Printable on one page. */
import type { Job } from '@patient-edge/contract';
import {
  bladeKind,
  careAdvice,
  EDGE_TESTS,
  medianGf,
  ofSide,
  sidesAlike,
  ZONES,
  type EdgeReadings,
  type PlanStep,
  textOf,
} from '@patient-edge/core';
import styled from 'styled-components';
import { useSteels } from '../api/hooks';
import { useSession } from '../api/session';
import { EdgeLifts } from '../instruments/edge-lifts';
import { Silhouette } from '../instruments/silhouette';
import { dayAndYear, duration, fixed } from '../theme/format';
import { Panel, MutedText, Stack } from '../theme/layout';

const Paper = styled(Panel)`
  @media print {
    border: none;
    padding: 0;
  }
`;
const Title = styled.header`
  display: flex;
  justify-content: space-between;
  gap: 20px;
  align-items: end;
  border-bottom: 2px solid var(--ink);
  padding-bottom: 8px;
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 16px 28px;
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;
const Big = styled.p`
  font: 650 26px/1.2 var(--figures);
  & small {
    font: 500 18px/1 var(--text);
  }
`;

/** What a customer is told of: not the water of the stones, the tape, or a look in between. */
const UNTOLD: readonly PlanStep['operation'][] = ['ready', 'protect', 'test', 'wash'];

export const ReturnSheet = ({ job }: { job: Job }) => {
  const { data: session } = useSession();
  const kind = bladeKind(job.measures.kindId);
  const steel = useSteels()?.find(({ designation }) => designation === job.steel);
  const { plan } = job;
  const declined = job.declineReason !== null;
  const worked = job.steps.filter(({ status, superseded }) => status === 'done' && !superseded);
  const edge = worked.find(({ step }) => step.operation === 'edge' && step.lifts.length > 0)?.step;
  const before = job.tests.find(({ phase }) => phase === 'before')?.readings;
  const after = job.tests.findLast(({ phase }) => phase === 'after')?.readings;
  return (
    <Paper aria-label="Sheet for the customer">
      <Stack $gap={16}>
        <Title>
          <div>
            <h2>{job.blade.name || kind.label}</h2>
            <MutedText>
              {job.customer.name} · tag {job.tagNumber} · {job.steel}
            </MutedText>
          </div>
          <MutedText>
            {session?.shopName} · {dayAndYear(job.returnedAt ?? new Date().toISOString())}
          </MutedText>
        </Title>
        {declined && (
          <p>
            <b>Returned without sharpening:</b> {job.declineReason}
          </p>
        )}
        <Silhouette
          measures={job.measures}
          scale={1.1}
          title={`${kind.label}, edge ${job.measures.edgeLengthMm} mm`}
        />
        <Two>
          <Stack $gap={8}>
            <h3>Angle</h3>
            {declined && worked.length === 0 ? (
              <p>Not sharpened: the edge is as it came.</p>
            ) : plan ? (
              <>
                <Big>
                  {edge && !sidesAlike(edge) ? (
                    edge.sides.map(({ side, angleDeg }) => (
                      <span key={side}>
                        {fixed(angleDeg ?? 0, 1)}° <small>{ofSide(side)} </small>
                      </span>
                    ))
                  ) : (
                    <>
                      {fixed(plan.angleDeg, 1)}° <small>per side</small>
                    </>
                  )}
                </Big>
                <p>
                  {fixed(plan.figures.angleInclusive.value, 1)}° inclusive; came with{' '}
                  {fixed(plan.figures.presentAngle.value, 1)}° per side
                </p>
                <p>{plan.outlineVerdict}</p>
              </>
            ) : (
              <p>Touched up only: the angle stays as it came.</p>
            )}
            {edge && <EdgeLifts step={edge} />}
          </Stack>
          <Stack $gap={8}>
            <h3>What was done</h3>
            <table>
              <tbody>
                {worked
                  .filter(({ step }) => !UNTOLD.includes(step.operation))
                  .map((record) => (
                    <tr key={record.id}>
                      <td>
                        {textOf(record.step.title)}
                        {record.overrideReason !== null &&
                          ` (left early: ${record.overrideReason})`}
                      </td>
                      <td>
                        {record.strokesRight + record.strokesLeft > 0 &&
                          `${record.strokesRight} + ${record.strokesLeft}`}
                      </td>
                      <td>{duration(record.workedSeconds)}</td>
                    </tr>
                  ))}
              </tbody>
            </table>
            {worked.length === 0 && (
              <p>{declined ? 'Nothing: the blade is returned as it came.' : 'Nothing yet.'}</p>
            )}
          </Stack>
        </Two>
        <Stack $gap={6}>
          <h3>Tests</h3>
          <table>
            <thead>
              <tr>
                <th scope="col">Zone</th>
                <th scope="col">As it came</th>
                <th scope="col">As it leaves</th>
              </tr>
            </thead>
            <tbody>
              {ZONES.map((zone) => (
                <tr key={zone}>
                  <th scope="row">{zone}</th>
                  <td>{inWords(before, zone)}</td>
                  <td>{inWords(after, zone)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Stack>
        {job.holding !== '' && (
          <p>
            <b>Angle held by:</b> {job.holding}
          </p>
        )}
        {job.remarks !== '' && (
          <p>
            <b>Noted, not repaired:</b> {job.remarks}
          </p>
        )}
        {steel && !declined && (
          <Stack $gap={6}>
            <h3>Care</h3>
            <ul>
              {careAdvice(kind, steel, plan?.choices.practice.rod).map((line) => (
                <li key={line}>· {line}</li>
              ))}
            </ul>
          </Stack>
        )}
      </Stack>
    </Paper>
  );
};

/** What was read in a zone, the figure first, each test by its name. */
const inWords = (readings: EdgeReadings | undefined, zone: (typeof ZONES)[number]): string => {
  if (!readings) return 'not tested';
  const { classes, forceGf } = readings[zone];
  const median = medianGf(forceGf);
  const { light, ...others } = classes;
  const parts = [
    median === null ? null : `${median} gf`,
    ...EDGE_TESTS.map(({ id, label }) => {
      const read = id === 'light' ? undefined : others[id];
      return read === undefined ? null : `${label.toLowerCase()}: ${read}`;
    }),
    light === undefined ? null : light === 'glint' ? 'glints in light' : 'no glint',
  ].filter((part) => part !== null);
  return parts.length > 0 ? parts.join(', ') : 'not tested';
};
