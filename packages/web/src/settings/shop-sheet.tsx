/** The shop itself: what stands on receipts, where customers reach their page, and the money it counts in. */
import { CURRENCIES, type ShopSheet as Shop } from '@patient-edge/contract';
import { useMemo } from 'react';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useShopDetails } from '../api/hooks';
import { without } from '../api/without';
import { Columns } from '../theme/columns';
import { FormPick } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { FormNumber } from '../theme/form-number';
import { numberOrTyped } from '../theme/format';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { MutedText, Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

/** Sends the whole of it with what was changed; what other sections hold stays. */
export const saveShop = async (held: Shop, changed: object): Promise<Shop> => {
  const kept = await request<Shop>('PUT', '/shop-details', {
    ...without(held, 'currencySettled'),
    ...changed,
  });
  await mutate('/shop-details', kept, { revalidate: false });
  void mutate('/session');
  return kept;
};

const ShopSection = () => {
  const { data: shop, error } = useShopDetails();
  if (!shop) return <Waiting error={error} text={STRINGS.loadingTheShop} />;
  return <ShopForm shop={shop} />;
};

const ShopForm = ({ shop }: { shop: Shop }) => {
  const held = useMemo(() => {
    const { shopName, address, phone, email, taxLines, publicAddress, houseDays, currency } = shop;
    return {
      ...{ shopName, address, phone, email, taxLines, publicAddress, currency },
      houseDays: String(houseDays),
    };
  }, [shop]);
  const kept = useKeptForm({
    name: 'shop',
    held,
    send: async (typed) => {
      await saveShop(shop, { ...typed, houseDays: numberOrTyped(typed.houseDays) });
    },
  });
  const { control } = kept.form;
  return (
    <Panel aria-label={STRINGS.shop}>
      <KeptFormView kept={kept} save={STRINGS.saveShop}>
        <Stack>
          <PageHeading title={STRINGS.shopDetails} />
          <Columns>
            <FormText control={control} name="shopName" label={STRINGS.nameOfTheShop} />
            <FormText control={control} name="phone" label={STRINGS.telephone} kind="tel" />
            <FormText control={control} name="address" label={STRINGS.address} lines={3} />
            <FormText
              control={control}
              name="taxLines"
              label={STRINGS.taxLines}
              hint={STRINGS.asReceiptsMustSayIt}
              lines={3}
            />
            <FormText
              control={control}
              name="email"
              label={STRINGS.eMail}
              hint={STRINGS.whatMessagesAreSentFrom}
            />
            <FormText
              control={control}
              name="publicAddress"
              label={STRINGS.publicAddress}
              hint={STRINGS.httpsAsCustomersReachItWithout}
            />
            {shop.currencySettled ? (
              <div>
                <b>{STRINGS.currency}</b>
                <p>{shop.currency}</p>
                <MutedText>{STRINGS.itStaysPricesWereWrittenDown}</MutedText>
              </div>
            ) : (
              <FormPick
                control={control}
                name="currency"
                label={STRINGS.currency}
                options={CURRENCIES.map((id) => ({ id, label: id }))}
                hint={STRINGS.setOnceBeforeTheFirstEstimate}
              />
            )}
            <FormNumber
              control={control}
              name="houseDays"
              label={STRINGS.freeRepairPeriodDays}
              hint={STRINGS.aComplaintWithinTheseIsPut}
            />
          </Columns>
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default ShopSection;
