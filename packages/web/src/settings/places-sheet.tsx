/** Where and when blades are promised: a fixed shop, a market round, moorings; and when nobody is there. */
import type { PlacesBody, ShopPlaces } from '@patient-edge/contract';
import { useMemo } from 'react';
import { Trash2 } from 'lucide-react';
import { useFieldArray } from 'react-hook-form';
import { Button } from 'react-aria-components/Button';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { usePlaces } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { FormText, InForm } from '../theme/form-fields';
import { weekdayName } from '../theme/format';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const WEEKDAYS = [1, 2, 3, 4, 5, 6, 7] as const;

const Days = styled.div`
  display: flex;
  flex-wrap: wrap;
  & button {
    font: inherit;
    min-width: 58px;
    min-height: 44px;
    margin: 0 -1px -1px 0;
    border: 1px solid var(--steel-deep);
    background: var(--page);
    color: var(--ink);
    cursor: pointer;
  }
  & button[data-selected] {
    background: var(--accent);
    color: var(--accent-ink);
    font-weight: 600;
  }
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 44px;
  gap: 10px;
  align-items: start;
  border-top: 1px solid var(--line-soft);
  padding: 12px 0;
  & > button {
    background: none;
    border: none;
    color: var(--ink);
    min-height: 44px;
    cursor: pointer;
    margin-top: 24px;
  }
`;

interface PlaceValues {
  id: number | null;
  name: string;
  address: string;
  /** "1,3,5" */
  weekdays: string;
  opensAt: string;
  closesAt: string;
}
interface Values {
  places: PlaceValues[];
  closed: { fromDay: string; toDay: string; reason: string }[];
}

const NEW_PLACE: PlaceValues = {
  id: null,
  name: '',
  address: '',
  weekdays: '',
  opensAt: '',
  closesAt: '',
};

const valuesOf = ({ places, closed }: ShopPlaces): Values => ({
  places: places
    .filter(({ inUse }) => inUse)
    .map(({ id, name, address, weekdays, opensAt, closesAt }) => ({
      id,
      name,
      address,
      weekdays: weekdays.join(','),
      opensAt: opensAt ?? '',
      closesAt: closesAt ?? '',
    })),
  closed: closed.map((each) => ({ ...each })),
});

const daysOf = (weekdays: string): number[] =>
  weekdays === '' ? [] : weekdays.split(',').map(Number);

const bodyOf = ({ places, closed }: Values, held: ShopPlaces): PlacesBody => ({
  version: held.version,
  places: [
    ...places.map((place) => ({
      id: place.id,
      name: place.name,
      address: place.address,
      weekdays: daysOf(place.weekdays),
      opensAt: place.opensAt || null,
      closesAt: place.closesAt || null,
      inUse: true,
    })),
    // Out of use, and kept for the blades that were promised there.
    ...held.places.filter(({ inUse }) => !inUse),
  ],
  closed: closed.map((each) => ({ ...each, toDay: each.toDay || each.fromDay })),
});

const PlacesSection = () => {
  const { data: places, error } = usePlaces();
  if (!places) return <Waiting error={error} text={STRINGS.loadingPlaces} />;
  return <PlacesForm held={places} />;
};

const PlacesForm = ({ held }: { held: ShopPlaces }) => {
  const values = useMemo(() => valuesOf(held), [held]);
  const kept = useKeptForm<Values>({
    name: 'places',
    held: values,
    send: async (typed) => {
      const answer = await request<ShopPlaces>('PUT', '/places', bodyOf(typed, held));
      await mutate('/places', answer, { revalidate: false });
      void mutate('/shop');
      kept.form.reset(valuesOf(answer));
    },
  });
  const { control } = kept.form;
  const places = useFieldArray({ control, name: 'places', keyName: 'key' });
  const closed = useFieldArray({ control, name: 'closed', keyName: 'key' });
  return (
    <Panel aria-label={STRINGS.placesAndDays}>
      <KeptFormView kept={kept} save={STRINGS.savePlaces}>
        <Stack>
          <PageHeading title={STRINGS.placesAndDays} />
          <MutedText>{STRINGS.whereCustomersBringAndCollectA}</MutedText>
          <ul>
            {places.fields.map(({ key }, index) => (
              <Line key={key}>
                <Stack $gap={8}>
                  <Columns>
                    <FormText
                      control={control}
                      name={`places.${index}.name`}
                      label={STRINGS.name}
                    />
                    <FormText
                      control={control}
                      name={`places.${index}.address`}
                      label={STRINGS.addressOptional}
                    />
                  </Columns>
                  <Row $gap={16} $align="end">
                    <InForm control={control} name={`places.${index}.weekdays`}>
                      {({ value, onChange }) => <Weekdays value={value} onChange={onChange} />}
                    </InForm>
                    <Hours>
                      <FormText
                        control={control}
                        name={`places.${index}.opensAt`}
                        label={STRINGS.opens}
                        kind="time"
                      />
                      <FormText
                        control={control}
                        name={`places.${index}.closesAt`}
                        label={STRINGS.closes}
                        kind="time"
                      />
                    </Hours>
                  </Row>
                </Stack>
                <Button
                  aria-label={STRINGS.removePlace(index + 1)}
                  onPress={() => places.remove(index)}
                >
                  <Trash2 size={19} />
                </Button>
              </Line>
            ))}
          </ul>
          <Row>
            <QuietButton onPress={() => places.append(NEW_PLACE)}>{STRINGS.addPlace}</QuietButton>
          </Row>
          <h2>{STRINGS.closed}</h2>
          {closed.fields.length === 0 && <MutedText>{STRINGS.noHolidaysAreEntered}</MutedText>}
          <ul>
            {closed.fields.map(({ key }, index) => (
              <Line key={key}>
                <Columns $columns={3}>
                  <FormText
                    control={control}
                    name={`closed.${index}.fromDay`}
                    label={STRINGS.firstDay}
                    kind="date"
                  />
                  <FormText
                    control={control}
                    name={`closed.${index}.toDay`}
                    label={STRINGS.lastDay}
                    kind="date"
                  />
                  <FormText
                    control={control}
                    name={`closed.${index}.reason`}
                    label={STRINGS.reason}
                  />
                </Columns>
                <Button
                  aria-label={STRINGS.removeClosedDays(index + 1)}
                  onPress={() => closed.remove(index)}
                >
                  <Trash2 size={19} />
                </Button>
              </Line>
            ))}
          </ul>
          <Row>
            <QuietButton onPress={() => closed.append({ fromDay: '', toDay: '', reason: '' })}>
              {STRINGS.addClosedDays}
            </QuietButton>
          </Row>
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

const Hours = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(138px, 150px));
  gap: 10px;
`;

const Weekdays = ({ value, onChange }: { value: string; onChange: (next: string) => void }) => {
  const chosen = daysOf(value);
  const toggle = (weekday: number, isOpen: boolean): void =>
    onChange(
      (isOpen ? [...chosen, weekday] : chosen.filter((each) => each !== weekday)).sort().join(','),
    );
  return (
    <Days role="group" aria-label={STRINGS.weekdays}>
      {WEEKDAYS.map((weekday) => (
        <ToggleButton
          key={weekday}
          isSelected={chosen.includes(weekday)}
          onChange={(isOpen) => toggle(weekday, isOpen)}
        >
          {weekdayName(weekday, 'short')}
        </ToggleButton>
      ))}
    </Days>
  );
};

export default PlacesSection;
