/** What stands on receipts and in messages, where customers reach their page, and what is on the house. */
import type { ShopDetails } from '@patient-edge/contract';
import { BLANKS, MESSAGE_KINDS, type MessageKind } from '@patient-edge/core';
import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useShopDetails } from '../api/hooks';
import { ActionButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { Fold } from '../theme/fold';
import { FormNumber, FormText } from '../theme/form-fields';
import { numberOrTyped } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useFollowed, useSubmission } from '../theme/server-form';
import { Waiting } from '../theme/waiting';

const KINDS: Readonly<Record<MessageKind, string>> = {
  ready: 'When all is ready',
  late: 'When it is late',
  due: 'When it is due again',
  reminder: 'When it is not collected',
};

type ShopValues = Omit<ShopDetails, 'houseDays' | 'templates'> & {
  houseDays: string;
  templates: Record<MessageKind, { subject: string; body: string }>;
};

const valuesOf = (details: ShopDetails): ShopValues => ({
  ...details,
  houseDays: String(details.houseDays),
  templates: structuredClone(details.templates),
});

export const ShopSheet = () => {
  const { data: details, error } = useShopDetails();
  if (!details) return <Waiting error={error} text="Loading the shop…" />;
  return <Details details={details} />;
};

const Details = ({ details }: { details: ShopDetails }) => {
  const held = useMemo(() => valuesOf(details), [details]);
  const form = useForm<ShopValues>({ defaultValues: held });
  const isTyped = useFollowed(form, held);
  const { control } = form;
  const [saved, setSaved] = useState(false);
  const { busy, problem, submit } = useSubmission(form, Object.keys(held));
  const send = (typed: ShopValues): Promise<void> =>
    submit(async () => {
      setSaved(false);
      const kept = await request<ShopDetails>('PUT', '/shop-details', {
        ...typed,
        houseDays: numberOrTyped(typed.houseDays),
      });
      form.reset(valuesOf(kept));
      await mutate('/shop-details', kept, { revalidate: false });
      setSaved(true);
    });
  return (
    <Panel aria-label="The shop">
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <h2>The shop</h2>
          <Columns $columns={3}>
            <FormText control={control} name="address" label="Address" lines={3} />
            <FormText
              control={control}
              name="taxLines"
              label="Tax lines"
              hint="As receipts must say it"
              lines={3}
            />
            <Stack>
              <FormText control={control} name="phone" label="Telephone" kind="tel" />
              <FormText
                control={control}
                name="email"
                label="E-mail"
                hint="What messages are sent from"
              />
            </Stack>
            <FormText
              control={control}
              name="publicAddress"
              label="Public address"
              hint="https://… as customers reach it; without one no code is printed on tickets"
            />
            <FormNumber
              control={control}
              name="houseDays"
              label="Days on the house"
              hint="A complaint within these is mended for nothing"
            />
          </Columns>
          <Fold
            title="Messages"
            says={MESSAGE_KINDS.map((kind) => KINDS[kind].toLowerCase()).join(', ')}
          >
            <Stack>
              <MutedText>Filled in: {BLANKS.map((blank) => `{${blank}}`).join(' ')}</MutedText>
              {MESSAGE_KINDS.map((kind) => (
                <Stack key={kind} $gap={6} role="group" aria-label={KINDS[kind]}>
                  <b>{KINDS[kind]}</b>
                  <FormText control={control} name={`templates.${kind}.subject`} label="Subject" />
                  <FormText
                    control={control}
                    name={`templates.${kind}.body`}
                    label="Text"
                    lines={7}
                  />
                </Stack>
              ))}
            </Stack>
          </Fold>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy || !isTyped}>
              Save the shop
            </ActionButton>
            {saved && !isTyped && <MutedText role="status">Saved.</MutedText>}
          </Row>
        </Stack>
      </form>
    </Panel>
  );
};
