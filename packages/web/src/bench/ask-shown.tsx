/** What a step must show besides its burr: ticked, or measured. */
import {
  BENCH_READINGS,
  readingShows,
  type BenchAsk,
  type BenchReadingId,
  type StepNotes,
  type WorkAction,
} from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Stack } from '../theme/layout';
import { WithinLimits } from '../theme/within-limits';
import { STRINGS } from './strings';

const Ask = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 10px;
  align-items: center;
  & label {
    min-height: 56px;
  }
  & > button {
    min-height: 56px;
  }
  & > [data-readings] {
    grid-column: 1 / -1;
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(130px, 1fr));
    gap: 8px;
    font-size: 16px;
  }
`;

interface AskShownProps {
  readonly asks: readonly BenchAsk[];
  readonly notes: StepNotes;
  readonly afterMm: number | null;
  readonly onChange: (action: WorkAction) => void;
}

export const AskShown = ({ asks, notes, afterMm, onChange }: AskShownProps) =>
  asks.length === 0 ? null : (
    <Stack $gap={2} role="group" aria-label={STRINGS.beforeGoingOn}>
      {asks.map((ask) => (
        <AskOne key={ask.code} {...{ ask, notes, afterMm, onChange }} />
      ))}
    </Stack>
  );

const AskOne = ({
  ask: { code, text, readings },
  notes,
  afterMm,
  onChange,
}: Omit<AskShownProps, 'asks'> & { readonly ask: BenchAsk }) => {
  const isRead = readings.some((id) => notes.readings[id] !== undefined);
  const [open, setOpen] = useState(isRead);
  const read = readingShows(code, notes.readings, afterMm);
  return (
    <Ask>
      <Checkbox
        value={read?.shows ?? notes.shown.includes(code)}
        onChange={(value) => onChange({ type: 'shown', code, value })}
      >
        {text}
        {read && `: ${read.text}`}
      </Checkbox>
      {readings.length > 0 && (
        <QuietButton aria-expanded={open} onPress={() => setOpen(!open)}>
          {STRINGS.measure}
        </QuietButton>
      )}
      {open && (
        <div data-readings="">
          {readings.map((id) => (
            <Reading key={id} id={id} value={notes.readings[id] ?? null} onChange={onChange} />
          ))}
        </div>
      )}
    </Ask>
  );
};

const Reading = ({
  id,
  value,
  onChange,
}: {
  id: BenchReadingId;
  value: number | null;
  onChange: (action: WorkAction) => void;
}) => {
  const { label, least, most } = BENCH_READINGS[id];
  return (
    <WithinLimits
      label={label}
      least={least}
      most={most}
      whole={false}
      value={value}
      onValue={(typed) => onChange({ type: 'reading', reading: id, value: typed })}
      onOpen={() => onChange({ type: 'reading', reading: id, value: null })}
    />
  );
};
