/** What every wish about the stones would cost, and the press that makes it one. */
import type { RackStone, WishCost } from '@patient-edge/core';
import { roughly } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Figures, Row, MutedText, Stack } from '../theme/layout';
import styled from 'styled-components';
import { STRINGS } from './strings';

export interface Wishes {
  readonly first: string | null;
  readonly skip: readonly string[];
  readonly through: readonly string[];
}
export const NO_WISHES: Wishes = { first: null, skip: [], through: [] };

const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 0 28px;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 96px auto;
    gap: 10px;
    align-items: center;
    border-top: 1px solid var(--line-soft);
    padding: 4px 0;
    min-height: 52px;
  }
`;

/** More or less time, in words. */
export const costWords = (deltaSeconds: number | null): string =>
  deltaSeconds === null
    ? STRINGS.notPossible
    : Math.abs(deltaSeconds) < 2
      ? STRINGS.theSame
      : `${deltaSeconds > 0 ? '+' : '−'}${roughly(Math.abs(deltaSeconds))}`;

interface WishListProps {
  readonly rack: readonly RackStone[];
  readonly costs: readonly WishCost[];
  readonly wishes: Wishes;
  readonly onWishes: (next: Wishes) => void;
  /** Ends the work on that stone instead. */
  readonly onStopAt: (um: number) => void;
}

/** The dearest wishes are not shown of a large rack: nobody insists on those. */
const MOST_SHOWN = 24;

export const WishList = ({ rack, costs, wishes, onWishes, onStopAt }: WishListProps) => {
  const named = (id: string): RackStone | undefined => rack.find((stone) => stone.id === id);
  const toggled = (list: readonly string[], id: string): readonly string[] =>
    list.includes(id) ? list.filter((each) => each !== id) : [...list, id];
  const skips = costs.filter(({ wish }) => wish === 'skip');
  const others = costs.filter(
    ({ wish, stoneId }) => wish === 'insist' && !wishes.through.includes(stoneId),
  );
  const insists = others
    .flatMap(({ stoneId, deltaSeconds }) =>
      deltaSeconds === null ? [] : [{ stoneId, deltaSeconds }],
    )
    .sort((a, b) => a.deltaSeconds - b.deltaSeconds);
  const beyond = others.filter(({ deltaSeconds }) => deltaSeconds === null);
  const finer = costs.find(({ wish }) => wish === 'start finer');
  const coarser = costs.find(({ wish }) => wish === 'stop coarser');
  const made = wishes.first !== null || wishes.skip.length > 0 || wishes.through.length > 0;
  return (
    <Stack $gap={10}>
      <h3>{STRINGS.whatEachChangeCosts}</h3>
      {made && (
        <Row>
          {wishes.first !== null && (
            <QuietButton onPress={() => onWishes({ ...wishes, first: null })}>
              {STRINGS.beginsOn(named(wishes.first)?.name ?? STRINGS.aStoneNoLongerHere)}
            </QuietButton>
          )}
          {wishes.skip.map((id) => (
            <QuietButton
              key={id}
              onPress={() => onWishes({ ...wishes, skip: toggled(wishes.skip, id) })}
            >
              {STRINGS.without(named(id)?.name ?? STRINGS.aStoneNoLongerHere)}
            </QuietButton>
          ))}
          {wishes.through.map((id) => (
            <QuietButton
              key={id}
              onPress={() => onWishes({ ...wishes, through: toggled(wishes.through, id) })}
            >
              {STRINGS.over(named(id)?.name ?? STRINGS.aStoneNoLongerHere)}
            </QuietButton>
          ))}
        </Row>
      )}
      {costs.length === 0 && <MutedText>{STRINGS.noProgressionToCompare}</MutedText>}
      <Grid>
        {finer && wishes.first === null && (
          <li>
            <span>
              {STRINGS.startFinerOn} {named(finer.stoneId)?.name}
            </span>
            <Figures>{costWords(finer.deltaSeconds)}</Figures>
            <QuietButton
              isDisabled={finer.deltaSeconds === null}
              onPress={() => onWishes({ ...wishes, first: finer.stoneId })}
            >
              {STRINGS.startThere}
            </QuietButton>
          </li>
        )}
        {coarser && (
          <li>
            <span>
              {STRINGS.stopCoarserOn} {named(coarser.stoneId)?.name}
            </span>
            <Figures>{costWords(coarser.deltaSeconds)}</Figures>
            <QuietButton onPress={() => onStopAt(named(coarser.stoneId)!.um)}>
              {STRINGS.stopThere}
            </QuietButton>
          </li>
        )}
        {skips
          .filter(({ stoneId }) => !wishes.through.includes(stoneId))
          .map(({ stoneId, deltaSeconds }) => (
            <li key={`skip ${stoneId}`}>
              <span>
                {STRINGS.withoutAlone} {named(stoneId)?.name}
              </span>
              <Figures>{costWords(deltaSeconds)}</Figures>
              <QuietButton
                aria-label={STRINGS.leaveOut(named(stoneId)?.name)}
                isDisabled={deltaSeconds === null}
                onPress={() => onWishes({ ...wishes, skip: toggled(wishes.skip, stoneId) })}
              >
                {STRINGS.leaveOutAlone}
              </QuietButton>
            </li>
          ))}
        {insists.slice(0, MOST_SHOWN).map(({ stoneId, deltaSeconds }) => (
          <li key={`insist ${stoneId}`}>
            <span>
              {STRINGS.overAlone} {named(stoneId)?.name}
            </span>
            <Figures>{costWords(deltaSeconds)}</Figures>
            <QuietButton
              aria-label={STRINGS.choose(named(stoneId)?.name)}
              onPress={() => onWishes({ ...wishes, through: toggled(wishes.through, stoneId) })}
            >
              {STRINGS.use}
            </QuietButton>
          </li>
        ))}
      </Grid>
      {beyond.length > 0 && (
        <MutedText>
          {STRINGS.beyondThisFinishOrTheseJumps(
            beyond
              .slice(0, MOST_SHOWN)
              .map(({ stoneId }) => named(stoneId)?.name)
              .join(', '),
          )}
          {beyond.length > MOST_SHOWN && STRINGS.andMore(beyond.length - MOST_SHOWN)}.
        </MutedText>
      )}
    </Stack>
  );
};
