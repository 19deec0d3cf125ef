/** What came back and what was late, and why. */
import type { FigureSheet, LateReason } from '@patient-edge/contract';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Counts } from './counts';
import { CsvLink } from './csv-link';
import { STRINGS } from './strings';

interface PartProps {
  readonly sheet: FigureSheet;
  readonly query: string;
}

export const CameBack = ({ sheet: { complaints, sentBack }, query }: PartProps) => (
  <Panel aria-label={STRINGS.whatCameBack}>
    <Stack>
      <Row $gap={16} $align="baseline">
        <h2>{STRINGS.whatCameBack}</h2>
        <CsvLink query={query} table="back" />
      </Row>
      {complaints.length === 0 ? (
        <MutedText>{STRINGS.noneCameBack}</MutedText>
      ) : (
        <Counts caption={STRINGS.complaints} counts={complaints} />
      )}
      {sentBack.length === 0 ? (
        <MutedText>{STRINGS.noneFailed}</MutedText>
      ) : (
        <Counts caption={STRINGS.failedTests} counts={sentBack} />
      )}
    </Stack>
  </Panel>
);

const REASONS: Readonly<Record<LateReason, string>> = {
  'sent back': STRINGS.failedATest,
  'took longer': STRINGS.tookLonger,
  'waited for an answer': STRINGS.waited,
  'begun late': STRINGS.begunLate,
  other: STRINGS.unknown,
};

export const WasLate = ({ sheet: { late }, query }: PartProps) => (
  <Panel aria-label={STRINGS.whatWasLate}>
    <Stack>
      <Row $gap={16} $align="baseline">
        <h2>{STRINGS.whatWasLate}</h2>
        <CsvLink query={query} table="late" />
      </Row>
      {late.length === 0 ? (
        <MutedText>{STRINGS.noneLate}</MutedText>
      ) : (
        <Counts
          caption={STRINGS.why}
          counts={late.map(({ because, blades }) => ({ name: REASONS[because], blades }))}
        />
      )}
    </Stack>
  </Panel>
);
