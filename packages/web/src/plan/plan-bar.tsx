/** Always in sight while a plan is made: its angle, time, stones and price, what warns, and its approval. */
import { money } from '@patient-edge/contract';
import { estimateFactsOf, toldPrice, type PlanInput } from '@patient-edge/core';
import { memo } from 'react';
import styled from 'styled-components';
import { usePrices } from '../api/hooks';
import { fixed, roughly } from '../theme/format';
import { ApprovePlan } from './approve-plan';
import type { SheetProps } from './sheet-props';
import { useLearnedTimes } from './use-learned-times';
import { STRINGS } from './strings';

const Bar = styled.section`
  position: sticky;
  inset-block-end: 0;
  z-index: 3;
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, auto);
  gap: 8px 24px;
  align-items: end;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-block-start: 3px solid var(--ink);
  padding: 10px 18px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
    padding: 8px 14px;
  }
  @media print {
    display: none;
  }
`;
const Short = styled.dl`
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  & dt {
    font-size: 13px;
    color: var(--ink-soft);
  }
  & dd {
    margin: 0;
    font: 600 17px/1.35 var(--figures);
  }
  & dd small {
    font: 500 14px/1 var(--text);
    color: var(--ink-soft);
  }
  & .names {
    max-inline-size: 270px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  @media (max-width: 560px) {
    gap: 0 18px;
    /* A telephone has room for what decides. */
    & .less {
      display: none;
    }
  }
`;

interface PlanBarProps extends SheetProps {
  readonly rack: PlanInput['rack'];
  /** What is settled is what is chosen now, not what is drawn. */
  readonly choicesNow: Parameters<typeof ApprovePlan>[0]['choicesNow'];
}

export const PlanBar = memo(
  ({ job, plan, rack, choicesNow }: Omit<PlanBarProps, 'onChoices' | 'choices'>) => {
    const { data: prices } = usePrices();
    const { steps, problem } = plan.work;
    const times = useLearnedTimes(job, plan, rack);
    const { p10Seconds, p50Seconds, p90Seconds } = times.total;
    const stones = new Set(
      steps.flatMap(({ stoneId }) => rack.find(({ id }) => id === stoneId)?.name ?? []),
    );
    const price =
      prices &&
      toldPrice(
        prices,
        estimateFactsOf(job, plan, times.records && times.total),
        times.records ? p50Seconds : plan.report.figures.workingTime.value,
      );
    const warnings = plan.report.warnings.length + plan.progression.advice.length;
    return (
      <Bar aria-label={STRINGS.thePlanInShort}>
        <Short>
          <div>
            <dt>{STRINGS.angle}</dt>
            <dd>
              {fixed(plan.angle.angleDeg, 1)}° <small>{STRINGS.perSideWithin}</small>
            </dd>
          </div>
          <div>
            <dt>{STRINGS.time}</dt>
            <dd>
              {steps.length === 0 ? (
                '–'
              ) : (
                <>
                  {roughly(p50Seconds)}{' '}
                  <small>
                    {STRINGS.roughlyToRoughly2(roughly(p10Seconds), roughly(p90Seconds))}
                  </small>
                </>
              )}
            </dd>
          </div>
          {price && steps.length > 0 && (
            <div>
              <dt>{STRINGS.price}</dt>
              <dd>
                {money(price.likelyMinor, prices.currency)}{' '}
                <small>{STRINGS.atMost(money(price.mostMinor, prices.currency))}</small>
              </dd>
            </div>
          )}
          {warnings > 0 && (
            <div className="less">
              <dt>{STRINGS.warnings}</dt>
              <dd>{warnings}</dd>
            </div>
          )}
          <div className="less">
            <dt>{STRINGS.steps}</dt>
            <dd className="names">
              {steps.length} <small>{STRINGS.onStones([...stones].join(', '))}</small>
            </dd>
          </div>
        </Short>
        <ApprovePlan
          job={job}
          plan={plan}
          choicesNow={choicesNow}
          problem={problem?.message ?? null}
        />
      </Bar>
    );
  },
);
PlanBar.displayName = 'PlanBar';
