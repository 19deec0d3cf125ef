/** What it probably is, how sure, why, and what to look at next; more signs can be told. */
import type { Job } from '@patient-edge/contract';
import {
  diagnoseFault,
  FAULT_CAUSES,
  FAULT_SIGN_IDS,
  FAULT_SIGNS,
  findUse,
  signsOf,
  type EdgeReadings,
  type FaultCauseId,
  type FaultSignId,
} from '@patient-edge/core';
import { X } from 'lucide-react';
import { useEffect } from 'react';
import { useConfirmedCauses } from '../api/hooks';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { Select } from '../theme/select';

/** Causes less likely than this are not worth a line. */
const WORTH_A_LINE = 0.08;
const LINES = 3;
/** A check that tells less is not worth the looking. */
const TELLS_BITS = 0.01;

interface WhichCauseProps {
  readonly job: Job;
  /** Null at the bench, where nothing has been tested yet. */
  readonly readings: EdgeReadings | null;
  /** What it probably is; null while nothing was seen. */
  readonly onCause?: (cause: FaultCauseId | null) => void;
  /** Signs told so far, where the page keeps them itself; else this device does. */
  readonly told?: ToldSigns;
  readonly onTold?: (told: ToldSigns) => void;
}

/** Seen, or looked for and not seen. */
export type ToldSigns = Readonly<Partial<Record<FaultSignId, boolean>>>;

const percent = (share: number): string => `${Math.round(100 * share)} %`;

export const WhichCause = ({ job, readings, onCause, told: given, onTold }: WhichCauseProps) => {
  const { data: confirmed } = useConfirmedCauses();
  const [stored, setStored] = useStored<ToldSigns>(`signs ${job.id} ${job.round}`, {});
  const told = given ?? stored;
  const setTold = onTold ?? setStored;
  const read = readings === null ? {} : signsOf(readings, findUse(job.useId));
  const seen = { ...read, ...told };
  const { causes, next } = diagnoseFault(seen, confirmed);
  const isSeen = Object.values(seen).some(Boolean);
  const likely = causes.filter(({ probability }) => probability >= WORTH_A_LINE).slice(0, LINES);
  const toLook = next.find(({ gainBits }) => gainBits > TELLS_BITS);
  const best = isSeen ? ((causes[0]?.id ?? null) as FaultCauseId | null) : null;
  useEffect(() => onCause?.(best), [best, onCause]);
  const because = (cause: FaultCauseId): string =>
    FAULT_SIGN_IDS.filter(
      (id) => seen[id] === true && (FAULT_SIGNS[id].causes as readonly string[]).includes(cause),
    )
      .map((id) => FAULT_SIGNS[id].what.toLowerCase())
      .join('; ');
  const tell = (id: FaultSignId, value: boolean): void => setTold({ ...told, [id]: value });
  return (
    <Stack $gap={8} role="group" aria-label="Which cause">
      {isSeen && (
        <>
          <h3>What it probably is</h3>
          <ol>
            {likely.map(({ id, probability }) => {
              const { what, remedy } = FAULT_CAUSES[id as FaultCauseId];
              const why = because(id as FaultCauseId);
              return (
                <li key={id}>
                  <b data-figure="">{percent(probability)}</b> {what} {remedy}
                  {why !== '' && <MutedText as="span"> Because: {why}.</MutedText>}
                </li>
              );
            })}
          </ol>
        </>
      )}
      {isSeen && toLook && (
        <Row $gap={10}>
          <span>
            Look next, it tells most for its time:{' '}
            <b>{FAULT_SIGNS[toLook.id as FaultSignId].what.toLowerCase()}</b>?
          </span>
          <QuietButton onPress={() => tell(toLook.id as FaultSignId, true)}>Seen</QuietButton>
          <QuietButton onPress={() => tell(toLook.id as FaultSignId, false)}>Not seen</QuietButton>
        </Row>
      )}
      <Row $gap={10} $align="end">
        <div style={{ width: 320 }}>
          <Select
            label="Another sign seen"
            options={FAULT_SIGN_IDS.filter((id) => seen[id] !== true).map((id) => ({
              id,
              label: FAULT_SIGNS[id].what,
            }))}
            value={null}
            onChange={(id) => tell(id, true)}
          />
        </div>
        {(Object.entries(told) as [FaultSignId, boolean][]).map(([id, value]) => (
          <QuietButton
            key={id}
            aria-label={`Take back: ${FAULT_SIGNS[id].what}`}
            onPress={() =>
              setTold(Object.fromEntries(Object.entries(told).filter(([each]) => each !== id)))
            }
          >
            {value ? '' : 'not: '}
            {FAULT_SIGNS[id].what} <X size={16} aria-hidden />
          </QuietButton>
        ))}
      </Row>
    </Stack>
  );
};
