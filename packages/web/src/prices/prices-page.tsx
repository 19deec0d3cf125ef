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
  named,
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
import { STRINGS } from './strings';

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
  if (!list) return <Waiting error={error} text={STRINGS.loadingPrices} />;
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
          message: STRINGS.priceMustBeANumberFrom(typed.prices[bad]!.amount),
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
    <Panel aria-label={STRINGS.prices}>
      <KeptFormView
        kept={kept}
        save={STRINGS.savePriceList}
        beside={
          <QuietButton
            onPress={() =>
              lines.append({ item: PRICE_ITEMS[0], group: PRICE_GROUPS[0], amount: '' })
            }
          >
            {STRINGS.addPrice}
          </QuietButton>
        }
      >
        <Stack $gap={16}>
          <PageHeading title={STRINGS.prices} />
          <h2>{STRINGS.whatThePriceOfABlade}</h2>
          <Columns $columns={4}>
            <FormNumber
              control={control}
              name="lengthIncludedMm"
              label={STRINGS.edgeLengthIncludedMm}
            />
            <FormNumber
              control={control}
              name="lengthStepMm"
              label={STRINGS.furtherLengthCountsByMm}
            />
            <FormNumber
              control={control}
              name="minutesIncluded"
              label={STRINGS.minutesIncluded}
              hint={STRINGS.atTheBenchAsPlanned}
            />
            <CurrencyField list={list} form={form} currency={currency} />
          </Columns>
          <h2>{STRINGS.theList}</h2>
          {lines.fields.length === 0 && (
            <Row>
              <MutedText>{STRINGS.emptyYetStartWithThePrice}</MutedText>
              <QuietButton
                onPress={() =>
                  form.setValue('prices', examplePrices(currency), { shouldDirty: true })
                }
              >
                {STRINGS.fillWithAnExample}
              </QuietButton>
            </Row>
          )}
          {lines.fields.length > 0 && (
            <Lines>
              <thead>
                <tr>
                  <th scope="col">{STRINGS.item}</th>
                  <th scope="col">{STRINGS.for}</th>
                  <th scope="col">{STRINGS.price(currency)}</th>
                  <th scope="col">
                    <span className="unseen">{STRINGS.remove}</span>
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
                        label={STRINGS.item}
                        hideLabel
                        options={ITEM_OPTIONS}
                      />
                    </td>
                    <td>
                      <FormPick
                        control={control}
                        name={`prices.${index}.group`}
                        label={STRINGS.for}
                        hideLabel
                        options={options(PRICE_GROUPS)}
                      />
                    </td>
                    <td>
                      <FormNumber
                        control={control}
                        name={`prices.${index}.amount`}
                        label={STRINGS.price(currency)}
                        hideLabel
                      />
                    </td>
                    <td>
                      <Button
                        data-remove=""
                        aria-label={STRINGS.removePrice(index + 1)}
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
      <b>{STRINGS.currency}</b>
      <p>{list.currency}</p>
      <MutedText>{STRINGS.itStaysPricesWereWrittenDown}</MutedText>
    </div>
  ) : (
    <Select
      label={STRINGS.currency}
      options={CURRENCIES.map((id) => ({ id, label: id }))}
      value={CURRENCIES.find((id) => id === currency) ?? null}
      onChange={(next) => form.setValue('currency', next, { shouldDirty: true })}
      error={form.formState.errors.currency?.message}
      hint={STRINGS.setOnceBeforeTheFirstPrice}
    />
  );

/** The list for those who look things up in it. */
const PricesRead = ({ list }: { list: PriceList }) => (
  <Panel aria-label={STRINGS.prices}>
    <Stack>
      <PageHeading title={STRINGS.prices} />
      <Notice>{STRINGS.onlyTheOwnerChangesThePrice}</Notice>
      <table>
        <thead>
          <tr>
            <th scope="col">{STRINGS.item}</th>
            <th scope="col">{STRINGS.for}</th>
            <th scope="col">{STRINGS.priceAlone}</th>
          </tr>
        </thead>
        <tbody>
          {list.prices.map(({ item, group, amountMinor }) => (
            <tr key={`${item} ${group}`}>
              <td>{PRICE_LABELS[item]}</td>
              <td>{named(group)}</td>
              <td>{money(amountMinor, list.currency)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <MutedText>
        {STRINGS.upToOfEdgeAndMin(mm(list.lengthIncludedMm, 0), list.minutesIncluded)}
      </MutedText>
    </Stack>
  </Panel>
);

export default PricesPage;
