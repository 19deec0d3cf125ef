/** Who is at the bench today, and from when to when. */
import type { DayFacts, DayPersonFacts } from '@patient-edge/contract';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Panel, Row, Stack } from '../theme/layout';
import { TextEntry } from '../theme/text-fields';
import { useAhead } from '../theme/use-ahead';
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
  const [shown, setShown] = useAhead(
    person,
    ({ staffId, present, fromTime, untilTime }) =>
      run(async () => {
        const body = { day, staffId, present, fromTime, untilTime };
        const facts = await request<DayFacts>('PUT', '/day/presence', body);
        await mutate('/day', facts, { revalidate: false });
      }),
    ({ fromTime, untilTime }) => isTime(fromTime) && isTime(untilTime),
  );
  const set = (part: Partial<DayPersonFacts>): void => setShown({ ...shown, ...part });
  const told = (time: string): string | undefined => (isTime(time) ? undefined : STRINGS.aTimeAs);
  return (
    <Row $gap={18} $align="end">
      <div style={{ minWidth: 170 }}>
        <Checkbox value={shown.present} onChange={(present) => set({ present })}>
          {person.name}
        </Checkbox>
      </div>
      {shown.present && (
        <>
          <TextEntry
            label={STRINGS.from}
            kind="time"
            value={shown.fromTime}
            onChange={(fromTime) => set({ fromTime })}
            error={told(shown.fromTime) ?? problem ?? undefined}
          />
          <TextEntry
            label={STRINGS.until}
            kind="time"
            value={shown.untilTime}
            onChange={(untilTime) => set({ untilTime })}
            error={told(shown.untilTime)}
          />
          {AWAY_MINUTES.map((minutes) => (
            <QuietButton
              key={minutes}
              aria-label={`${person.name}: ${STRINGS.backIn(minutes)}`}
              onPress={() => set({ fromTime: timeOf(Math.min(LAST_MINUTE, now + minutes)) })}
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
