/** How long edges last, by what was done: curves, and how probable it is that one outlasts the other. */
import type { LifeGroup, LifeSheet } from '@patient-edge/contract';
import { named } from '@patient-edge/core';
import { useCallback } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useLives } from '../api/hooks';
import { Chart, numberAxis, type ChartTokens } from '../instruments/chart';
import { NumbersNav } from '../money/numbers-nav';
import { Columns } from '../theme/columns';
import { Figures, MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { Select } from '../theme/select';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

/** More curves than this lie on one another. */
const LINES = [
  { dash: 'solid', css: 'solid', tone: 'accent' },
  { dash: [8, 5], css: 'dashed', tone: 'cut' },
  { dash: [2, 4], css: 'dotted', tone: 'ink' },
  { dash: [2, 4], css: 'dotted', tone: 'soft' },
] as const;
const TONE_CSS = { accent: '--accent', cut: '--cut', ink: '--ink', soft: '--ink-soft' } as const;

/** The line of a curve, beside its name in the table. */
const Key = styled.i`
  display: inline-block;
  width: 30px;
  margin-right: 10px;
  vertical-align: middle;
  border-top: 3px solid;
`;

const Curves = ({ groups }: { groups: readonly LifeGroup[] }) => {
  const option = useCallback(
    (tokens: ChartTokens) => ({
      grid: { left: 56, right: 24, top: 14, bottom: 48 },
      xAxis: numberAxis(tokens, STRINGS.daysAtHome, { min: 0 }),
      yAxis: numberAxis(tokens, STRINGS.stillCut, { nameGap: 40, min: 0, max: 100 }),
      series: groups.slice(0, LINES.length).map(({ curve }, index) => ({
        type: 'line',
        step: 'end',
        symbol: 'none',
        lineStyle: {
          color: tokens[LINES[index]!.tone],
          width: 2,
          type: LINES[index]!.dash,
        },
        data: [[0, 100], ...curve.map(({ days, survival }) => [days, 100 * survival])],
      })),
    }),
    [groups],
  );
  return <Chart label={STRINGS.stillCutting} heightPx={260} option={option} />;
};

const days = (value: number | null): string =>
  value === null ? STRINGS.notYet : STRINGS.daysText(Math.round(value));

const Groups = ({ groups }: { groups: readonly LifeGroup[] }) => (
  <table>
    <thead>
      <tr>
        <th scope="col">{STRINGS.group}</th>
        <th scope="col">{STRINGS.livesAlone}</th>
        <th scope="col">{STRINGS.ended}</th>
        <th scope="col">{STRINGS.halfAfter}</th>
        <th scope="col">{STRINGS.meanLife}</th>
      </tr>
    </thead>
    <tbody>
      {groups.map((group, index) => {
        const line = LINES[index];
        return (
          <tr key={group.id}>
            <th scope="row">
              {line && (
                <Key
                  aria-hidden
                  style={{ borderTopStyle: line.css, color: `var(${TONE_CSS[line.tone]})` }}
                />
              )}
              {named(group.name)}
            </th>
            <td>
              <Figures>{group.lives}</Figures>
            </td>
            <td>
              <Figures>{group.ended}</Figures>
            </td>
            <td>
              <Figures>{days(group.medianDays)}</Figures>
            </td>
            <td>
              <Figures>{days(group.meanDays)}</Figures>
            </td>
          </tr>
        );
      })}
    </tbody>
  </table>
);

interface ComparedProps {
  readonly sheet: LifeSheet;
  readonly onChoose: (which: 'first' | 'second', id: string) => void;
}

const Compared = ({ sheet: { groups, compared }, onChoose }: ComparedProps) => {
  if (compared === null) return <Notice>{STRINGS.oneGroup}</Notice>;
  const of = (id: string): LifeGroup => groups.find((group) => group.id === id)!;
  const [first, second] = [of(compared.first), of(compared.second)];
  const options = groups.map(({ id, name }) => ({ id, label: named(name) }));
  // Said of the one that is likelier to last.
  const isFirst = compared.longerProbability >= 0.5;
  const chance = isFirst ? compared.longerProbability : 1 - compared.longerProbability;
  const [longer, shorter] = isFirst ? [first, second] : [second, first];
  return (
    <Stack>
      <h2>
        {STRINGS.lastsLonger(Math.round(100 * chance), named(longer.name), named(shorter.name))}
      </h2>
      <MutedText>
        {STRINGS.livesAgainst(longer.lives, shorter.lives)} {STRINGS.customersDiffer}
      </MutedText>
      {groups.length > 2 && (
        <Columns>
          <Select
            label={STRINGS.first}
            options={options}
            value={first.id}
            onChange={(id) => onChoose('first', id)}
          />
          <Select
            label={STRINGS.second}
            options={options}
            value={second.id}
            onChange={(id) => onChoose('second', id)}
          />
        </Columns>
      )}
    </Stack>
  );
};

const ALL = 'all';

const LivesPage = () => {
  const [params, setParams] = useSearchParams();
  const asked = new URLSearchParams(
    ['by', 'use', 'first', 'second'].flatMap((name) => {
      const value = params.get(name);
      return value ? [[name, value.slice(0, 40)]] : [];
    }),
  ).toString();
  const { data: sheet, error } = useLives(asked);
  const set = (part: Readonly<Record<string, string | null>>): void => {
    const next = new URLSearchParams(params);
    for (const [name, value] of Object.entries(part)) {
      if (value === null) next.delete(name);
      else next.set(name, value);
    }
    setParams(next, { replace: true });
  };
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.lives} />
        <MutedText>{STRINGS.whatLivesAre}</MutedText>
        {!sheet ? (
          <Waiting error={error} text={STRINGS.loadingLives} />
        ) : sheet.uses.length === 0 ? (
          <Notice>{STRINGS.noLives}</Notice>
        ) : (
          <>
            <Panel aria-label={STRINGS.tellApartBy}>
              <Columns>
                <Select
                  label={STRINGS.tellApartBy}
                  options={sheet.factors.map(({ id, name }) => ({ id, label: named(name) }))}
                  value={sheet.by}
                  onChange={(by) => set({ by, first: null, second: null })}
                />
                <Select
                  label={STRINGS.ofUse}
                  options={[
                    { id: ALL, label: STRINGS.allUses },
                    ...sheet.uses.map(({ id, name, lives }) => ({
                      id,
                      label: STRINGS.livesOfUse(name, lives),
                    })),
                  ]}
                  value={sheet.useId ?? ALL}
                  onChange={(use) => set({ use })}
                />
              </Columns>
            </Panel>
            <Panel aria-label={STRINGS.lives}>
              <Stack>
                <Compared sheet={sheet} onChoose={(which, id) => set({ [which]: id })} />
                <Curves groups={sheet.groups} />
                <Groups groups={sheet.groups} />
              </Stack>
            </Panel>
          </>
        )}
      </Stack>
    </>
  );
};

export default LivesPage;
