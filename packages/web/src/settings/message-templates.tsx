/** What customers are told: a template a message, its blanks filled in when it is written. */
import type { ShopSheet } from '@patient-edge/contract';
import { BLANKS, MESSAGE_KINDS, type MessageKind } from '@patient-edge/core';
import { useMemo } from 'react';
import { useShopDetails } from '../api/hooks';
import { FormText } from '../theme/form-fields';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { saveShop } from './shop-sheet';
import { STRINGS } from './strings';

const KINDS: Readonly<Record<MessageKind, string>> = {
  ready: STRINGS.whenEverythingIsReady,
  late: STRINGS.whenItWillBeLate,
  due: STRINGS.whenItIsDueAgain,
  reminder: STRINGS.whenItWasNotCollected,
};

const MessagesSection = () => {
  const { data: shop, error } = useShopDetails();
  if (!shop) return <Waiting error={error} text={STRINGS.loadingMessages} />;
  return <Templates shop={shop} />;
};

const Templates = ({ shop }: { shop: ShopSheet }) => {
  const held = useMemo(() => ({ templates: structuredClone(shop.templates) }), [shop]);
  const kept = useKeptForm({
    name: 'messages',
    held,
    send: async (typed) => {
      await saveShop(shop, typed);
    },
  });
  const { control } = kept.form;
  return (
    <Panel aria-label={STRINGS.messages}>
      <KeptFormView kept={kept} save={STRINGS.saveMessages}>
        <Stack>
          <Row>
            <PageHeading title={STRINGS.messages} />
            <QuietLink to="/messages">{STRINGS.sentAndWaiting}</QuietLink>
          </Row>
          <MutedText>{STRINGS.filledIn(BLANKS.map((blank) => `{${blank}}`).join(' '))}</MutedText>
          {MESSAGE_KINDS.map((kind) => (
            <Stack key={kind} $gap={6} role="group" aria-label={KINDS[kind]}>
              <h2>{KINDS[kind]}</h2>
              <FormText
                control={control}
                name={`templates.${kind}.subject`}
                label={STRINGS.subject}
              />
              <FormText
                control={control}
                name={`templates.${kind}.body`}
                label={STRINGS.text}
                lines={7}
              />
            </Stack>
          ))}
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default MessagesSection;
