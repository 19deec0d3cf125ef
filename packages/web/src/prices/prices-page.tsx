/** The shop's price list: what each thing costs, for whom, and what the price of a blade holds. */
import {
  CURRENCIES,
  toMinor,
  typedMoney,
  type PriceList,
  type PriceListBody,
} from '@patient-edge/contract';
import {
  PRICE_GROUPS,
  PRICE_ITEMS,
  PRICE_LABELS,
  type PriceGroup,
  type PriceItem,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import { useMemo } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { usePrices } from '../api/hooks';
import { useMay } from '../api/may';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormNumber } from '../theme/form-fields';
import { parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { useFollowed, useSubmission } from '../theme/server-form';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';

const Lines = styled.ol`
  display: grid;
  gap: 8px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) 150px 44px;
    gap: 12px;
    align-items: start;
  }
  & > li > button {
    min-height: 44px;
    margin-top: 26px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
`;

interface PriceValues {
  currency: string;
  lengthIncludedMm: string;
  lengthStepMm: string;
  minutesIncluded: string;
  prices: { item: string; group: string; amount: string }[];
}

const valuesOf = (list: PriceList): PriceValues => ({
  currency: list.currency,
  lengthIncludedMm: String(list.lengthIncludedMm),
  lengthStepMm: String(list.lengthStepMm),
  minutesIncluded: String(list.minutesIncluded),
  prices: list.prices.map(({ item, group, amountMinor }) => ({
    item,
    group,
    amount: typedMoney(amountMinor, list.currency),
  })),
});

const ITEM_OPTIONS = PRICE_ITEMS.map((id) => ({ id, label: PRICE_LABELS[id] }));

const PricesPage = () => {
  const { data: list, error } = usePrices();
  if (!list) return <Waiting error={error} text="Loading prices…" />;
  return <Prices list={list} />;
};

const Prices = ({ list }: { list: PriceList }) => {
  const held = useMemo(() => valuesOf(list), [list]);
  const form = useForm<PriceValues>({ defaultValues: held });
  useFollowed(form, held);
  const { control } = form;
  const lines = useFieldArray({ control, name: 'prices' });
  const currency = useWatch({ control, name: 'currency' });
  const { busy, problem, submit } = useSubmission(form, [
    'currency',
    'lengthIncludedMm',
    'lengthStepMm',
    'minutesIncluded',
    'prices',
  ]);
  const isOwner = useMay('set prices');
  const send = (typed: PriceValues): Promise<void> =>
    submit(async () => {
      const number = (text: string): number | string => parseNumber(text) ?? text;
      const amounts = typed.prices.map(({ amount }) => parseNumber(amount));
      const bad = amounts.findIndex((amount) => amount === null || amount < 0);
      if (bad >= 0) {
        form.setError(`prices.${bad}.amount`, {
          message: `Price must be a number from 0; "${typed.prices[bad]!.amount}" was given`,
        });
        throw new Error('Check the marked prices.');
      }
      const body = {
        version: list.version,
        currency: typed.currency,
        lengthIncludedMm: number(typed.lengthIncludedMm),
        lengthStepMm: number(typed.lengthStepMm),
        minutesIncluded: number(typed.minutesIncluded),
        prices: typed.prices.map(({ item, group }, index) => ({
          item: item as PriceItem,
          group: group as PriceGroup,
          amountMinor: toMinor(amounts[index]!, typed.currency),
        })),
      } as PriceListBody;
      const kept = await request<PriceList>('PUT', '/prices', body);
      form.reset(typed);
      await mutate('/prices', kept, { revalidate: false });
      void mutate('/session');
    });
  return (
    <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
      <Stack $gap={16}>
        <PageHeading title="Prices" />
        {!isOwner && <Notice>Only the owner changes the price list.</Notice>}
        <Panel aria-label="What the price of a blade holds">
          <Stack>
            <h2>What the price of a blade holds</h2>
            <Columns $columns={4}>
              <FormNumber
                control={control}
                name="lengthIncludedMm"
                label="Edge length included, mm"
              />
              <FormNumber
                control={control}
                name="lengthStepMm"
                label="Further length counts by, mm"
              />
              <FormNumber
                control={control}
                name="minutesIncluded"
                label="Minutes included"
                hint="at the bench, as planned"
              />
              {list.currencySettled ? (
                <div>
                  <b>Currency</b>
                  <p>{list.currency}</p>
                  <MutedText>It stays: prices were written down in it.</MutedText>
                </div>
              ) : (
                <Select
                  label="Currency"
                  options={CURRENCIES.map((id) => ({ id, label: id }))}
                  value={CURRENCIES.find((id) => id === currency) ?? null}
                  onChange={(next) => form.setValue('currency', next, { shouldDirty: true })}
                  error={form.formState.errors.currency?.message}
                  hint="set once, before the first price is agreed"
                />
              )}
            </Columns>
          </Stack>
        </Panel>
        <Panel aria-label="The list">
          <Stack>
            <h2>The list</h2>
            {lines.fields.length === 0 && (
              <MutedText>Empty yet: begin with the price of a blade.</MutedText>
            )}
            <Lines>
              {lines.fields.map(({ id }, index) => (
                <li key={id}>
                  <FormPick
                    control={control}
                    name={`prices.${index}.item`}
                    label="Item"
                    options={ITEM_OPTIONS}
                  />
                  <FormPick
                    control={control}
                    name={`prices.${index}.group`}
                    label="For"
                    options={options(PRICE_GROUPS)}
                  />
                  <FormNumber
                    control={control}
                    name={`prices.${index}.amount`}
                    label={`Price, ${currency}`}
                  />
                  <Button
                    aria-label={`Remove price ${index + 1}`}
                    onPress={() => lines.remove(index)}
                  >
                    <Trash2 size={19} />
                  </Button>
                </li>
              ))}
            </Lines>
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            {isOwner && (
              <Row>
                <QuietButton
                  onPress={() =>
                    lines.append({ item: PRICE_ITEMS[0], group: PRICE_GROUPS[0], amount: '' })
                  }
                >
                  Add price
                </QuietButton>
                <ActionButton type="submit" isDisabled={busy || !form.formState.isDirty}>
                  Save price list
                </ActionButton>
              </Row>
            )}
          </Stack>
        </Panel>
      </Stack>
    </form>
  );
};

export default PricesPage;
