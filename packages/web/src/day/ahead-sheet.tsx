/** How full the days ahead are, and how to take the day along. */
import { useCalendars, useDayLoad } from '../api/hooks';
import { Fold } from '../theme/fold';
import { day, fixed } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Figures, MutedText, Panel, Row, Stack } from '../theme/layout';
import { Waiting } from '../theme/waiting';
import { Headings, WideTable } from '../theme/wide-table';
import { STRINGS } from './strings';

/** Above this it is too much to promise more; below that there is room for a round of messages. */
const TOO_FULL = 0.85;
const EMPTY = 0.15;

const hours = (minutes: number): string => fixed(minutes / 60, 1);

const Load = () => {
  const { data: days, error } = useDayLoad();
  if (!days) return <Waiting error={error} text={STRINGS.loading} />;
  return (
    <WideTable label={STRINGS.ahead}>
      <table>
        <Headings
          names={[
            STRINGS.date,
            STRINGS.place,
            STRINGS.blades,
            STRINGS.work,
            STRINGS.ofHours,
            STRINGS.expected,
          ]}
        />
        <tbody>
          {days.map((each) => {
            const share = each.openMinutes === 0 ? 0 : each.cautiousMinutes / each.openMinutes;
            return (
              <tr key={`${each.day} ${each.place}`}>
                <th scope="row">{day(each.day)}</th>
                <td>{each.place}</td>
                <td>
                  <Figures>{each.blades}</Figures>
                </td>
                <td>
                  <Figures>
                    {STRINGS.range(hours(each.workMinutes), hours(each.cautiousMinutes))}
                  </Figures>
                </td>
                <td>
                  <Figures>{STRINGS.hours(hours(each.openMinutes))}</Figures>{' '}
                  {share > TOO_FULL ? <b>{STRINGS.tooFull}</b> : share < EMPTY ? STRINGS.empty : ''}
                </td>
                <td>
                  <Figures>{each.expected === 0 ? '' : each.expected}</Figures>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </WideTable>
  );
};

const Calendars = () => {
  const { data: calendars, error } = useCalendars();
  if (!calendars) return <Waiting error={error} text={STRINGS.loading} />;
  return (
    <ul>
      {calendars.map(({ staffId, name, address }) => (
        <li key={staffId} style={{ overflowWrap: 'anywhere' }}>
          {name}: <a href={address}>{address}</a>
        </li>
      ))}
    </ul>
  );
};

export const AheadSheet = () => (
  <Panel aria-label={STRINGS.ahead}>
    <Stack>
      <Fold title={STRINGS.ahead} level={2} says={STRINGS.aheadSays}>
        <Load />
      </Fold>
      <Fold title={STRINGS.out} level={2} says={STRINGS.outSays}>
        <Stack>
          <Row $gap={18}>
            <a href="/api/day.csv">{STRINGS.csv}</a>
            <QuietButton onPress={() => window.print()}>{STRINGS.print}</QuietButton>
          </Row>
          <MutedText>{STRINGS.calendarsAre}</MutedText>
          <Calendars />
        </Stack>
      </Fold>
    </Stack>
  </Panel>
);
