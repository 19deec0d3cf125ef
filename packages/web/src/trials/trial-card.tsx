/** One trial: what it asks, what it says so far, and which blade got which. */
import type { Trial } from '@patient-edge/contract';
import { named, otherArm, type TrialArm } from '@patient-edge/core';
import { Link } from 'react-router';
import { useSWRConfig } from 'swr';
import { request } from '../api/client';
import { useMay } from '../api/may';
import { useStored } from '../api/stored';
import { ActionButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { dayAndYear } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { useRun } from '../theme/use-run';
import { AddBlades } from './add-blades';
import { questionOf, schoolName } from './schools';
import { STRINGS } from './strings';

const schoolOf = (trial: Trial, arm: TrialArm): string =>
  schoolName(questionOf(trial.question), arm === 'first' ? trial.firstSchool : trial.secondSchool);

const Result = ({ trial }: { trial: Trial }) => {
  const { result } = trial;
  if (result === null) return <MutedText>{STRINGS.noLives}</MutedText>;
  const longer: TrialArm = result.longerProbability >= 0.5 ? 'first' : 'second';
  const shorter = otherArm(longer);
  const percent = Math.round(
    100 * Math.max(result.longerProbability, 1 - result.longerProbability),
  );
  return (
    <Stack $gap={4}>
      <h3>{STRINGS.likelier(percent, schoolOf(trial, longer), schoolOf(trial, shorter))}</h3>
      <MutedText>
        {STRINGS.lives(
          result.lives[longer],
          result.lives[shorter],
          result.ended.first + result.ended.second,
        )}
      </MutedText>
      {result.isEnough && trial.stoppedAt === null && <Notice tone="good">{STRINGS.enough}</Notice>}
    </Stack>
  );
};

const Blades = ({ trial }: { trial: Trial }) =>
  trial.blades.length === 0 ? (
    <MutedText>{STRINGS.noBlades}</MutedText>
  ) : (
    <table>
      <thead>
        <tr>
          <th scope="col">{STRINGS.blade}</th>
          <th scope="col">{STRINGS.customer}</th>
          <th scope="col">{STRINGS.gets}</th>
          <th scope="col">{STRINGS.drawn}</th>
        </tr>
      </thead>
      <tbody>
        {trial.blades.map((blade) => (
          <tr key={blade.bladeId}>
            <th scope="row">
              <Link to={`/blades/${blade.bladeId}`}>{blade.blade}</Link>
            </th>
            <td>
              <Link to={`/customers/${blade.customerId}`}>{blade.customer}</Link>
            </td>
            <td>
              {blade.way === 'pair'
                ? schoolOf(trial, blade.beginsWith)
                : STRINGS.inTurn(schoolOf(trial, blade.beginsWith))}
            </td>
            <td>{dayAndYear(blade.drawnAt)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );

const Stop = ({ trial }: { trial: Trial }) => {
  const { mutate } = useSWRConfig();
  const [reason, setReason] = useStored(
    `trial ${trial.id} stops`,
    trial.result?.isEnough ? STRINGS.enoughKnown : '',
  );
  const { busy, problem, run } = useRun();
  const stop = (): Promise<void> =>
    run(async () => {
      const trials = await request<Trial[]>('POST', `/trials/${trial.id}/stop`, { reason });
      await mutate('/trials', trials, { revalidate: false });
    });
  return (
    <Stack>
      <TextEntry
        label={STRINGS.reason}
        value={reason}
        onChange={setReason}
        error={problem ?? undefined}
      />
      <Row>
        <ActionButton isDisabled={busy} onPress={() => void stop()}>
          {STRINGS.stopNow}
        </ActionButton>
      </Row>
    </Stack>
  );
};

export const TrialCard = ({ trial }: { trial: Trial }) => {
  const mayChange = useMay('change habits');
  const isRunning = trial.stoppedAt === null;
  const title = `${named(questionOf(trial.question).label)}: ${STRINGS.against(
    schoolOf(trial, 'first'),
    schoolOf(trial, 'second'),
  )}`;
  return (
    <Panel aria-label={title}>
      <Stack>
        <h2>{title}</h2>
        <MutedText>
          {STRINGS.begun(dayAndYear(trial.begunAt), trial.begunBy, trial.seed)}{' '}
          {trial.stoppedAt !== null &&
            STRINGS.stoppedOn(dayAndYear(trial.stoppedAt), trial.stopReason)}
        </MutedText>
        {trial.note !== '' && <p>{trial.note}</p>}
        <Result trial={trial} />
        {trial.otherwise > 0 && <MutedText>{STRINGS.otherwise(trial.otherwise)}</MutedText>}
        <Blades trial={trial} />
        {isRunning && mayChange && (
          <>
            <Fold title={STRINGS.addBlades} says={STRINGS.addBladesSays}>
              <AddBlades trial={trial} />
            </Fold>
            <Fold title={STRINGS.stop} says={STRINGS.stopSays}>
              <Stop trial={trial} />
            </Fold>
          </>
        )}
      </Stack>
    </Panel>
  );
};
