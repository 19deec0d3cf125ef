/** What it will cost: from the price list, changed by hand, agreed with the customer by name. */
import {
  moneyRange,
  toMinor,
  toRack,
  typedMoney,
  type Job,
  type PriceList,
  canDo,
} from '@patient-edge/contract';
import {
  estimate,
  estimateFactsOf,
  learnedTimes,
  totalOf,
  type BladePlan,
  type EstimateLine,
  type TimeQuantiles,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button } from 'react-aria-components/Button';
import styled from 'styled-components';
import { updateJobCache, useBladeRates, usePrices, useStones } from '../api/hooks';
import { writeJob } from '../api/job-writes';
import { useUndo } from '../theme/undo';
import { moment, parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { useSend } from './use-send';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Lines = styled.ol`
  display: grid;
  gap: 8px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 120px 120px 44px;
    gap: 10px;
    align-items: end;
  }
  @media (max-width: 600px) {
    & > li {
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 44px;
    }
    & > li > :first-child {
      grid-column: 1 / -1;
    }
  }
  & button {
    min-height: 44px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
`;
const Total = styled.p`
  font: 650 22px/1.2 var(--figures);
`;

interface TypedLine {
  readonly label: string;
  readonly low: string;
  readonly high: string;
}

interface EstimateSheetProps {
  readonly job: Job;
  readonly plan: BladePlan | null;
}

export const EstimateSheet = ({ job, plan }: EstimateSheetProps) => {
  const { data: list } = usePrices();
  if (!list) return null;
  return <Estimated job={job} plan={plan} list={list} />;
};

/** By the bench's own rates; null where there are none, or no plan yet. */
const useTimes = (job: Job, plan: BladePlan | null): TimeQuantiles | null => {
  const { data: rates } = useBladeRates(job.steel);
  const { data: stones } = useStones();
  return useMemo(
    () => (plan && rates && stones ? learnedTimes(plan, toRack(stones), rates).total : null),
    [plan, rates, stones],
  );
};

const Estimated = ({ job, plan, list }: EstimateSheetProps & { list: PriceList }) => {
  const { currency } = list;
  const { busy, problem, send } = useSend(job);
  const fresh = estimate(list, estimateFactsOf(job, plan, useTimes(job, plan)));
  const asTyped = (lines: readonly EstimateLine[]): TypedLine[] =>
    lines.map(({ label, lowMinor, highMinor }) => ({
      label,
      low: typedMoney(lowMinor, currency),
      high: typedMoney(highMinor, currency),
    }));
  const offerUndo = useUndo();
  const [changed, setChanged] = useStored<readonly TypedLine[] | null>(`estimate ${job.id}`, null);
  const [name, setName] = useState(job.customer.name);
  const [wrong, setWrong] = useState<string | null>(null);
  const lines = changed ?? asTyped(job.estimate?.lines ?? fresh);
  const amounts = lines.map(({ label, low, high }): EstimateLine | null => {
    const [from, to] = [parseNumber(low), parseNumber(high)];
    return from === null || to === null
      ? null
      : { label, lowMinor: toMinor(from, currency), highMinor: toMinor(to, currency) };
  });
  const whole = amounts.filter((line): line is EstimateLine => line !== null);
  const total = totalOf(whole);
  const set = (index: number, part: Partial<TypedLine>): void =>
    setChanged(lines.map((line, at) => (at === index ? { ...line, ...part } : line)));
  const keep = async (agreedBy: string | null): Promise<void> => {
    const bad = amounts.findIndex((line) => line === null);
    if (bad >= 0) {
      setWrong(STRINGS.lineToIsNoPrice(bad + 1, lines[bad]!.low, lines[bad]!.high));
      return;
    }
    setWrong(null);
    if (!(await send('PUT', '/estimate', { lines: whole, agreedBy }))) return;
    setChanged(null);
    if (agreedBy === null) return;
    const before = job.estimate;
    offerUndo(STRINGS.thePriceIsAgreed, async () => {
      const held = await writeJob({
        jobId: job.id,
        method: 'PUT',
        path: '/estimate',
        version: job.version,
        body: { lines: before?.lines ?? whole, agreedBy: before?.agreedBy ?? null },
      });
      await updateJobCache(held);
    });
  };
  const closed = !canDo(job, 'estimate');
  if (list.prices.length === 0 && lines.length === 0) {
    return (
      <Panel aria-label={STRINGS.price}>
        <Row>
          <h2>{STRINGS.price}</h2>
          <MutedText>{STRINGS.thePriceListIsEmpty}</MutedText>
          <QuietLink to="/prices">{STRINGS.writeThePriceList}</QuietLink>
        </Row>
      </Panel>
    );
  }
  return (
    <Panel aria-label={STRINGS.price}>
      <Stack>
        <Row $gap={20} $align="baseline">
          <h2>{STRINGS.price}</h2>
          <Total>{moneyRange(total.lowMinor, total.highMinor, currency)}</Total>
          {job.estimate?.agreedBy ? (
            <b>{STRINGS.agreedWith(job.estimate.agreedBy, moment(job.estimate.agreedAt!))}</b>
          ) : (
            <MutedText>
              {job.estimate ? STRINGS.savedNotAgreedYet : STRINGS.fromThePriceList}
            </MutedText>
          )}
        </Row>
        <Lines aria-label={STRINGS.linesOfTheEstimate}>
          {lines.map(({ label, low, high }, index) => (
            <li key={index}>
              <TextEntry
                label={STRINGS.forWhatLine(index + 1)}
                value={label}
                onChange={(next) => set(index, { label: next })}
              />
              <NumberEntry
                label={STRINGS.from(currency)}
                value={low}
                onChange={(next) => set(index, { low: next })}
              />
              <NumberEntry
                label={STRINGS.to(currency)}
                value={high}
                onChange={(next) => set(index, { high: next })}
              />
              <Button
                aria-label={STRINGS.removeLine(index + 1)}
                onPress={() => setChanged(lines.filter((_, at) => at !== index))}
              >
                <Trash2 size={19} />
              </Button>
            </li>
          ))}
        </Lines>
        {(wrong ?? problem) !== null && (
          <Notice tone="cut" alert>
            {wrong ?? problem}
          </Notice>
        )}
        {!closed && (
          <Row $align="end">
            <QuietButton onPress={() => setChanged([...lines, { label: '', low: '0', high: '0' }])}>
              {STRINGS.addLine}
            </QuietButton>
            <QuietButton onPress={() => setChanged(asTyped(fresh))}>
              {STRINGS.recalculate}
            </QuietButton>
            <QuietButton isDisabled={busy || lines.length === 0} onPress={() => void keep(null)}>
              {STRINGS.saveEstimate}
            </QuietButton>
            <div style={{ width: 220 }}>
              <TextEntry label={STRINGS.agreedWithAlone} value={name} onChange={setName} />
            </div>
            <ActionButton isDisabled={busy || lines.length === 0} onPress={() => void keep(name)}>
              {STRINGS.customerAgreed}
            </ActionButton>
          </Row>
        )}
      </Stack>
    </Panel>
  );
};
