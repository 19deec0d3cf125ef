/** What this blade costs, what was paid for it, and taking money for it alone. */
import {
  canDo,
  money,
  PAYMENT_METHODS,
  toMinor,
  typedMoney,
  type BillBody,
  type Job,
  type PaymentMethod,
  type Sale,
} from '@patient-edge/contract';
import { toPayMinor, named } from '@patient-edge/core';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { refreshReturns, updateJobCache, useSales } from '../api/hooks';
import { writeJob } from '../api/job-writes';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { moment, parseNumber } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { NoChanges } from '../theme/no-changes';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { useSubmission } from '../theme/server-form';
import { NumberEntry } from '../theme/number-entry';
import { useRun } from '../theme/use-run';
import { useFormDraft } from '../theme/form-draft';
import { STRINGS } from './strings';

interface BillPanelProps {
  readonly job: Job;
  readonly currency: string;
}

export const BillPanel = ({ job, currency }: BillPanelProps) => {
  const { bill } = job;
  const toPay = bill ? toPayMinor(bill) : 0;
  return (
    <Panel className="no-print" aria-label={STRINGS.priceAndPayment}>
      <Stack>
        <Row $gap={18} $align="baseline">
          <h2>{STRINGS.price}</h2>
          {bill ? (
            <span>
              {money(bill.priceMinor, currency)}
              {bill.discountMinor > 0 &&
                STRINGS.less(money(bill.discountMinor, currency), bill.discountReason)}
              {bill.paidMinor > 0 && STRINGS.paid(money(bill.paidMinor, currency))}
              {': '}
              <b>{toPay > 0 ? STRINGS.toPay(money(toPay, currency)) : STRINGS.nothingToPay}</b>
            </span>
          ) : (
            <MutedText>
              {job.stage === 'ready' ? STRINGS.thePriceListSaysNothingOf : STRINGS.noneYet}
            </MutedText>
          )}
        </Row>
        {canDo(job, 'set price') && (
          <>
            <SetPrice
              key={`${bill?.priceMinor} ${bill?.discountMinor}`}
              job={job}
              currency={currency}
            />
            {toPay > 0 && <Pay job={job} toPay={toPay} currency={currency} />}
          </>
        )}
        <Receipts job={job} currency={currency} />
      </Stack>
    </Panel>
  );
};

interface PriceValues {
  priceMinor: string;
  discountMinor: string;
  discountReason: string;
}

const SetPrice = ({ job, currency }: BillPanelProps) => {
  const { bill } = job;
  const held = useMemo<PriceValues>(
    () => ({
      priceMinor: bill ? typedMoney(bill.priceMinor, currency) : '',
      discountMinor: typedMoney(bill?.discountMinor ?? 0, currency),
      discountReason: bill?.discountReason ?? '',
    }),
    [bill, currency],
  );
  const form = useForm<PriceValues>({ defaultValues: held });
  const draft = useFormDraft(form, `price of ${job.id}`, held);
  const { busy, problem, submit } = useSubmission(form, [
    'priceMinor',
    'discountMinor',
    'discountReason',
  ]);
  const minor = (field: 'priceMinor' | 'discountMinor', typed: string): number | null => {
    const amount = parseNumber(typed);
    if (amount === null) form.setError(field, { message: STRINGS.isNoAmount(typed) });
    return amount === null ? null : toMinor(amount, currency);
  };
  const send = (typed: PriceValues): Promise<void> =>
    submit(async () => {
      const priceMinor = minor('priceMinor', typed.priceMinor);
      const discountMinor = minor('discountMinor', typed.discountMinor);
      if (priceMinor === null || discountMinor === null) throw new Error('Not sent: no amount');
      const body: Omit<BillBody, 'version'> = {
        priceMinor,
        discountMinor,
        discountReason: typed.discountReason,
      };
      await updateJobCache(
        await writeJob({ jobId: job.id, method: 'PUT', path: '/bill', version: job.version, body }),
      );
      draft.drop();
    });
  return (
    <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
      <Stack $gap={10}>
        <Columns $columns={3}>
          <FormNumber
            control={form.control}
            name="priceMinor"
            label={STRINGS.priceCurrency(currency)}
          />
          <FormNumber
            control={form.control}
            name="discountMinor"
            label={STRINGS.discount(currency)}
          />
          <FormText control={form.control} name="discountReason" label={STRINGS.whyTheDiscount} />
        </Columns>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <QuietButton type="submit" isDisabled={busy || !form.formState.isDirty}>
            {STRINGS.setThePrice}
          </QuietButton>
          {!form.formState.isDirty && <NoChanges />}
        </Row>
      </Stack>
    </form>
  );
};

const Pay = ({ job, toPay, currency }: BillPanelProps & { toPay: number }) => {
  const [method, setMethod] = useState<PaymentMethod>('cash');
  const [typed, setTyped] = useState(typedMoney(toPay, currency));
  const { busy, problem, run } = useRun();
  const [key, setKey] = useState(() => crypto.randomUUID());
  const amount = parseNumber(typed);
  const pay = (paid: number): Promise<void> =>
    run(async () => {
      await request<Sale>(
        'POST',
        '/payments',
        { method, lines: [{ jobId: job.id, amountMinor: toMinor(paid, currency) }] },
        { 'Idempotency-Key': key },
      );
      setKey(crypto.randomUUID());
      await refreshPayments(job.id);
    });
  return (
    <Stack $gap={10}>
      <Row $align="end">
        <SegmentedControl
          label={STRINGS.paidBy}
          options={PAYMENT_METHODS.map((id) => ({ id, label: named(id) }))}
          value={method}
          onChange={setMethod}
        />
        <div style={{ width: 160 }}>
          <NumberEntry
            label={STRINGS.paidNow(currency)}
            value={typed}
            error={amount === null ? STRINGS.isNoAmount(typed) : undefined}
            onChange={setTyped}
          />
        </div>
        <ActionButton
          isDisabled={busy || amount === null}
          onPress={() => amount !== null && void pay(amount)}
        >
          {STRINGS.takeThePayment}
        </ActionButton>
      </Row>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Stack>
  );
};

const refreshPayments = async (jobId: number): Promise<void> => {
  await Promise.all([
    mutate(`/jobs/${jobId}`),
    mutate(`/jobs/${jobId}/payments`),
    refreshReturns(),
  ]);
};

const Receipts = ({ job, currency }: BillPanelProps) => {
  const { data: sales } = useSales(job.id);
  const { busy, problem, run } = useRun();
  if (!sales || sales.length === 0) return null;
  const undo = (id: number): Promise<void> =>
    run(async () => {
      await request('POST', `/payments/${id}/undo`, {});
      await refreshPayments(job.id);
    });
  return (
    <Stack $gap={6}>
      <ul aria-label={STRINGS.receipts}>
        {sales.map(({ id, number, at, method, undoneAt, lines }) => (
          <li key={id}>
            <Row>
              <a href={`/api/payments/${id}/receipt.pdf`} target="_blank" rel="noreferrer">
                {STRINGS.receipt(number)}
              </a>
              <span>
                {money(lines.find(({ jobId }) => jobId === job.id)?.amountMinor ?? 0, currency)},{' '}
                {named(method)}, {moment(at)}
              </span>
              {undoneAt === null ? (
                <QuietButton isDisabled={busy} onPress={() => void undo(id)}>
                  {STRINGS.undoTheReceipt}
                </QuietButton>
              ) : (
                <MutedText as="span">{STRINGS.undone(moment(undoneAt))}</MutedText>
              )}
            </Row>
          </li>
        ))}
      </ul>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Stack>
  );
};
