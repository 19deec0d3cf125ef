/** The trade over angle and finish: minutes at every angle and last stone, drawn as they come; a place is picked. */
import { findUse, type BladeRates, type MapCell, type PlanInput } from '@patient-edge/core';
import styled from 'styled-components';
import { Failed } from '../theme/failed';
import { fixed, mm, mmNumber, roughly } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { SegmentedControl } from '../theme/segmented-control';
import { useTradeMap } from '../workers/use-compare';
import { useState } from 'react';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

const Grid = styled.table`
  border-collapse: collapse;
  font: 400 14px var(--figures);
  & th {
    font-weight: 400;
    color: var(--ink-soft);
    padding: 2px 6px;
    text-align: right;
  }
  & th[data-in] {
    color: var(--ink);
    font-weight: 700;
  }
  & td {
    padding: 0;
    border: 1px solid var(--line-soft);
    text-align: center;
    min-width: 50px;
  }
  & td[data-none] {
    color: var(--ink-soft);
  }
  & button {
    width: 100%;
    min-height: 44px;
    font: inherit;
    color: var(--ink);
    border: none;
    padding: 2px 4px;
    cursor: pointer;
  }
  & button[aria-pressed='true'] {
    outline: 3px solid var(--accent);
    outline-offset: -3px;
    font-weight: 700;
  }
`;

const SHOWN = [
  { id: 'minutes', label: STRINGS.minutes, unit: 'min', digits: 0 },
  { id: 'steelMm3', label: STRINGS.steel, unit: 'mm³', digits: 1 },
  { id: 'behindEdgeMm', label: STRINGS.thicknessAfter, unit: 'mm', digits: 2 },
] as const;
type ShownId = (typeof SHOWN)[number]['id'];

/** How dark the darkest cell is: the figures stay readable on it. */
const DARKEST_PERCENT = 55;

interface MapSheetProps {
  readonly input: PlanInput;
  readonly rates: BladeRates | null;
  readonly onPick: (angleDeg: number, finishUm: number) => void;
}

export const MapSheet = ({ input, rates, onPick }: MapSheetProps) => {
  const { state, start, stop } = useTradeMap();
  const [shown, setShown] = useState<ShownId>('minutes');
  const [picked, setPicked] = useState<MapCell | null>(null);
  const { columns, all, isRunning, error } = state;
  const use = findUse(input.useId);
  const { unit: unitKept, digits } = SHOWN.find(({ id }) => id === shown)!;
  const unit = unitKept === 'mm' ? formats().length : unitKept;
  const said = (value: number): string =>
    unitKept === 'mm' ? mmNumber(value, digits) : fixed(value, digits);
  const values = columns.flatMap(({ cells }) => cells.flatMap((cell) => cell[shown] ?? []));
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const shade = (value: number): number =>
    high > low ? Math.round((DARKEST_PERCENT * (value - low)) / (high - low)) : 0;
  const angles = columns[0]?.cells.map(({ angleDeg }) => angleDeg) ?? [];
  return (
    <Panel aria-label={STRINGS.mapOverAngleAndFinish}>
      <Stack>
        <h2>{STRINGS.angleAgainstFinish}</h2>
        <Row $gap={16}>
          {isRunning ? (
            <QuietButton onPress={stop}>{STRINGS.stop}</QuietButton>
          ) : (
            <ActionButton onPress={() => start(input, rates)}>
              {columns.length > 0 ? STRINGS.drawTheMapAgain : STRINGS.drawTheMap}
            </ActionButton>
          )}
          {(isRunning || columns.length > 0) && (
            <span role="status">{STRINGS.ofFinishes(columns.length, all || '…')}</span>
          )}
          {isRunning && (
            <progress
              value={columns.length}
              max={Math.max(1, all)}
              aria-label={STRINGS.finishesDone}
            />
          )}
        </Row>
        <Failed error={error} retry={() => start(input, rates)} />
        {columns.length > 0 && (
          <>
            <SegmentedControl
              label={STRINGS.shown}
              hideLabel
              options={SHOWN}
              value={shown}
              onChange={setShown}
            />
            <div style={{ overflowX: 'auto' }}>
              <Grid
                aria-label={STRINGS.inByAngleAndLastStone(
                  SHOWN.find(({ id }) => id === shown)!.label,
                  unit,
                )}
              >
                <thead>
                  <tr>
                    <th scope="col">{STRINGS.text}</th>
                    {columns.map(({ finishUm }) => (
                      <th
                        scope="col"
                        key={finishUm}
                        data-in={
                          finishUm >= use.finishUm[0] && finishUm <= use.finishUm[1]
                            ? ''
                            : undefined
                        }
                      >
                        {finishUm}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {angles.map((angleDeg, row) => (
                    <tr key={angleDeg}>
                      <th
                        scope="row"
                        data-in={
                          angleDeg >= use.angleDeg[0] && angleDeg <= use.angleDeg[1]
                            ? ''
                            : undefined
                        }
                      >
                        {angleDeg}°
                      </th>
                      {columns.map(({ cells, finishUm }) => {
                        const cell = cells[row]!;
                        const value = cell[shown];
                        if (value === null) {
                          return (
                            <td key={finishUm} data-none="">
                              –
                            </td>
                          );
                        }
                        return (
                          <td key={finishUm}>
                            <button
                              type="button"
                              aria-pressed={picked === cell}
                              aria-label={STRINGS.perSideLastStone(
                                angleDeg,
                                finishUm,
                                said(value),
                                unit,
                              )}
                              style={{
                                background: `color-mix(in srgb, var(--accent) ${shade(value)}%, var(--page))`,
                              }}
                              onClick={() => setPicked(cell)}
                            >
                              {said(value)}
                            </button>
                          </td>
                        );
                      })}
                    </tr>
                  ))}
                </tbody>
              </Grid>
            </div>
            <MutedText>{STRINGS.darkerTakesMoreBoldWithinThe(use.label.toLowerCase())}</MutedText>
            {picked && picked.minutes !== null && (
              <Row>
                <span>
                  {STRINGS.perSideLastStoneBehindThe(
                    picked.angleDeg,
                    picked.finishUm,
                    roughly(60 * picked.minutes),
                    fixed(picked.steelMm3 ?? 0, 1),
                    mm(picked.behindEdgeMm ?? 0, 2),
                  )}
                </span>
                <ActionButton onPress={() => onPick(picked.angleDeg, picked.finishUm)}>
                  {STRINGS.useThisPlan}
                </ActionButton>
              </Row>
            )}
          </>
        )}
      </Stack>
    </Panel>
  );
};
