/** Plans side by side: what each takes, costs and leaves for later; one of them is taken up. */
import { moneyRange } from '@patient-edge/contract';
import { VARIANTS, type Compared } from '@patient-edge/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useBladeRates, usePrices } from '../api/hooks';
import { useCurrentJob } from '../jobs/current-job';
import { usePlanChoices, usePlanInput } from '../plan/use-plan-input';
import { Failed } from '../theme/failed';
import { fixed, mmNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Checkbox } from '../theme/checkbox';
import { Awaited, Row, Panel, MutedText, Stack } from '../theme/layout';
import { useCompared } from '../workers/use-compare';
import { MapSheet } from './map-sheet';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

const Table = styled.table`
  border-collapse: collapse;
  table-layout: fixed;
  width: 100%;
  & th,
  & td {
    text-align: right;
    padding: 7px 10px;
    border-top: 1px solid var(--line-soft);
    font-family: var(--figures);
    vertical-align: baseline;
  }
  & th {
    font-weight: 650;
  }
  & tbody th,
  & thead th:first-child {
    text-align: left;
    font-family: var(--text);
  }
  & small {
    display: block;
    color: var(--ink-soft);
    font: 400 14px var(--text);
  }
  & td[data-least] {
    background: var(--accent-soft);
    font-weight: 700;
  }
`;
const Pick = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
`;

const MOST = 5;
const FIRST = ['as chosen', 'keep', 'by-use', 'edge only'];

interface Row_ {
  readonly label: string;
  readonly unit: string;
  readonly value: (of: Compared) => number | null;
  readonly show: (of: Compared) => string;
  /** More is better: visits to come. */
  readonly isMore?: boolean;
}

const visits = (value: number | null): string => (value === null ? '–' : `${value}`);

const ROWS: readonly Row_[] = [
  {
    label: STRINGS.angle,
    unit: 'per side',
    value: () => null,
    show: (of) => `${fixed(of.angleDeg, 1)}°`,
  },
  {
    label: STRINGS.steel,
    unit: 'mm³',
    value: (of) => of.steelMm3,
    show: (of) => fixed(of.steelMm3, 1),
  },
  {
    label: STRINGS.heightLost,
    unit: 'mm',
    value: (of) => of.heightMm,
    show: (of) => mmNumber(of.heightMm, 2),
  },
  {
    label: STRINGS.minutes,
    unit: STRINGS.eightCasesOfTen,
    value: (of) => of.minutes[1],
    show: (of) =>
      `${Math.round(of.minutes[1])} (${Math.round(of.minutes[0])}–${Math.round(of.minutes[2])})`,
  },
  {
    label: STRINGS.thicknessAfter,
    unit: 'mm',
    value: (of) => of.behindEdgeMm,
    show: (of) => mmNumber(of.behindEdgeMm, 2),
  },
  {
    label: STRINGS.visitsUntilThinning,
    unit: STRINGS.likeThisOne,
    value: (of) => of.visitsToThinning,
    show: (of) => visits(of.visitsToThinning),
    isMore: true,
  },
  {
    label: STRINGS.visitsUntilSpent,
    unit: STRINGS.likeThisOne,
    value: (of) => of.visitsToEnd,
    show: (of) => visits(of.visitsToEnd),
    isMore: true,
  },
  {
    label: STRINGS.lastStone,
    unit: 'µm',
    value: () => null,
    show: (of) => (of.lastUm === null ? '–' : `${of.lastUm}`),
  },
  { label: STRINGS.stones, unit: '', value: () => null, show: (of) => of.stones.join(', ') },
];

const ComparePage = () => {
  const job = useCurrentJob();
  const navigate = useNavigate();
  const { choices, setChoices, isReady } = usePlanChoices(job);
  const input = usePlanInput(job, choices);
  const { data: prices, error: noPrices } = usePrices();
  const { data: rates, error: noRates } = useBladeRates(job.steel);
  // As on the plan: without rates the times are those of the model, without a list there is no price.
  const areTermsKnown =
    (rates !== undefined || noRates !== undefined) &&
    (prices !== undefined || noPrices !== undefined);
  const [ids, setIds] = useState<readonly string[]>(FIRST);
  const question = useMemo(
    () =>
      input && isReady && areTermsKnown
        ? { input, ids, terms: prices ?? null, rates: rates ?? null }
        : null,
    [input, isReady, ids, prices, rates, areTermsKnown],
  );
  const { answer: compared, error: failure, retry } = useCompared(question);
  const columns = (compared ?? []).filter(({ id }) => ids.includes(id));
  const take = (of: Compared): void => {
    setChoices(of.choices);
    void navigate(`/jobs/${job.id}/plan`);
  };
  return (
    <Stack $gap={16}>
      <Panel aria-label={STRINGS.plansSideBySide}>
        <Stack>
          <Row $gap={18} $align="baseline">
            <h2>{STRINGS.sideBySide}</h2>
            <QuietLink to={`/jobs/${job.id}/plan`}>{STRINGS.backToThePlan}</QuietLink>
          </Row>
          <Pick role="group" aria-label={STRINGS.plansToCompare}>
            {VARIANTS.map(({ id, label, text }) => (
              <Checkbox
                key={id}
                value={ids.includes(id)}
                onChange={(on) =>
                  setIds(on ? [...ids, id].slice(-MOST) : ids.filter((each) => each !== id))
                }
              >
                {label} <MutedText as="small">{text}</MutedText>
              </Checkbox>
            ))}
          </Pick>
          <MutedText>{STRINGS.twoToAtOnceTheLeast(MOST)}</MutedText>
          <Failed error={failure} retry={retry} />
          {!compared && failure === null ? (
            <Awaited role="status">{STRINGS.workingOutThePlans}</Awaited>
          ) : columns.length < 2 ? (
            compared && <p role="status">{STRINGS.chooseAtLeastTwo}</p>
          ) : (
            <ComparedTable columns={columns} currency={prices?.currency ?? null} onTake={take} />
          )}
        </Stack>
      </Panel>
      {input && areTermsKnown && (
        <MapSheet
          key={job.version}
          input={input}
          rates={rates ?? null}
          onPick={(angleDeg, finishUm) => {
            setChoices({ ...choices, angleDeg, finishUm: [finishUm, finishUm] });
            void navigate(`/jobs/${job.id}/plan`);
          }}
        />
      )}
    </Stack>
  );
};

interface ComparedTableProps {
  readonly columns: readonly Compared[];
  readonly currency: string | null;
  readonly onTake: (of: Compared) => void;
}

const SLACK = 1e-9;

const ComparedTable = ({ columns, currency, onTake }: ComparedTableProps) => {
  const bestOf = ({ value, isMore }: Row_): number | null => {
    const values = columns.flatMap((of) => (of.problem === null ? (value(of) ?? []) : []));
    const spread = Math.max(...values) - Math.min(...values);
    if (values.length < 2 || spread < SLACK) return null;
    return isMore ? Math.max(...values) : Math.min(...values);
  };
  return (
    <Table aria-label={STRINGS.plansSideBySide}>
      <thead>
        <tr>
          <td />
          {columns.map(({ id }) => (
            <th scope="col" key={id}>
              {VARIANTS.find((variant) => variant.id === id)!.label}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {ROWS.map((row) => {
          const best = bestOf(row);
          return (
            <tr key={row.label}>
              <th scope="row">
                {row.label} <small>{row.unit === 'mm' ? formats().length : row.unit}</small>
              </th>
              {columns.map((of) => (
                <td
                  key={of.id}
                  data-least={
                    best !== null && of.problem === null && row.value(of) === best ? '' : undefined
                  }
                >
                  {of.problem === null ? row.show(of) : '–'}
                </td>
              ))}
            </tr>
          );
        })}
        {currency !== null && (
          <tr>
            <th scope="row">
              {STRINGS.price} <small>{STRINGS.byTheList}</small>
            </th>
            {columns.map((of) => (
              <td key={of.id}>
                {of.price ? moneyRange(of.price.lowMinor, of.price.highMinor, currency) : '–'}
              </td>
            ))}
          </tr>
        )}
        <tr>
          <th scope="row">{STRINGS.choose}</th>
          {columns.map((of) => (
            <td key={of.id}>
              {of.problem === null ? (
                <QuietButton
                  aria-label={STRINGS.chooseThisPlan(
                    VARIANTS.find(({ id }) => id === of.id)!.label,
                  )}
                  onPress={() => onTake(of)}
                >
                  {STRINGS.useThisPlan}
                </QuietButton>
              ) : (
                <small>{of.problem}</small>
              )}
            </td>
          ))}
        </tr>
      </tbody>
    </Table>
  );
};

export default ComparePage;
