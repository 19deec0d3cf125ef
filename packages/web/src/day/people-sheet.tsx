/** Who is at the bench today, and from when to when. */
import type { DayFacts, DayPersonFacts } from '@patient-edge/contract';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Panel, Row, Stack } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { useRun } from '../theme/use-run';
import { STRINGS } from './strings';

const isTime = (typed: string): boolean => /^([01]\d|2[0-3]):[0-5]\d$/.test(typed);

/** An errand, a customer, a break. */
const AWAY_MINUTES = [15, 60];
const LAST_MINUTE = 24 * 60 - 1;

/** HH:MM, as it is kept. */
const timeOf = (minute: number): string =>
  [Math.floor(minute / 60), minute % 60].map((part) => String(part).padStart(2, '0')).join(':');

interface OnePersonProps {
  readonly day: string;
  /** Minutes since midnight. */
  readonly now: number;
  readonly person: DayPersonFacts;
}

const OnePerson = ({ day, now, person }: OnePersonProps) => {
  const { mutate } = useSWRConfig();
  const { problem, run } = useRun();
  const set = (part: Partial<DayPersonFacts>): Promise<void> =>
    run(async () => {
      const { staffId, present, fromTime, untilTime } = { ...person, ...part };
      if (!isTime(fromTime) || !isTime(untilTime)) return;
      const facts = await request<DayFacts>('PUT', '/day/presence', {
        day,
        staffId,
        present,
        fromTime,
        untilTime,
      });
      await mutate('/day', facts, { revalidate: false });
    });
  return (
    <Row $gap={18} $align="end">
      <div style={{ minWidth: 170 }}>
        <Checkbox value={person.present} onChange={(present) => void set({ present })}>
          {person.name}
        </Checkbox>
      </div>
      {person.present && (
        <>
          <TextEntry
            label={STRINGS.from}
            kind="time"
            value={person.fromTime}
            onChange={(fromTime) => void set({ fromTime })}
            error={problem ?? undefined}
          />
          <TextEntry
            label={STRINGS.until}
            kind="time"
            value={person.untilTime}
            onChange={(untilTime) => void set({ untilTime })}
          />
          {AWAY_MINUTES.map((minutes) => (
            <QuietButton
              key={minutes}
              aria-label={`${person.name}: ${STRINGS.backIn(minutes)}`}
              onPress={() => void set({ fromTime: timeOf(Math.min(LAST_MINUTE, now + minutes)) })}
            >
              {STRINGS.backIn(minutes)}
            </QuietButton>
          ))}
        </>
      )}
    </Row>
  );
};

export const PeopleSheet = ({ facts }: { facts: DayFacts }) => (
  <Panel aria-label={STRINGS.people}>
    <Stack $gap={8}>
      <h2>{STRINGS.people}</h2>
      {facts.people.map((person) => (
        <OnePerson
          key={person.staffId}
          day={facts.now.day}
          now={facts.now.minute}
          person={person}
        />
      ))}
    </Stack>
  </Panel>
);
