/**
 * The clocks of the stones in the water, on every page. They run from when the stone went in, which the
 * server keeps: a reload, another tablet or a power cut changes nothing.
 */
import type { Stone } from '@patient-edge/contract';
import { soakClock } from '@patient-edge/core';
import { Bell, BellOff, Droplets } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useStones } from '../api/hooks';
import { useMay } from '../api/may';
import { dropStored, readStored, useStored, writeStored } from '../api/stored';
import { playSound, wakeSound } from '../theme/sounds';
import { useSecond } from './clock';
import { messageOf } from '../api/client';
import { soakWords, useTakeOut } from './soak-button';
import { STRINGS } from './strings';

const Bar = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  align-items: center;
  padding: 0 28px;
  background: var(--accent-soft);
  border-bottom: 1px solid var(--line);
  font-size: 15px;
  /* One line on a telephone too, while one stone soaks. */
  @media (max-width: 560px) {
    gap: 4px 12px;
    padding: 0 12px;
  }
  :root[data-full-screen] & {
    flex-wrap: nowrap;
    overflow-x: auto;
    padding: 2px 14px;
    white-space: nowrap;
    min-height: 49px;
    & button {
      min-height: 44px;
    }
  }
  /* At the bench its line is there before a stone is: nothing moves under a stroke when one goes in. */
  &[data-empty] {
    display: none;
    color: var(--ink-soft);
    background: none;
    :root[data-full-screen] & {
      display: flex;
    }
  }
  /* As high as with its clocks, until they are known: no page moves down by it as it opens. */
  &[data-awaited] {
    min-height: 45px;
  }
  & > div {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  & a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  /* As wide at 9:59 as at 10:00: what stands beside it does not move. */
  & b[role='timer'] {
    font: 700 14px/1.4 var(--figures);
    min-width: 11ch;
  }
  & b[data-ready] {
    color: var(--good);
  }
  & button {
    font: 600 14px/1 var(--text);
    background: none;
    color: var(--ink);
    border: 1px solid var(--steel-deep);
    min-height: 44px;
    min-width: 44px;
    padding: 4px 10px;
    cursor: pointer;
  }
`;

/** On this device, when it was looked last. */
const LAST_SEEN = 'stones in the water';

export const SoakBar = () => {
  const { data: stones } = useStones();
  const [wereThere] = useState(() => readStored<boolean>(LAST_SEEN) ?? false);
  const mayTakeOut = useMay('change stones');
  const soaking = (stones ?? []).filter(
    ({ soak, otherSideId, id }) =>
      // One block, one clock: its first side speaks for both.
      soak !== null && (otherSideId === null || id < otherSideId),
  );
  const areThere = soaking.length > 0;
  useEffect(() => {
    if (!stones) return;
    if (areThere) writeStored(LAST_SEEN, true);
    else dropStored(LAST_SEEN);
  }, [stones, areThere]);
  if (!stones && wereThere) return <Bar className="no-print" data-awaited="" aria-hidden />;
  if (!areThere)
    return (
      <Bar className="no-print" data-empty="" aria-label={STRINGS.stonesInTheWater}>
        <Droplets size={18} aria-hidden />
        {STRINGS.noneInTheWater}
      </Bar>
    );
  return <Clocks soaking={soaking} mayTakeOut={mayTakeOut} />;
};

const isReady = ({ soak }: Stone, nowMs: number): boolean =>
  soak !== null && soakClock(Date.parse(soak.putInAt), soak.minutes, nowMs).state === 'ready';

const Clocks = ({ soaking, mayTakeOut }: { soaking: readonly Stone[]; mayTakeOut: boolean }) => {
  const nowMs = useSecond(true);
  const takeOut = useTakeOut();
  const [problem, setProblem] = useState<string | null>(null);
  const [sound, setSound] = useStored('soak sound', true);
  const ready = soaking.filter((stone) => isReady(stone, nowMs)).map(({ id }) => id);
  // What was ready when the page opened has sounded before.
  const sounded = useRef<ReadonlySet<number>>(new Set(ready));
  useEffect(() => {
    const fresh = ready.some((id) => !sounded.current.has(id));
    sounded.current = new Set(ready);
    if (fresh && sound) playSound('soaked');
  });
  return (
    <Bar className="no-print" aria-label={STRINGS.stonesInTheWater}>
      <Droplets size={18} aria-hidden />
      {soaking.map((stone) => (
        <div key={stone.id}>
          <Link to={`/rack/stones/${stone.id}`}>{stone.name}</Link>
          <b role="timer" data-ready={isReady(stone, nowMs) ? '' : undefined}>
            {soakWords(stone, nowMs)}
          </b>
          {mayTakeOut && (
            <Button
              aria-label={STRINGS.takeOut(stone.name)}
              onPress={() =>
                void takeOut(stone).catch((error: unknown) => setProblem(messageOf(error)))
              }
            >
              {STRINGS.takeOutAlone}
            </Button>
          )}
        </div>
      ))}
      <Button
        aria-label={sound ? STRINGS.turnSoundOff : STRINGS.turnSoundOn}
        onPress={() => {
          setSound(!sound);
          wakeSound();
        }}
      >
        {sound ? <Bell size={16} aria-hidden /> : <BellOff size={16} aria-hidden />}
      </Button>
      {problem !== null && <span role="alert">{problem}</span>}
      <span className="unseen" role="status">
        {ready.length > 0
          ? STRINGS.ready(
              soaking
                .filter(({ id }) => ready.includes(id))
                .map(({ name }) => name)
                .join(', '),
            )
          : ''}
      </span>
    </Bar>
  );
};
