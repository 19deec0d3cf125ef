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
import { WORDS } from './words';

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
  if (!shop) return <Waiting error={error} text={WORDS.loadingTheShop} />;
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
    <Panel aria-label={WORDS.shop}>
      <KeptFormView kept={kept} save={WORDS.saveShop}>
        <Stack>
          <PageHeading title={WORDS.shopDetails} />
          <Columns>
            <FormText control={control} name="shopName" label={WORDS.nameOfTheShop} />
            <FormText control={control} name="phone" label={WORDS.telephone} kind="tel" />
            <FormText control={control} name="address" label={WORDS.address} lines={3} />
            <FormText
              control={control}
              name="taxLines"
              label={WORDS.taxLines}
              hint={WORDS.asReceiptsMustSayIt}
              lines={3}
            />
            <FormText
              control={control}
              name="email"
              label={WORDS.eMail}
              hint={WORDS.whatMessagesAreSentFrom}
            />
            <FormText
              control={control}
              name="publicAddress"
              label={WORDS.publicAddress}
              hint={WORDS.httpsAsCustomersReachItWithout}
            />
            {shop.currencySettled ? (
              <div>
                <b>{WORDS.currency}</b>
                <p>{shop.currency}</p>
                <MutedText>{WORDS.itStaysPricesWereWrittenDown}</MutedText>
              </div>
            ) : (
              <FormPick
                control={control}
                name="currency"
                label={WORDS.currency}
                options={CURRENCIES.map((id) => ({ id, label: id }))}
                hint={WORDS.setOnceBeforeTheFirstEstimate}
              />
            )}
            <FormNumber
              control={control}
              name="houseDays"
              label={WORDS.freeRepairPeriodDays}
              hint={WORDS.aComplaintWithinTheseIsPut}
            />
          </Columns>
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default ShopSection;
