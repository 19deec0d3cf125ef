/** The bench's own rates: what stone, steel and person do to the time a step takes, and how sure that is. */
import type { LearnedSheet, NamedEffect, RatesSheet } from '@patient-edge/contract';
import type { RateRole } from '@patient-edge/core';
import { Fragment } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useRates } from '../api/hooks';
import { useMay } from '../api/may';
import { NumbersNav } from '../money/numbers-nav';
import { QuietButton } from '../theme/buttons';
import { fixed } from '../theme/format';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { useRun } from '../theme/use-run';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const Z90 = 1.2816;
/** Of the picture of a factor: half to double, to the ends of it. */
const WIDTH = 180;
const HEIGHT = 24;
const ENDS = Math.log(2.5);
const xOf = (log: number): number =>
  WIDTH / 2 + (WIDTH / 2 - 6) * Math.max(-1, Math.min(1, log / ENDS));

const Effects = styled.table`
  & td {
    vertical-align: middle;
  }
  & td > ${Figures} {
    white-space: nowrap;
  }
  & td:nth-child(2) {
    width: ${WIDTH + 20}px;
  }
  & svg {
    display: block;
    width: 100%;
    min-width: 72px;
  }
  @media (max-width: 700px) {
    & td:nth-child(4),
    & th:nth-child(4) {
      display: none;
    }
    & td:nth-child(2) {
      width: 34%;
    }
  }
`;

/** A dot on a scale of ratios, and the range around it. */
const FactorMark = ({ effect }: { effect: NamedEffect }) => {
  const { mean, sd } = effect;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      <path
        d={`M${xOf(-Math.LN2)} 8v8M${WIDTH / 2} 3v18M${xOf(Math.LN2)} 8v8M6 12H${WIDTH - 6}`}
        stroke="var(--line)"
        fill="none"
      />
      <path
        d={`M${xOf(mean - Z90 * sd)} 12H${xOf(mean + Z90 * sd)}`}
        stroke="var(--accent)"
        strokeWidth={5}
        opacity={0.45}
      />
      <circle cx={xOf(mean)} cy={12} r={5} fill="var(--accent)" />
    </svg>
  );
};

const factorText = (log: number): string => fixed(Math.exp(log), 2);

const ROLES: readonly (readonly [RateRole, string])[] = [
  ['abrasive', STRINGS.stone],
  ['steel', STRINGS.steel],
  ['person', STRINGS.person],
];

interface LearnedPanelProps {
  readonly title: string;
  readonly sheet: LearnedSheet;
  /** Leaves a person out; null for who may not. */
  readonly onLeaveOut: ((id: string) => void) | null;
}

const LearnedPanel = ({ title, sheet, onLeaveOut }: LearnedPanelProps) => (
  <Panel aria-label={title}>
    <Stack>
      <Row $gap={18} $align="baseline">
        <h2>{title}</h2>
        <MutedText>
          {STRINGS.fromSteps(sheet.records, Math.round(100 * (Math.exp(sheet.noiseSd) - 1)))}
        </MutedText>
      </Row>
      <Effects>
        {ROLES.map(([role, name]) => (
          <Fragment key={role}>
            <thead>
              <tr>
                <th scope="col">{name}</th>
                <th scope="col">{STRINGS.timesAsLong}</th>
                <th scope="col">
                  <span className="unseen">{STRINGS.timesAsLong}</span>
                </th>
                <th scope="col">{STRINGS.range}</th>
                <th scope="col">{STRINGS.steps}</th>
              </tr>
            </thead>
            <tbody>
              {sheet.effects[role].map((effect) => (
                <tr key={effect.id}>
                  <td>
                    {effect.name}
                    {role === 'person' && onLeaveOut && (
                      <>
                        {' '}
                        <QuietButton
                          aria-label={STRINGS.leaveOut(effect.name)}
                          onPress={() => onLeaveOut(effect.id)}
                        >
                          {STRINGS.leaveOutAlone}
                        </QuietButton>
                      </>
                    )}
                  </td>
                  <td>
                    <FactorMark effect={effect} />
                  </td>
                  <td>
                    <Figures>{factorText(effect.mean)}</Figures>
                  </td>
                  <td>
                    <Figures>
                      {STRINGS.fromTo(
                        factorText(effect.mean - Z90 * effect.sd),
                        factorText(effect.mean + Z90 * effect.sd),
                      )}
                    </Figures>
                  </td>
                  <td>
                    <Figures>{effect.records}</Figures>
                  </td>
                </tr>
              ))}
            </tbody>
          </Fragment>
        ))}
      </Effects>
    </Stack>
  </Panel>
);

const RatesPage = () => {
  const { data: rates, error } = useRates();
  const mayLeaveOut = useMay('change people');
  const { problem, run } = useRun();
  const setTeaches = (id: string, teaches: boolean): void =>
    void run(async () => {
      await mutate('/rates', await request<RatesSheet>('PUT', `/rates/people/${id}`, { teaches }), {
        revalidate: false,
      });
    });
  const leaveOut = mayLeaveOut ? (id: string) => setTeaches(id, false) : null;
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.rates} />
        {!rates ? (
          <Waiting error={error} text={STRINGS.loadingRates} />
        ) : (
          <>
            <MutedText>
              {STRINGS.whatRatesAre} {STRINGS.countsAs}
            </MutedText>
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            {rates.leftOut.length > 0 && (
              <Notice>
                <Row>
                  <span>{STRINGS.leftOut}</span>
                  {rates.leftOut.map(({ id, name }) =>
                    mayLeaveOut ? (
                      <QuietButton key={id} onPress={() => setTeaches(String(id), true)}>
                        {STRINGS.count(name)}
                      </QuietButton>
                    ) : (
                      <b key={id}>{name}</b>
                    ),
                  )}
                </Row>
              </Notice>
            )}
            {rates.byHand.records + rates.byMachine.records === 0 && (
              <Notice>{STRINGS.nothingYet}</Notice>
            )}
            {rates.byHand.records > 0 && (
              <LearnedPanel title={STRINGS.byHand} sheet={rates.byHand} onLeaveOut={leaveOut} />
            )}
            {rates.byMachine.records > 0 && (
              <LearnedPanel
                title={STRINGS.byMachine}
                sheet={rates.byMachine}
                onLeaveOut={leaveOut}
              />
            )}
          </>
        )}
      </Stack>
    </>
  );
};

export default RatesPage;
