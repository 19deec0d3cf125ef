/** How the shop writes days, hours and measures. What is kept stays millimetres, newtons and degrees Celsius. */
import { named } from '@patient-edge/core';
import {
  CLOCKS,
  DATE_LANGUAGES,
  FORCE_UNITS,
  LENGTH_UNITS,
  TEMPERATURE_UNITS,
  dayText,
  type ShopFormats,
} from '@patient-edge/contract';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useSession } from '../api/session';
import { FORCE_LABELS } from '../theme/force';
import { FormChoice, FormPick } from '../theme/form-choices';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { MutedText, Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const UnitsSection = () => {
  const { data: session } = useSession();
  return session ? <UnitsForm formats={session.formats} today={new Date().toISOString()} /> : null;
};

const nameOf = (language: string): string =>
  new Intl.DisplayNames('en', { type: 'language' }).of(language) ?? language;

const UnitsForm = ({ formats, today }: { formats: ShopFormats; today: string }) => {
  const kept = useKeptForm<ShopFormats>({
    name: 'formats',
    held: formats,
    send: async (typed) => {
      await request('PUT', '/formats', typed);
      await mutate('/session');
    },
  });
  const { control } = kept.form;
  return (
    <Panel aria-label={STRINGS.unitsAndDates}>
      <KeptFormView kept={kept} save={STRINGS.saveUnits}>
        <Stack>
          <PageHeading title={STRINGS.unitsAndDates} />
          <FormChoice
            control={control}
            name="length"
            label={STRINGS.lengths}
            options={LENGTH_UNITS.map((id) => ({ id, label: id === 'mm' ? 'mm' : named('inch') }))}
            hint={STRINGS.gritStaysInSteelRemovedIn}
          />
          <FormChoice
            control={control}
            name="force"
            label={STRINGS.forces}
            options={FORCE_UNITS.map((id) => ({ id, label: FORCE_LABELS[id] }))}
          />
          <FormChoice
            control={control}
            name="temperature"
            label={STRINGS.temperatures}
            options={TEMPERATURE_UNITS.map((id) => ({ id, label: id }))}
          />
          <FormChoice
            control={control}
            name="clock"
            label={STRINGS.clock}
            options={CLOCKS.map((id) => ({ id, label: id }))}
          />
          <FormPick
            control={control}
            name="language"
            label={STRINGS.languageOfDates}
            options={DATE_LANGUAGES.map((language) => ({
              id: language,
              label: `${nameOf(language)}: ${dayText(today, { ...formats, language })}`,
            }))}
          />
          <MutedText>{STRINGS.forEverybodyInTheShopOn}</MutedText>
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default UnitsSection;
