/**
 * The angle of a rod found with coins and ink: the count below and the count above, what the ink showed, the next count;
 * then the passes. What is found stays on this device until the rung is told.
 */
import type { CoinsFound, Job, TouchUp } from '@patient-edge/contract';
import {
  coinAngleDeg,
  coinSearch,
  findUse,
  INK_FOUND,
  isRodRung,
  MOST_INK_ROUNDS,
  MOST_PASSES,
  nextCount,
  ROD_OF_RUNG,
  rodSteps,
  type CoinSearch,
  type InkFound,
  type RodRung,
  named,
} from '@patient-edge/core';
import styled from 'styled-components';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { fixed, mm, mmTyped } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { WithinLimits } from '../theme/within-limits';
import { CoinPicture } from './coin-picture';
import { STRINGS } from './strings';

const Table = styled.table`
  border-collapse: collapse;
  & th,
  & td {
    padding: 6px 8px;
    border-top: 1px solid var(--line-soft);
    text-align: right;
    font-family: var(--figures);
    font-weight: 400;
  }
  & th[scope='row'] {
    text-align: left;
    padding-left: 0;
    font-family: var(--text);
  }
  & [data-now] {
    background: var(--accent-soft);
    font-weight: 700;
  }
`;
const Shown = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 340px) minmax(0, 1fr);
  gap: 12px 24px;
  @media (max-width: 700px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Steps = styled.ol`
  display: grid;
  gap: 10px;
  counter-reset: step;
  & > li {
    display: grid;
    grid-template-columns: 28px minmax(0, 1fr);
    counter-increment: step;
  }
  & > li::before {
    content: counter(step);
    font: 700 16px var(--figures);
  }
`;

const coinsText = (count: number): string =>
  `${count} ${count === 1 ? STRINGS.coin : STRINGS.coins}`;

/** As far as it has been worked out on this device. */
export interface RodDraft {
  readonly coinMm: number;
  /** Null until the first ink: the search says where to begin. */
  readonly count: number | null;
  readonly inked: readonly InkFound[];
  readonly passes: number | null;
}
export const FRESH_ROD: RodDraft = { coinMm: 1, count: null, inked: [], passes: null };

/** What was found with coins at an earlier touch-up of the blade, the latest first. */
export const coinsBefore = (past: readonly TouchUp[]): CoinsFound | null =>
  past.find(({ rung, coins }) => isRodRung(rung) && coins !== null)?.coins ?? null;

const isFound = ({ inked }: RodDraft): boolean => inked.at(-1) === 'edge and across';

/** The count and angle the ink has confirmed; null before. */
export const foundOf = (
  job: Job,
  draft: RodDraft,
  search: CoinSearch | null,
): CoinsFound | null => {
  const count = draft.count ?? search?.start ?? null;
  if (!isFound(draft) || count === null) return null;
  const angleDeg = coinAngleDeg({ measures: job.measures, coinMm: draft.coinMm }, count);
  return angleDeg === null ? null : { coinMm: draft.coinMm, count, angleDeg };
};

/** The search for this blade and rod; null where coins cannot hold it at all. */
export const searchFor = (job: Job, rung: RodRung, coinMm: number): CoinSearch | null => {
  const kind = ROD_OF_RUNG[rung];
  const found = coinSearch({
    measures: job.measures,
    measuredDeg: job.angleAssumed ? null : job.measures.presentAnglePerSideDeg,
    windowDeg: findUse(job.useId).angleDeg,
    coinMm,
    fromAbove: kind === 'ceramic' || kind === 'diamond',
  });
  return found.ok ? found.value : null;
};

interface RodWorkProps {
  readonly job: Job;
  readonly rung: RodRung;
  readonly search: CoinSearch | null;
  readonly before: CoinsFound | null;
  readonly draft: RodDraft;
  readonly onDraft: (draft: RodDraft) => void;
}

export const RodWork = ({ job, rung, search, before, draft, onDraft }: RodWorkProps) => {
  const { measures, damage } = job;
  const count = draft.count ?? search?.start ?? 1;
  const angleDeg = coinAngleDeg({ measures, coinMm: draft.coinMm }, count);
  const found = isFound(draft);
  const spent = !found && draft.inked.length >= MOST_INK_ROUNDS;
  const ink = (reading: InkFound): void =>
    onDraft({ ...draft, inked: [...draft.inked, reading], count: nextCount(count, reading) });
  return (
    <Stack $gap={14}>
      {before && (
        <MutedText>
          {STRINGS.lastTimeCoinsOfAtThe(
            before.count,
            mmTyped(before.coinMm),
            fixed(before.angleDeg, 1),
            fixed(2 * before.angleDeg, 1),
          )}
        </MutedText>
      )}
      <Columns $columns={3}>
        <WithinLimits
          label={STRINGS.thicknessOfACoinMm}
          least={0.3}
          most={5}
          whole={false}
          value={draft.coinMm}
          onValue={(coinMm) => onDraft({ ...draft, coinMm, count: null, inked: [] })}
          hint={STRINGS.aDiscOrCoinAnotherThickness}
        />
        <WithinLimits
          label={STRINGS.passesASideSoFar}
          least={1}
          most={60}
          whole
          value={draft.passes}
          onValue={(passes) => onDraft({ ...draft, passes })}
          onOpen={() => onDraft({ ...draft, passes: null })}
          hint={STRINGS.paperBeforeMoreThan(MOST_PASSES)}
        />
      </Columns>
      {search && angleDeg !== null ? (
        <>
          <p>
            <strong>
              {STRINGS.perSide(
                coinsText(count),
                fixed(angleDeg, 1),
                found ? STRINGS.found : search.isAssumed ? STRINGS.assumed : '',
              )}
            </strong>{' '}
            {STRINGS.atTheMiddleHighALift(
              mm(measures.heightMiddleMm, 1),
              mm(count * draft.coinMm, 1),
              search.isAssumed && !found
                ? STRINGS.nobodyMeasuredItSoughtFromThe(
                    search.wantedDeg === findUse(job.useId).angleDeg[0]
                      ? STRINGS.low
                      : STRINGS.high,
                    findUse(job.useId).angleDeg.join('–'),
                  )
                : '',
            )}
          </p>
          <p>
            {STRINGS.belowAboveWantedALiftOf(
              countText(search.below),
              countText(search.above),
              fixed(search.wantedDeg, 1),
              mm(search.liftMm, 1),
            )}
          </p>
          <Shown>
            <CoinPicture
              heightMm={measures.heightMiddleMm}
              spineMm={measures.spineMiddleMm}
              coinMm={draft.coinMm}
              count={count}
              angleDeg={angleDeg}
            />
            <Stack $gap={10}>
              <CoinTable search={search} count={count} />
              <MutedText>{STRINGS.coinsShowTheHandTheAngle}</MutedText>
            </Stack>
          </Shown>
        </>
      ) : (
        <Notice>{STRINGS.coinsOfDoNotHoldThis(mmTyped(draft.coinMm))}</Notice>
      )}
      <RodSteps rung={rung} damage={damage} angleIsFound={found} />
      {!found && !spent && (
        <Row $gap={10} role="group" aria-label={STRINGS.theInkHasGone}>
          <span>{STRINGS.afterTheTrialPassTheInk}</span>
          {INK_FOUND.map((reading) => (
            <QuietButton key={reading} onPress={() => ink(reading)}>
              {named(reading)}
            </QuietButton>
          ))}
        </Row>
      )}
      {draft.inked.length > 0 && !found && !spent && (
        <p role="status">
          {STRINGS.inkAgainAndTryRoundOf(
            draft.inked.at(-1) === 'shoulder only' ? STRINGS.heldTooLow : STRINGS.heldTooHigh,
            coinsText(count),
            draft.inked.length + 1,
            MOST_INK_ROUNDS,
          )}
        </p>
      )}
      {spent && <Notice tone="cut">{STRINGS.fourRoundsOfInkAndNo}</Notice>}
      {found && (
        <Row $gap={10}>
          <span role="status">{STRINGS.theInkWentAtTheEdge}</span>
          <QuietButton onPress={() => onDraft({ ...draft, inked: [], count: null })}>
            {STRINGS.seekItAnew}
          </QuietButton>
        </Row>
      )}
    </Stack>
  );
};

/** The angle of every count at heel, middle and tip. */
const CoinTable = ({ search, count }: { search: CoinSearch; count: number }) => (
  <Table>
    <thead>
      <tr>
        <th scope="col">{STRINGS.coinsAlone}</th>
        {search.counts.map((each) => (
          <th key={each} scope="col" data-now={each === count ? '' : undefined}>
            {each}
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {search.places.map(({ place, heightMm, anglesDeg }) => (
        <tr key={place}>
          <th scope="row">
            {named(place)}, {mm(heightMm, 1)}
          </th>
          {anglesDeg.map((deg, index) => (
            <td
              key={search.counts[index]}
              data-now={search.counts[index] === count ? '' : undefined}
            >
              {deg === null ? '–' : `${fixed(deg, 1)}°`}
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </Table>
);

const RodSteps = ({
  rung,
  damage,
  angleIsFound,
}: Pick<RodWorkProps, 'rung'> & { damage: Job['damage']; angleIsFound: boolean }) => (
  <Steps aria-label={STRINGS.stepsOnThe(named(rung))}>
    {rodSteps(ROD_OF_RUNG[rung], damage, angleIsFound).map(({ title, text, forceN, passes }) => (
      <li key={title}>
        <div>
          <strong>{title}.</strong> {text}{' '}
          <MutedText as="span" data-figure="">
            {[
              passes &&
                (passes[0] === passes[1]
                  ? STRINGS.aSide(passes[0])
                  : STRINGS.passesASide(passes.join('–'))),
              forceN && `${forceN.join('–')} N`,
            ]
              .filter(Boolean)
              .join(' · ')}
          </MutedText>
        </div>
      </li>
    ))}
  </Steps>
);

const countText = ({ count, angleDeg }: CoinSearch['below']): string =>
  `${coinsText(count)}${angleDeg === null ? '' : `, ${fixed(angleDeg, 1)}°`}`;
