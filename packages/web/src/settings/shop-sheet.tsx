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
  if (!shop) return <Waiting error={error} text="Loading the shop…" />;
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
    <Panel aria-label="Shop">
      <KeptFormView kept={kept} save="Save shop">
        <Stack>
          <PageHeading title="Shop details" />
          <Columns>
            <FormText control={control} name="shopName" label="Name of the shop" />
            <FormText control={control} name="phone" label="Telephone" kind="tel" />
            <FormText control={control} name="address" label="Address" lines={3} />
            <FormText
              control={control}
              name="taxLines"
              label="Tax lines"
              hint="As receipts must say it"
              lines={3}
            />
            <FormText
              control={control}
              name="email"
              label="E-mail"
              hint="What messages are sent from"
            />
            <FormText
              control={control}
              name="publicAddress"
              label="Public address"
              hint="https://… as customers reach it; without one no code is printed on tickets"
            />
            {shop.currencySettled ? (
              <div>
                <b>Currency</b>
                <p>{shop.currency}</p>
                <MutedText>It stays: prices were written down in it.</MutedText>
              </div>
            ) : (
              <FormPick
                control={control}
                name="currency"
                label="Currency"
                options={CURRENCIES.map((id) => ({ id, label: id }))}
                hint="Set once, before the first estimate"
              />
            )}
            <FormNumber
              control={control}
              name="houseDays"
              label="Free repair period, days"
              hint="A complaint within these is put right at no charge"
            />
          </Columns>
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default ShopSection;
