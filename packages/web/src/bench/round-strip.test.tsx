import { roundsAtWork, type StrokeRound } from '@patient-edge/core';
import { render, screen } from '@testing-library/react';
import { RoundStrip } from './round-strip';

const round = (side: StrokeRound['side'], count: number, zone: StrokeRound['zone'] = null) => ({
  side,
  count,
  zone,
  seconds: null,
});
const shown = (rounds: readonly StrokeRound[], right: number, left: number): HTMLElement =>
  render(<RoundStrip {...roundsAtWork(rounds, { right, left })} />).container;
const blocks = (container: HTMLElement): number =>
  container.querySelectorAll('rect:not([data-done])').length;

describe('the rounds of a pattern', () => {
  test('what is left in the round, where, and what comes then', () => {
    shown([round('right', 20, 'heel'), round('left', 20, 'heel')], 6, 0);
    expect(screen.getByText('14')).toBeTruthy();
    expect(
      screen.getByText(/more on the right, heel · round 1 of 2, then swap: 20 on the left, heel/),
    ).toBeTruthy();
  });

  test('scallop by scallop, on the one side that is ground', () => {
    const scallops = Array.from({ length: 30 }, () => round('right', 27));
    const strip = roundsAtWork(scallops, { right: 60, left: 0 });
    const { rerender } = render(<RoundStrip {...strip} called="scallop" />);
    expect(screen.getByText(/· scallop 3 of 30/)).toBeTruthy();
    rerender(<RoundStrip {...roundsAtWork(scallops, { right: 810, left: 0 })} called="scallop" />);
    expect(screen.getByText('Pattern finished. Feel and look before going on.')).toBeTruthy();
  });

  test('in turn both lanes are due, and one of them is next', () => {
    const container = shown([round(null, 10)], 3, 2);
    expect(screen.getByText(/more a side, in turn/)).toBeTruthy();
    expect(blocks(container)).toBe(2);
    expect(container.querySelectorAll('rect[data-now]')).toHaveLength(1);
  });

  test('of a long pattern the rounds about the one at work are in sight', () => {
    const many = Array.from({ length: 160 }, (_, index) =>
      round(index % 2 === 0 ? 'right' : 'left', 50),
    );
    const container = shown(many, 2000, 1990);
    expect(screen.getByText(/round 80 of 160/)).toBeTruthy();
    expect(blocks(container)).toBe(12);
    expect(container.querySelectorAll('rect[data-now]')).toHaveLength(1);
    for (const rect of container.querySelectorAll('rect'))
      expect(Number(rect.getAttribute('width'))).toBeGreaterThanOrEqual(0);
  });

  test('says when it is through', () => {
    const container = shown([round('right', 5), round('left', 5)], 5, 5);
    expect(screen.getByText(/Pattern finished/)).toBeTruthy();
    expect(container.querySelector('rect[data-now]')).toBeNull();
  });
});
