/** One stone: what it is, how it stands, its flattenings, and its wear. */
import { careOf, money, type Stone } from '@patient-edge/contract';
import {
  abrasiveKind,
  GRIT_SCALES,
  micrometres,
  nearestGrits,
  scratchDepthUm,
  named,
} from '@patient-edge/core';
import { Suspense, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { useFlattenings, useStones } from '../api/hooks';
import { useMay } from '../api/may';
import { useSession } from '../api/session';
import { StoneSide } from '../instruments/stone-side';
import { useMinute } from '../soaking/clock';
import { SoakButton } from '../soaking/soak-button';
import { fixed, inUnits } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Figures, Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { NothingHere, Waiting } from '../theme/waiting';
import { FlattenForm, takeBack } from './flatten-form';
import { ShelfNav } from './shelf-nav';
import { StoneForm } from './stone-form';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const WearChart = lazyPart(async () => ({ default: (await import('./wear-chart')).WearChart }));

const Facts = styled.dl`
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px 22px;
  & dt {
    color: var(--ink-soft);
    font-size: 14px;
  }
  & dd {
    margin: 0;
    font-weight: 600;
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 16px;
  align-items: start;
  @media (max-width: 960px) {
    grid-template-columns: 1fr;
  }
`;
const Meter = styled.div`
  height: 22px;
  border: 1px solid var(--ink);
  position: relative;
  background: var(--page);
  & > i {
    position: absolute;
    inset: 0 auto 0 0;
    background: var(--steel-deep);
  }
  & > i[data-due] {
    background: var(--cut);
  }
`;

const StonePage = () => {
  const { stoneId } = useParams();
  const { data: stones, error } = useStones();
  if (!stones) return <Waiting error={error} text={STRINGS.loadingStone} />;
  const stone = stones.find(({ id }) => String(id) === stoneId);
  if (!stone) return <NothingHere />;
  return (
    <>
      <ShelfNav />
      <OneStone key={stone.id} stone={stone} rack={stones} />
    </>
  );
};

const OneStone = ({ stone, rack }: { stone: Stone; rack: readonly Stone[] }) => {
  const { data: session } = useSession();
  const mayEdit = useMay('change stones');
  const { data: flattenings } = useFlattenings(stone.id);
  const [editing, setEditing] = useState(false);
  const nowMs = useMinute();
  const care = careOf(stone, nowMs);
  const kind = abrasiveKind(stone.kind);
  const grits = nearestGrits(micrometres(stone.um));
  const other = rack.find(({ id }) => id === stone.otherSideId);
  const facts: readonly (readonly [string, string])[] = [
    [STRINGS.grain, STRINGS.number(stone.um)],
    [STRINGS.nearest, GRIT_SCALES.map((scale) => `${scale} ${grits[scale]}`).join(', ')],
    [STRINGS.leavesScratchesOf, STRINGS.figure(fixed(scratchDepthUm(stone), 2))],
    [STRINGS.abrasiveAndBond, `${named(stone.abrasive)}, ${named(stone.bond)}`],
    [
      STRINGS.size,
      stone.lengthMm === null
        ? STRINGS.notMeasured
        : inUnits(
            [stone.lengthMm, stone.widthMm, stone.thicknessMm].filter(Boolean).join(' × ') + ' mm',
          ),
    ],
    [
      STRINGS.likes,
      stone.strokes === 'both' ? STRINGS.eitherStroke : STRINGS.strokes(named(stone.strokes)),
    ],
    [STRINGS.liquid, stone.liquid],
    [
      STRINGS.water,
      stone.soaking === 'soak'
        ? STRINGS.soakMin(stone.soakMinutes)
        : STRINGS.only(named(stone.soaking)),
    ],
    [STRINGS.place, stone.place || '–'],
    [
      STRINGS.priceAlone,
      stone.priceMinor === null ? '–' : money(stone.priceMinor, session!.currency),
    ],
  ];
  return (
    <Stack $gap={16}>
      <Row $gap={18}>
        <PageHeading title={stone.name} />
        <MutedText>
          {named(stone.kind)}
          {stone.retired && STRINGS.retiredWithin} ·{' '}
          <Link to={`/history?subject=stone&subjectId=${stone.id}`}>{STRINGS.history}</Link>
          {other && (
            <>
              {STRINGS.otherSideOfWithin} <Link to={`/rack/stones/${other.id}`}>{other.name}</Link>
            </>
          )}
        </MutedText>
        {mayEdit && !editing && (
          <QuietButton onPress={() => setEditing(true)}>{STRINGS.editAlone}</QuietButton>
        )}
      </Row>
      {editing && <StoneForm stone={stone} rack={rack} onClose={() => setEditing(false)} />}
      {care.todo.map((words) => (
        <Notice key={words} tone="cut">
          {words}
        </Notice>
      ))}
      <Two>
        <Panel aria-label={STRINGS.whatItIs}>
          <Stack>
            <StoneSide stone={stone} />
            <Facts>
              {facts.map(([name, value]) => (
                <div key={name}>
                  <dt>{name}</dt>
                  <dd>{value}</dd>
                </div>
              ))}
            </Facts>
            <MutedText>
              {kind.reason}
              {stone.needsDressing && STRINGS.needsItsDressingStoneBeforeThe}
            </MutedText>
          </Stack>
        </Panel>
        <Panel aria-label={STRINGS.care}>
          <Stack>
            <h2>{STRINGS.care}</h2>
            {stone.soaking === 'soak' && mayEdit && <SoakButton stone={stone} jobId={null} />}
            {care.flatness === 'stays flat' ? (
              <p>
                {STRINGS.itStaysFlatWorked}{' '}
                <Figures>{Math.round(stone.workedSeconds / 60)} min</Figures> {STRINGS.inAll}
              </p>
            ) : (
              <>
                <p>
                  <Figures>{Math.round(stone.secondsSinceFlat / 60)}</Figures> {STRINGS.ofWithin}{' '}
                  <Figures>{stone.minutesFlat} min</Figures> {STRINGS.workedSinceItWasLastFlat}
                </p>
                <Meter aria-hidden>
                  <i
                    data-due={care.minutesLeft! <= 0 ? '' : undefined}
                    style={{
                      width: `${Math.min(100, (100 * stone.secondsSinceFlat) / 60 / stone.minutesFlat!)}%`,
                    }}
                  />
                </Meter>
                {mayEdit && (
                  <FlattenForm stone={stone} lastPlate={flattenings?.at(-1)?.plate ?? ''} />
                )}
              </>
            )}
          </Stack>
        </Panel>
      </Two>
      {care.flatness !== 'stays flat' && flattenings && (
        <Panel aria-label={STRINGS.wear}>
          <Stack>
            <h2>{STRINGS.wear}</h2>
            <Suspense fallback={<p role="status">{STRINGS.drawing}</p>}>
              <WearChart
                stone={stone}
                flattenings={flattenings}
                onTakeBack={mayEdit ? (flattening) => void takeBack(stone, flattening) : null}
              />
            </Suspense>
          </Stack>
        </Panel>
      )}
    </Stack>
  );
};

export default StonePage;
