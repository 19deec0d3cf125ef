/** Handing over the blades of one customer at once: whose tags were read, what is paid, and who stood there. */
import {
  money,
  PAYMENT_METHODS,
  toMinor,
  typedMoney,
  type HandedOver,
  type HandOverBody,
  type PaymentMethod,
  type ReadyBlade,
} from '@patient-edge/contract';
import { bladeKind, toPayMinor, named } from '@patient-edge/core';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { request } from '../api/client';
import { refreshReturns } from '../api/hooks';
import { Silhouette } from '../instruments/silhouette';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { TextEntry } from '../theme/text-fields';
import { NumberEntry } from '../theme/number-entry';
import { shareOut } from './find-tag';
import { useRun } from '../theme/use-run';
import { useStored } from '../api/stored';
import { STRINGS } from './strings';

const Lines = styled.ul`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 150px auto;
    gap: 4px 18px;
    align-items: center;
    border-top: 1px solid var(--line-soft);
    padding: 4px 0;
  }
  & b {
    font-family: var(--figures);
  }
  @media (max-width: 700px) {
    & > li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    & > li > svg {
      display: none;
    }
  }
`;
const Sum = styled.p`
  font: 650 22px/1.2 var(--figures);
`;

const HOW = [
  ...PAYMENT_METHODS.map((id) => ({ id, label: named(id) })),
  { id: 'later' as const, label: named('later') },
];

interface CollectFormProps {
  /** All of one customer's that are ready. */
  readonly blades: readonly ReadyBlade[];
  /** Whose tags were read. */
  readonly inHand: readonly number[];
  readonly currency: string;
  readonly onInHand: (jobIds: readonly number[]) => void;
  readonly onDone: (done: HandedOver) => void;
  readonly onLeave: () => void;
}

export const CollectForm = ({
  blades,
  inHand,
  currency,
  onInHand,
  onDone,
  onLeave,
}: CollectFormProps) => {
  const { customer } = blades[0]!;
  const [how, setHow] = useState<PaymentMethod | 'later'>('cash');
  const [typed, setTyped] = useState<string | null>(null);
  const [collectedBy, setCollectedBy] = useStored(`collected by ${customer.id}`, '');
  const [sheathed, setSheathed] = useState(false);
  const { busy, problem, run } = useRun();
  // One key for one hand-over, however often it is sent.
  const [key] = useState(() => crypto.randomUUID());
  const chosen = blades.filter(({ jobId }) => inHand.includes(jobId));
  const owed = chosen.flatMap(({ jobId, bill }) =>
    bill && toPayMinor(bill) > 0 ? [{ jobId, toPayMinor: toPayMinor(bill) }] : [],
  );
  const total = owed.reduce((sum, line) => sum + line.toPayMinor, 0);
  const amount = typed === null ? total : toMinor(parseNumber(typed) ?? Number.NaN, currency);
  const amountProblem =
    Number.isNaN(amount) || amount < 0 || amount > total
      ? STRINGS.fromToWasGiven(money(0, currency), money(total, currency), typed ?? '')
      : undefined;
  const paysNow = how !== 'later' && total > 0 && amount > 0;
  const send = (): Promise<void> => {
    const body: HandOverBody = {
      lines: chosen.map(({ jobId, version, tagNumber }) => ({ jobId, version, tagNumber })),
      sheathed,
      collectedBy,
      payment: paysNow
        ? {
            method: how,
            lines: shareOut(owed, amount).flatMap(({ jobId, amountMinor }) =>
              amountMinor > 0 ? [{ jobId, amountMinor }] : [],
            ),
          }
        : null,
    };
    return run(async () => {
      const done = await request<HandedOver>('POST', '/hand-overs', body, {
        'Idempotency-Key': key,
      });
      setCollectedBy('');
      await refreshReturns();
      onDone(done);
    });
  };
  return (
    <Panel aria-label={STRINGS.handOverTo(customer.name)}>
      <Stack>
        <h2>{STRINGS.handOverTo(customer.name)}</h2>
        {customer.note !== '' && <MutedText>{customer.note}</MutedText>}
        <Lines>
          {blades.map(({ jobId, tagNumber, blade, bill, declined }) => (
            <li key={jobId}>
              <Checkbox
                value={inHand.includes(jobId)}
                onChange={(next) =>
                  onInHand(next ? [...inHand, jobId] : inHand.filter((each) => each !== jobId))
                }
              >
                <b>{tagNumber}</b> {blade.name || bladeKind(blade.measures.kindId).label}
                {declined && <MutedText as="span"> {STRINGS.goesBackAsItCame}</MutedText>}
              </Checkbox>
              <Silhouette measures={blade.measures} scale={0.4} />
              <Link to={`/jobs/${jobId}/return`}>
                {bill
                  ? money(toPayMinor(bill), currency)
                  : declined
                    ? STRINGS.nothing
                    : STRINGS.setThePrice}
              </Link>
            </li>
          ))}
        </Lines>
        {total > 0 && (
          <>
            <Sum>{STRINGS.toPay(money(total, currency))}</Sum>
            <Columns $columns={2}>
              <SegmentedControl
                label={STRINGS.paidBy}
                options={HOW}
                value={how}
                onChange={setHow}
              />
              {how !== 'later' && (
                <NumberEntry
                  label={STRINGS.paidNow(currency)}
                  value={typed ?? typedMoney(total, currency)}
                  error={amountProblem}
                  onChange={setTyped}
                />
              )}
            </Columns>
            {(how === 'later' || (amountProblem === undefined && amount < total)) && (
              <MutedText>
                {STRINGS.staysOpenOnTheCustomersStatement(
                  money(how === 'later' ? total : total - amount, currency),
                )}
              </MutedText>
            )}
          </>
        )}
        <div style={{ maxWidth: 360 }}>
          <TextEntry
            label={STRINGS.collectedBy}
            hint={STRINGS.whereItIsSomebodyElse}
            value={collectedBy}
            onChange={setCollectedBy}
          />
        </div>
        <Checkbox value={sheathed} onChange={setSheathed}>
          {STRINGS.everyEdgeIsSheathedWrappedOr}
        </Checkbox>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton
            isDisabled={
              busy || chosen.length === 0 || (how !== 'later' && amountProblem !== undefined)
            }
            onPress={() => void send()}
          >
            {STRINGS.handOver(
              STRINGS.blades(chosen.length),
              paysNow && amountProblem === undefined
                ? `, ${money(amount, currency)} ${named(how)}`
                : '',
            )}
          </ActionButton>
          <QuietButton onPress={onLeave}>{STRINGS.cancel}</QuietButton>
          {chosen.length === 0 && <MutedText>{STRINGS.readATagOrTickThe}</MutedText>}
        </Row>
      </Stack>
    </Panel>
  );
};
