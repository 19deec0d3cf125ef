/** The days of the coming week and a bit with their wharves: promised dates follow the moorings. */
import { addDays, format } from 'date-fns';
import { useBoard } from '../api/hooks';
import { day, weekdayOf } from '../theme/format';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';

const DAYS_AHEAD = 15;

interface PromisedOnProps {
  readonly value: string;
  readonly onChange: (isoDate: string) => void;
  readonly error?: string | undefined;
}

export const PromisedOn = ({ value, onChange, error }: PromisedOnProps) => {
  const { data: board } = useBoard();
  if (!board || board.moorings.length === 0) {
    return (
      <TextEntry label="Promised for" kind="date" value={value} onChange={onChange} error={error} />
    );
  }
  const today = new Date(`${board.today}T12:00:00`);
  const moored = Array.from({ length: DAYS_AHEAD }, (_, ahead) =>
    format(addDays(today, ahead), 'yyyy-MM-dd'),
  ).flatMap((id) => {
    const wharf = board.moorings.find(({ weekday }) => weekday === weekdayOf(id))?.wharf;
    return wharf === undefined ? [] : [{ id, label: `${day(id)} · ${wharf}` }];
  });
  const listed =
    value === '' || moored.some(({ id }) => id === value)
      ? moored
      : [{ id: value, label: day(value) }, ...moored];
  return (
    <Select
      label="Promised for"
      options={listed}
      value={value === '' ? null : value}
      onChange={onChange}
      error={error}
    />
  );
};
