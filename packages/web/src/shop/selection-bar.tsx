/** What can be done with many blades at once: tags printed, another day promised, handed over together. */
import type { Board, BoardJob } from '@patient-edge/contract';
import { useState } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { PromisedOn, type Promised } from '../intake/promised-on';
import { ActionButton, QuietButton } from '../theme/buttons';
import { day } from '../theme/format';
import { Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { useUndo } from '../theme/undo';
import { STRINGS } from './strings';

const Bar = styled.div`
  position: sticky;
  top: 0;
  z-index: 4;
  background: var(--sheet);
  border: 1px solid var(--line);
  border-left: 8px solid var(--accent);
  padding: 12px 18px;
`;

interface SelectionBarProps {
  readonly board: Board;
  readonly chosen: readonly BoardJob[];
  readonly shown: readonly BoardJob[];
  readonly onChosen: (jobs: readonly BoardJob[]) => void;
  readonly onDone: () => void;
}

const promise = async (jobs: readonly BoardJob[], { promisedOn, placeId }: Promised) => {
  const board = await request<Board>(
    'POST',
    '/promises',
    {
      promisedOn,
      placeId: placeId === '' ? null : Number(placeId),
      blades: jobs.map(({ jobId, version }) => ({ jobId, version })),
    },
    { 'Idempotency-Key': crypto.randomUUID() },
  );
  await mutate('/shop', board, { revalidate: false });
  for (const { jobId } of jobs) void mutate(`/jobs/${jobId}`);
  return board;
};

export const SelectionBar = ({
  board: held,
  chosen,
  shown,
  onChosen,
  onDone,
}: SelectionBarProps) => {
  const [told, setTold] = useState<{ readonly text: string; readonly isWrong: boolean } | null>(
    null,
  );
  const [isPromising, setPromising] = useState(false);
  const [busy, setBusy] = useState(false);
  const offerUndo = useUndo();
  const run = async (work: () => Promise<string>): Promise<void> => {
    setBusy(true);
    setTold(null);
    try {
      setTold({ text: await work(), isWrong: false });
    } catch (error) {
      setTold({ text: messageOf(error), isWrong: true });
    } finally {
      setBusy(false);
    }
  };
  const print = () =>
    run(async () => {
      for (const { jobId } of chosen)
        await request('POST', `/jobs/${jobId}/labels`, { what: 'tag' });
      return STRINGS.inThePrintersTray(STRINGS.tagsAre(chosen.length));
    });
  const promiseAll = (next: Promised) =>
    run(async () => {
      const before = chosen;
      const board = await promise(chosen, next);
      setPromising(false);
      const versions = new Map(board.jobs.map(({ jobId, version }) => [jobId, version]));
      offerUndo(
        STRINGS.saidPromisedForPromisedOn(STRINGS.blades(before.length), day(next.promisedOn)),
        async () => {
          const promises = new Map(
            before.map((job) => [`${job.promisedOn} ${job.place ?? ''}`, job]),
          );
          for (const { promisedOn, place } of promises.values()) {
            const those = before
              .filter((job) => job.promisedOn === promisedOn && job.place === place)
              .map((job) => ({ ...job, version: versions.get(job.jobId)! }));
            const placeId = held.places.find(({ name }) => name === place)?.id;
            await promise(those, {
              promisedOn,
              placeId: placeId === undefined ? '' : String(placeId),
            });
          }
        },
      );
      return STRINGS.saidPromisedForPromisedOn(STRINGS.blades(before.length), day(next.promisedOn));
    });
  const ready = chosen.filter(({ stage }) => stage === 'ready' || stage === 'declined');
  const customers = new Set(ready.map(({ customerId }) => customerId));
  const whyNotHandOver =
    ready.length < chosen.length
      ? STRINGS.notReady(STRINGS.blades(chosen.length - ready.length))
      : customers.size > 1
        ? STRINGS.ofSeveralCustomers
        : null;
  return (
    <Bar role="region" aria-label={STRINGS.selectedBlades}>
      <Stack $gap={10}>
        <Row>
          <b role="status">{STRINGS.selected(STRINGS.blades(chosen.length))}</b>
          <QuietButton onPress={() => onChosen(shown)}>
            {STRINGS.selectAll(shown.length)}
          </QuietButton>
          {chosen.length > 0 && (
            <QuietButton onPress={() => onChosen([])}>{STRINGS.clear}</QuietButton>
          )}
          <QuietButton onPress={onDone}>{STRINGS.doneAlone}</QuietButton>
        </Row>
        {chosen.length > 0 && (
          <Row>
            <QuietButton isDisabled={busy} onPress={() => void print()}>
              {STRINGS.printTags}
            </QuietButton>
            <QuietButton isDisabled={busy} onPress={() => setPromising(!isPromising)}>
              {STRINGS.promiseAnotherDay}
            </QuietButton>
            {whyNotHandOver === null ? (
              <QuietLink
                to={`/ready?customer=${ready[0]!.customerId}&jobs=${ready.map(({ jobId }) => jobId).join(',')}`}
              >
                {STRINGS.handOver}
              </QuietLink>
            ) : (
              <span>{STRINGS.cannotBeHandedOverTogether(whyNotHandOver)}</span>
            )}
          </Row>
        )}
        {isPromising && chosen.length > 0 && (
          <AnotherDay busy={busy} onPromise={(next) => void promiseAll(next)} />
        )}
        {told && (
          <Notice tone={told.isWrong ? 'cut' : 'good'} alert={told.isWrong}>
            {told.text}
          </Notice>
        )}
      </Stack>
    </Bar>
  );
};

const AnotherDay = ({
  busy,
  onPromise,
}: {
  busy: boolean;
  onPromise: (next: Promised) => void;
}) => {
  const [next, setNext] = useState<Promised>({ promisedOn: '', placeId: '' });
  const [error, setError] = useState<string | undefined>();
  return (
    <Row $align="end">
      <div style={{ minWidth: 260 }}>
        <PromisedOn
          {...next}
          onChange={(chosen) => {
            setError(undefined);
            setNext(chosen);
          }}
          error={error}
        />
      </div>
      <ActionButton
        isDisabled={busy}
        onPress={() =>
          next.promisedOn === '' ? setError(STRINGS.chooseADayTheCustomerCan) : onPromise(next)
        }
      >
        {STRINGS.promise}
      </ActionButton>
    </Row>
  );
};
