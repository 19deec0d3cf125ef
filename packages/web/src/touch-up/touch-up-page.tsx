/** Least intervention first: the ladder, the rung to try now, a test, and up only when it fails. */
import { toRack, type CoinsFound, type Job, type TouchUp, canDo } from '@patient-edge/contract';
import {
  bladeKind,
  findUse,
  heldTooShort,
  isRodRung,
  nextRung,
  TOUCH_UP_TEST,
  touchUpLadder,
  type Rung,
  type RungAdvice,
  named,
} from '@patient-edge/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { mutate } from 'swr';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { updateJobCache, useSteels, useStones, useTouchUps } from '../api/hooks';
import { useMay } from '../api/may';
import { useCurrentJob } from '../jobs/current-job';
import { readStored, writeStored, useStored } from '../api/stored';
import { dayAndYear, fixed, mmTyped } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { ActionLink } from '../theme/links';
import { Figures, Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { TextEntry } from '../theme/text-fields';
import { Waiting } from '../theme/waiting';
import { coinsBefore, foundOf, FRESH_ROD, RodWork, searchFor, type RodDraft } from './rod-work';
import { STRINGS } from './strings';

const Ladder = styled.ol`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: 12px 150px minmax(0, 1fr) 190px;
    gap: 16px;
    padding: 12px 0;
    border-top: 1px solid var(--line);
    align-items: start;
  }
  @media (max-width: 560px) {
    & > li {
      grid-template-columns: 12px minmax(0, 1fr);
      gap: 6px 12px;
    }
    & > li > i {
      grid-row: span 3;
    }
  }
  & > li > i {
    align-self: stretch;
    background: var(--steel);
  }
  & > li[data-now] > i {
    background: var(--accent);
  }
  & > li[data-out] > h3,
  & > li[data-out] p {
    color: var(--ink-soft);
  }
`;

const RUNG_NAMES: Readonly<Record<Rung, string>> = {
  'smooth rod': STRINGS.smoothRod,
  'fine-cut rod': STRINGS.fineCutRod,
  'ceramic rod': STRINGS.ceramicRod,
  'diamond rod': STRINGS.diamondRod,
  strop: STRINGS.strop,
  'finest stone': STRINGS.finestStone,
  'full round': STRINGS.fullRound,
};

const lastWords = (last: RungAdvice['lastTime']): string =>
  last === null
    ? STRINGS.notTriedOnThisBladeYet
    : !last.enough
      ? STRINGS.lastTimeItWasNotEnough
      : last.lastedDays === null
        ? STRINGS.enoughLastTimeStillHolding
        : STRINGS.lastedDaysLastTime(last.lastedDays);

const TouchUpPage = () => {
  const job = useCurrentJob();
  const { data: stones } = useStones();
  const { data: past, error } = useTouchUps(job.id);
  const steels = useSteels();
  const steel = steels?.find(({ designation }) => designation === job.steel);
  if (!stones || !past || !steels) return <Waiting error={error} text={STRINGS.loadingTouchUps} />;
  if (!steel) return <Notice tone="cut">{STRINGS.theSteelOfThisBladeIs}</Notice>;
  const earlier = past.filter(({ jobId }) => jobId !== job.id);
  const tried = past.filter(({ jobId, enough }) => jobId === job.id && !enough);
  const ladder = touchUpLadder({
    steel,
    angleDeg: job.plan?.angleDeg ?? presentDeg(job),
    angleAssumed: job.plan === null && job.angleAssumed,
    finishUm: findUse(job.useId).finishUm,
    chipped: job.damage.some(({ kind }) => kind === 'chip'),
    guidedBySpine: bladeKind(job.measures.kindId).grind === 'razor',
    rack: toRack(stones),
    past: earlier,
    tried: tried.map(({ rung }) => rung),
  });
  const next = heldTooShort(earlier)
    ? 'full round'
    : nextRung(
        ladder,
        tried.map(({ rung }) => rung),
      );
  return (
    <Stack $gap={16}>
      <Panel aria-label={STRINGS.theLadder}>
        <Stack>
          <h2>{STRINGS.leastInterventionFirst}</h2>
          {job.sharpness === 'dull' || job.sharpness === 'blunt' ? (
            <MutedText>
              {STRINGS.itCameATiredBladeIs(named(job.sharpness), named(job.sharpness))}
            </MutedText>
          ) : (
            <MutedText>{STRINGS.tryTheLowestRungThatSuits}</MutedText>
          )}
          <Ladder>
            {ladder.map((rung) => (
              <li
                key={rung.rung}
                data-now={rung.rung === next ? '' : undefined}
                data-out={rung.suits ? undefined : ''}
              >
                <i aria-hidden />
                <h3>{RUNG_NAMES[rung.rung]}</h3>
                <div>
                  <p>{rung.reason}</p>
                  {rung.suits && <MutedText>{rung.how}</MutedText>}
                </div>
                <MutedText>
                  {tried.some((each) => each.rung === rung.rung)
                    ? STRINGS.triedNowNotEnough
                    : lastWords(rung.lastTime)}
                </MutedText>
              </li>
            ))}
          </Ladder>
          <TryRung
            key={next}
            job={job}
            rung={ladder.find(({ rung }) => rung === next)!}
            before={coinsBefore(past)}
          />
        </Stack>
      </Panel>
      {past.length > 0 && (
        <Panel aria-label={STRINGS.touchUpsOfThisBlade}>
          <Stack>
            <h2>{STRINGS.before}</h2>
            <Past past={past} />
          </Stack>
        </Panel>
      )}
    </Stack>
  );
};

/** As measured; else from the middle of the window of its use. */
const presentDeg = ({ measures, useId }: Job): number => {
  if (measures.presentAnglePerSideDeg !== null) return measures.presentAnglePerSideDeg;
  const [low, high] = findUse(useId).angleDeg;
  return (low + high) / 2;
};

const draftName = (jobId: number): string => `touch-up of job ${jobId}`;

const TryRung = ({
  job,
  rung,
  before,
}: {
  job: Job;
  rung: RungAdvice;
  before: CoinsFound | null;
}) => {
  const navigate = useNavigate();
  const mayTouchUp = useMay('touch up');
  const [note, setNote] = useStored(`touch-up note ${job.id}`, '');
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  // One angle for all rods of a blade: what the ink has shown on the smooth one holds on the next.
  const [draft, setDraft] = useState<RodDraft>(
    () => readStored<RodDraft>(draftName(job.id)) ?? FRESH_ROD,
  );
  const keep = (next: RodDraft): void => {
    setDraft(next);
    writeStored(draftName(job.id), next);
  };
  const onRod = isRodRung(rung.rung) ? rung.rung : null;
  const search = onRod && searchFor(job, onRod, draft.coinMm);
  const open = canDo(job, 'touch up');
  if (!open) return <MutedText>{STRINGS.theBladeIsNoRungIs(named(job.stage))}</MutedText>;
  if (!mayTouchUp) return <MutedText>{STRINGS.onlyTheBenchCanTouchUp}</MutedText>;
  if (rung.rung === 'full round') {
    return (
      <Row>
        <ActionLink to={`/jobs/${job.id}/plan`}>
          {STRINGS.assessAndPlanTheFullSharpening}
        </ActionLink>
      </Row>
    );
  }
  const say = async (enough: boolean): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await updateJobCache(
        await writeJob({
          jobId: job.id,
          method: 'POST',
          path: '/touch-ups',
          version: job.version,
          body: {
            rung: rung.rung,
            stoneId: rung.stoneId === null ? null : Number(rung.stoneId),
            enough,
            note,
            coins: onRod && foundOf(job, draft, search),
            passes: onRod && draft.passes,
          },
        }),
      );
      keep({ ...draft, passes: null });
      setNote('');
      await mutate(`/jobs/${job.id}/touch-ups`);
      if (enough) await navigate(`/jobs/${job.id}/test`);
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Stack>
      <h3>{STRINGS.now(RUNG_NAMES[rung.rung].toLowerCase())}</h3>
      {onRod ? (
        <RodWork
          job={job}
          rung={onRod}
          search={search}
          before={before}
          draft={draft}
          onDraft={keep}
        />
      ) : (
        <p>{rung.how}</p>
      )}
      <MutedText>{STRINGS.thenTest(TOUCH_UP_TEST)}</MutedText>
      <div style={{ maxWidth: 460 }}>
        <TextEntry label={STRINGS.note} value={note} onChange={setNote} />
      </div>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Row>
        <ActionButton isDisabled={busy} onPress={() => void say(true)}>
          {STRINGS.enoughTestTheEdge}
        </ActionButton>
        <QuietButton isDisabled={busy} onPress={() => void say(false)}>
          {STRINGS.notEnoughNextRung}
        </QuietButton>
      </Row>
    </Stack>
  );
};

const Past = ({ past }: { past: readonly TouchUp[] }) => (
  <table>
    <thead>
      <tr>
        <th scope="col">{STRINGS.day}</th>
        <th scope="col">{STRINGS.by}</th>
        <th scope="col">{STRINGS.rung}</th>
        <th scope="col">{STRINGS.foundAlone}</th>
        <th scope="col">{STRINGS.lasted}</th>
        <th scope="col">{STRINGS.note}</th>
      </tr>
    </thead>
    <tbody>
      {past.map((each) => (
        <tr key={each.id}>
          <td>{dayAndYear(each.at)}</td>
          <td>{each.who}</td>
          <td>
            {RUNG_NAMES[each.rung]}
            {each.stone !== null && `, ${each.stone}`}
            {each.coins !== null &&
              STRINGS.coinsOf(
                each.coins.count,
                mmTyped(each.coins.coinMm),
                fixed(each.coins.angleDeg, 1),
              )}
            {each.passes !== null && STRINGS.passesASideWithin(each.passes)}
          </td>
          <td>{each.enough ? STRINGS.enough : STRINGS.notEnough}</td>
          <td>
            <Figures>{each.lastedDays === null ? '–' : STRINGS.days(each.lastedDays)}</Figures>
          </td>
          <td>{each.note}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

export default TouchUpPage;
