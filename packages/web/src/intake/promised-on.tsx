/** When and where it is promised: the days ahead at the places of the shop, or any other day of the calendar. */
import { closedOn, openDays, placesOn } from '@patient-edge/core';
import { useState } from 'react';
import { useBoard } from '../api/hooks';
import { day } from '../theme/format';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { STRINGS } from './strings';

const DAYS_AHEAD = 22;
const OTHER = 'other';

export interface Promised {
  readonly promisedOn: string;
  /** Empty where no place is said. */
  readonly placeId: string;
}

interface PromisedOnProps extends Promised {
  readonly onChange: (next: Promised) => void;
  readonly error?: string | undefined;
}

export const PromisedOn = ({ promisedOn, placeId, onChange, error }: PromisedOnProps) => {
  const { data: board } = useBoard();
  const [isOther, setOther] = useState(false);
  const places = board?.places ?? [];
  const closed = board?.closed ?? [];
  const offered = board
    ? openDays(places, closed, board.today, DAYS_AHEAD).map(({ day: isoDay, place }) => ({
        id: `${isoDay} ${place.id}`,
        label: `${day(isoDay)} · ${place.name}`,
      }))
    : // Until the shop's days are known the day stands alone: whether a place is open then is not known yet.
      [promisedOn]
        .filter(Boolean)
        .map((isoDay) => ({ id: `${isoDay} ${placeId}`, label: day(isoDay) }));
  // Chosen before its place was said: the one open on the day.
  const chosen = offered.find(({ id }) =>
    placeId === '' ? id.startsWith(`${promisedOn} `) : id === `${promisedOn} ${placeId}`,
  );
  const takeDay = (isoDay: string): void => {
    const [open] = placesOn(places, closed, isoDay);
    onChange({ promisedOn: isoDay, placeId: open ? String(open.id) : '' });
  };
  const byCalendar = board !== undefined && (offered.length === 0 || isOther);
  if (byCalendar || (promisedOn !== '' && !chosen)) {
    return (
      <Stack $gap={6}>
        <TextEntry
          label={STRINGS.promisedFor}
          kind="date"
          value={promisedOn}
          onChange={takeDay}
          error={error}
        />
        <WhereThatDay
          promisedOn={promisedOn}
          closedFor={closedOn(closed, promisedOn)}
          place={places.find(({ id }) => String(id) === placeId)?.name}
          onList={
            offered.length > 0
              ? () => {
                  setOther(false);
                  onChange({ promisedOn: '', placeId: '' });
                }
              : null
          }
        />
      </Stack>
    );
  }
  return (
    <Select
      label={STRINGS.promisedFor}
      options={[...offered, { id: OTHER, label: STRINGS.anotherDay }]}
      value={chosen?.id ?? null}
      onChange={(id) => {
        if (id === OTHER) return setOther(true);
        const [isoDay, place] = id.split(' ') as [string, string];
        onChange({ promisedOn: isoDay, placeId: place });
      }}
      error={error}
    />
  );
};

/** Nobody is anywhere that day, or it is a day off the list: said, and the way back. */
const WhereThatDay = ({
  promisedOn,
  closedFor,
  place,
  onList,
}: {
  promisedOn: string;
  closedFor: string | null;
  place: string | undefined;
  onList: (() => void) | null;
}) => {
  const says =
    promisedOn === ''
      ? ''
      : closedFor !== null
        ? STRINGS.closedThatDay(closedFor === '' ? '' : `: ${closedFor}`)
        : (place ?? STRINGS.noPlaceIsOpenThatDay);
  return (
    <Row $gap={10}>
      {says !== '' && <MutedText>{says}</MutedText>}
      {onList ? (
        <QuietButton onPress={onList}>{STRINGS.daysOnTheList}</QuietButton>
      ) : (
        <QuietLink to="/settings/places">{STRINGS.setYourDays}</QuietLink>
      )}
    </Row>
  );
};
