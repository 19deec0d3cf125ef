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
import { WORDS } from './words';

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
  'smooth rod': WORDS.smoothRod,
  'fine-cut rod': WORDS.fineCutRod,
  'ceramic rod': WORDS.ceramicRod,
  'diamond rod': WORDS.diamondRod,
  strop: WORDS.strop,
  'finest stone': WORDS.finestStone,
  'full round': WORDS.fullRound,
};

const lastWords = (last: RungAdvice['lastTime']): string =>
  last === null
    ? WORDS.notTriedOnThisBladeYet
    : !last.enough
      ? WORDS.lastTimeItWasNotEnough
      : last.lastedDays === null
        ? WORDS.enoughLastTimeStillHolding
        : WORDS.lastedDaysLastTime(last.lastedDays);

const TouchUpPage = () => {
  const job = useCurrentJob();
  const { data: stones } = useStones();
  const { data: past, error } = useTouchUps(job.id);
  const steels = useSteels();
  const steel = steels?.find(({ designation }) => designation === job.steel);
  if (!stones || !past || !steels) return <Waiting error={error} text={WORDS.loadingTouchUps} />;
  if (!steel) return <Notice tone="cut">{WORDS.theSteelOfThisBladeIs}</Notice>;
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
      <Panel aria-label={WORDS.theLadder}>
        <Stack>
          <h2>{WORDS.leastInterventionFirst}</h2>
          {job.sharpness === 'dull' || job.sharpness === 'blunt' ? (
            <MutedText>
              {WORDS.itCameATiredBladeIs(named(job.sharpness), named(job.sharpness))}
            </MutedText>
          ) : (
            <MutedText>{WORDS.tryTheLowestRungThatSuits}</MutedText>
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
                    ? WORDS.triedNowNotEnough
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
        <Panel aria-label={WORDS.touchUpsOfThisBlade}>
          <Stack>
            <h2>{WORDS.before}</h2>
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
  if (!open) return <MutedText>{WORDS.theBladeIsNoRungIs(named(job.stage))}</MutedText>;
  if (!mayTouchUp) return <MutedText>{WORDS.onlyTheBenchCanTouchUp}</MutedText>;
  if (rung.rung === 'full round') {
    return (
      <Row>
        <ActionLink to={`/jobs/${job.id}/plan`}>{WORDS.assessAndPlanTheFullSharpening}</ActionLink>
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
      <h3>{WORDS.now(RUNG_NAMES[rung.rung].toLowerCase())}</h3>
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
      <MutedText>{WORDS.thenTest(TOUCH_UP_TEST)}</MutedText>
      <div style={{ maxWidth: 460 }}>
        <TextEntry label={WORDS.note} value={note} onChange={setNote} />
      </div>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Row>
        <ActionButton isDisabled={busy} onPress={() => void say(true)}>
          {WORDS.enoughTestTheEdge}
        </ActionButton>
        <QuietButton isDisabled={busy} onPress={() => void say(false)}>
          {WORDS.notEnoughNextRung}
        </QuietButton>
      </Row>
    </Stack>
  );
};

const Past = ({ past }: { past: readonly TouchUp[] }) => (
  <table>
    <thead>
      <tr>
        <th scope="col">{WORDS.day}</th>
        <th scope="col">{WORDS.by}</th>
        <th scope="col">{WORDS.rung}</th>
        <th scope="col">{WORDS.foundAlone}</th>
        <th scope="col">{WORDS.lasted}</th>
        <th scope="col">{WORDS.note}</th>
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
              WORDS.coinsOf(
                each.coins.count,
                mmTyped(each.coins.coinMm),
                fixed(each.coins.angleDeg, 1),
              )}
            {each.passes !== null && WORDS.passesASideWithin(each.passes)}
          </td>
          <td>{each.enough ? WORDS.enough : WORDS.notEnough}</td>
          <td>
            <Figures>{each.lastedDays === null ? '–' : WORDS.days(each.lastedDays)}</Figures>
          </td>
          <td>{each.note}</td>
        </tr>
      ))}
    </tbody>
  </table>
);

export default TouchUpPage;
