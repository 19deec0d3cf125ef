/** The shop's price list: what each thing costs, for whom, and what the price of a blade holds. */
import {
  CURRENCIES,
  money,
  toMinor,
  typedMoney,
  type PriceList,
  type PriceListBody,
} from '@patient-edge/contract';
import {
  DEMO_PRICES,
  PRICE_GROUPS,
  PRICE_ITEMS,
  PRICE_LABELS,
  type PriceGroup,
  type PriceItem,
} from '@patient-edge/core';
import { Trash2 } from 'lucide-react';
import { Button } from 'react-aria-components/Button';
import { useMemo } from 'react';
import { useFieldArray, useWatch, type UseFormReturn } from 'react-hook-form';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { usePrices } from '../api/hooks';
import { useMay } from '../api/may';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormNumber } from '../theme/form-number';
import { mm, parseNumber } from '../theme/format';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { Waiting } from '../theme/waiting';
import { PageHeading } from '../theme/page-heading';

/** A table: its columns say once what the fields of each row are. */
const Lines = styled.table`
  & td {
    padding: 4px 10px 4px 0;
    border: none;
  }
  & td:nth-child(3) {
    width: 170px;
  }
  & td:last-child {
    width: 48px;
    padding-right: 0;
  }
  & button[data-remove] {
    min-height: 44px;
    min-width: 44px;
    background: none;
    border: none;
    color: var(--cut);
    cursor: pointer;
  }
  @media (max-width: 600px) {
    & td:nth-child(3) {
      width: 92px;
    }
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
  const kept = useKeptForm<PriceValues>({
    name: 'prices',
    held,
    send: async (typed) => {
      const number = (text: string): number | string => parseNumber(text) ?? text;
      const amounts = typed.prices.map(({ amount }) => parseNumber(amount));
      const bad = amounts.findIndex((amount) => amount === null || amount < 0);
      if (bad >= 0) {
        kept.form.setError(`prices.${bad}.amount`, {
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
      const answer = await request<PriceList>('PUT', '/prices', body);
      await mutate('/prices', answer, { revalidate: false });
      void mutate('/session');
    },
  });
  const { form } = kept;
  const { control } = form;
  const lines = useFieldArray({ control, name: 'prices' });
  const currency = useWatch({ control, name: 'currency' });
  const mayChange = useMay('set prices');
  if (!mayChange) return <PricesRead list={list} />;
  return (
    <Panel aria-label="Prices">
      <KeptFormView
        kept={kept}
        save="Save price list"
        beside={
          <QuietButton
            onPress={() =>
              lines.append({ item: PRICE_ITEMS[0], group: PRICE_GROUPS[0], amount: '' })
            }
          >
            Add price
          </QuietButton>
        }
      >
        <Stack $gap={16}>
          <PageHeading title="Prices" />
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
            <CurrencyField list={list} form={form} currency={currency} />
          </Columns>
          <h2>The list</h2>
          {lines.fields.length === 0 && (
            <Row>
              <MutedText>Empty yet. Start with the price of a blade, or with an example.</MutedText>
              <QuietButton
                onPress={() =>
                  form.setValue('prices', examplePrices(currency), { shouldDirty: true })
                }
              >
                Fill with an example
              </QuietButton>
            </Row>
          )}
          {lines.fields.length > 0 && (
            <Lines>
              <thead>
                <tr>
                  <th scope="col">Item</th>
                  <th scope="col">For</th>
                  <th scope="col">Price, {currency}</th>
                  <th scope="col">
                    <span className="unseen">Remove</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {lines.fields.map(({ id }, index) => (
                  <tr key={id}>
                    <td>
                      <FormPick
                        control={control}
                        name={`prices.${index}.item`}
                        label="Item"
                        hideLabel
                        options={ITEM_OPTIONS}
                      />
                    </td>
                    <td>
                      <FormPick
                        control={control}
                        name={`prices.${index}.group`}
                        label="For"
                        hideLabel
                        options={options(PRICE_GROUPS)}
                      />
                    </td>
                    <td>
                      <FormNumber
                        control={control}
                        name={`prices.${index}.amount`}
                        label={`Price, ${currency}`}
                        hideLabel
                      />
                    </td>
                    <td>
                      <Button
                        data-remove=""
                        aria-label={`Remove price ${index + 1}`}
                        onPress={() => lines.remove(index)}
                      >
                        <Trash2 size={19} />
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Lines>
          )}
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

/** Figures to be looked at and changed: what a list may hold, and about how its prices stand to each other. */
const examplePrices = (currency: string): PriceValues['prices'] =>
  DEMO_PRICES.prices.map(({ item, group, amountMinor }) => ({
    item,
    group,
    amount: typedMoney(amountMinor, currency),
  }));

const CurrencyField = ({
  list,
  form,
  currency,
}: {
  list: PriceList;
  form: UseFormReturn<PriceValues>;
  currency: string;
}) =>
  list.currencySettled ? (
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
  );

/** The list for those who look things up in it. */
const PricesRead = ({ list }: { list: PriceList }) => (
  <Panel aria-label="Prices">
    <Stack>
      <PageHeading title="Prices" />
      <Notice>Only the owner changes the price list.</Notice>
      <table>
        <thead>
          <tr>
            <th scope="col">Item</th>
            <th scope="col">For</th>
            <th scope="col">Price</th>
          </tr>
        </thead>
        <tbody>
          {list.prices.map(({ item, group, amountMinor }) => (
            <tr key={`${item} ${group}`}>
              <td>{PRICE_LABELS[item]}</td>
              <td>{group}</td>
              <td>{money(amountMinor, list.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <MutedText>
        Up to {mm(list.lengthIncludedMm, 0)} of edge and {list.minutesIncluded} min at the bench are
        included.
      </MutedText>
    </Stack>
  </Panel>
);

export default PricesPage;
