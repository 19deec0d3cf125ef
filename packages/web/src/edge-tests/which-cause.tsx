/** What it probably is, how sure, why, and what to look at next; more signs can be told. */
import type { Job } from '@patient-edge/contract';
import {
  diagnoseFault,
  faultTable,
  findUse,
  signsOf,
  type EdgeReadings,
  type AnyCauseId,
  type AnySign,
  type AnySignId,
  type OwnFault,
  type SeenSigns,
} from '@patient-edge/core';
import { X } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import { useConfirmedCauses, useOwnFaults } from '../api/hooks';
import { useStored } from '../api/stored';
import { QuietButton } from '../theme/buttons';
import { MutedText, Row, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { STRINGS } from './strings';

/** Causes less likely than this are not worth a line. */
const WORTH_A_LINE = 0.08;
const LINES = 3;
/** A check that tells less is not worth the looking. */
const TELLS_BITS = 0.01;

const NONE: readonly OwnFault[] = [];

interface WhichCauseProps {
  readonly job: Job;
  /** Null at the bench, where nothing has been tested yet. */
  readonly readings: EdgeReadings | null;
  /** What it probably is; null while nothing was seen. */
  readonly onCause?: (cause: AnyCauseId | null) => void;
  /** Signs told so far, where the page keeps them itself; else this device does. */
  readonly told?: ToldSigns;
  readonly onTold?: (told: ToldSigns) => void;
}

/** Seen, or looked for and not seen. */
export type ToldSigns = SeenSigns;

const percent = (share: number): string => `${Math.round(100 * share)} %`;

export const WhichCause = ({ job, readings, onCause, told: given, onTold }: WhichCauseProps) => {
  const { data: confirmed } = useConfirmedCauses();
  const [stored, setStored] = useStored<ToldSigns>(`signs ${job.id} ${job.round}`, {});
  const told = given ?? stored;
  const setTold = onTold ?? setStored;
  const read = readings === null ? {} : signsOf(readings, findUse(job.useId));
  const seen: SeenSigns = { ...read, ...told };
  const own = useOwnFaults().data?.own ?? NONE;
  const table = useMemo(() => faultTable(own), [own]);
  const signs = Object.entries(table.signs) as [AnySignId, AnySign][];
  const whatOf = (id: AnySignId): string => table.signs[id]?.what ?? '';
  const { causes, next } = diagnoseFault(seen, confirmed, own);
  const isSeen = Object.values(seen).some(Boolean);
  const likely = causes.filter(({ probability }) => probability >= WORTH_A_LINE).slice(0, LINES);
  const toLook = next.find(({ gainBits }) => gainBits > TELLS_BITS);
  const best = isSeen ? ((causes[0]?.id ?? null) as AnyCauseId | null) : null;
  useEffect(() => onCause?.(best), [best, onCause]);
  const because = (cause: AnyCauseId): string =>
    signs
      .filter(([id, sign]) => seen[id] === true && sign.causes.includes(cause))
      .map(([, { what }]) => what.toLowerCase())
      .join('; ');
  const tell = (id: AnySignId, value: boolean): void => setTold({ ...told, [id]: value });
  return (
    <Stack $gap={8} role="group" aria-label={STRINGS.whichCause}>
      {isSeen && (
        <>
          <h3>{STRINGS.whatItProbablyIs}</h3>
          <ol>
            {likely.map(({ id, probability }) => {
              const { what, remedy } = table.causes[id as AnyCauseId]!;
              const why = because(id as AnyCauseId);
              return (
                <li key={id}>
                  <b data-figure="">{percent(probability)}</b> {what} {remedy}
                  {why !== '' && <MutedText as="span"> {STRINGS.because(why)}</MutedText>}
                </li>
              );
            })}
          </ol>
        </>
      )}
      {isSeen && toLook && (
        <Row $gap={10}>
          <span>
            {STRINGS.lookNextItTellsMostFor} <b>{whatOf(toLook.id as AnySignId).toLowerCase()}</b>?
          </span>
          <QuietButton onPress={() => tell(toLook.id as AnySignId, true)}>
            {STRINGS.seen}
          </QuietButton>
          <QuietButton onPress={() => tell(toLook.id as AnySignId, false)}>
            {STRINGS.notSeen}
          </QuietButton>
        </Row>
      )}
      <Row $gap={10} $align="end">
        <div style={{ width: 320 }}>
          <Select
            label={STRINGS.anotherSignSeen}
            options={signs.flatMap(([id, { what }]) =>
              seen[id] === true ? [] : [{ id, label: what }],
            )}
            value={null}
            onChange={(id) => tell(id, true)}
          />
        </div>
        {(Object.entries(told) as [AnySignId, boolean][]).map(([id, value]) => (
          <QuietButton
            key={id}
            aria-label={STRINGS.takeBack(whatOf(id))}
            onPress={() =>
              setTold(Object.fromEntries(Object.entries(told).filter(([each]) => each !== id)))
            }
          >
            {value ? '' : STRINGS.not}
            {whatOf(id)} <X size={16} aria-hidden />
          </QuietButton>
        ))}
      </Row>
    </Stack>
  );
};
