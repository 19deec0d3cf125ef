import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import {
  DEFAULT_CHOICES,
  type PartChain,
  type SeriesPart,
  type WishCost,
} from '@patient-edge/core';
import { useState } from 'react';
import { RACK } from '../../../core/test/blades';
import { AfterStones } from '../plan/after-stones';
import { ChainsControl } from '../plan/chains-control';
import { NamedFinish } from './named-finish';
import { costWords, NO_WISHES, WishList } from './wishes';

test('a cost is told as more, less, the same or no chain', () => {
  expect([60, -600, 1, null].map(costWords)).toEqual([
    '+60 s',
    '−10 min',
    'the same',
    'not possible',
  ]);
});

describe('wishes about the stones', () => {
  const costs: WishCost[] = [
    { wish: 'skip', stoneId: 'brown', deltaSeconds: 90 },
    { wish: 'insist', stoneId: 'red', deltaSeconds: 40 },
    { wish: 'insist', stoneId: 'fine', deltaSeconds: null },
    { wish: 'start finer', stoneId: 'red', deltaSeconds: 200 },
    { wish: 'stop coarser', stoneId: 'brown', deltaSeconds: -100 },
  ];

  test('each has its press, and one that is out of reach is named', async () => {
    const onWishes = jest.fn();
    const onStopAt = jest.fn();
    render(
      <WishList
        rack={RACK}
        costs={costs}
        wishes={NO_WISHES}
        onWishes={onWishes}
        onStopAt={onStopAt}
      />,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Leave out Brown' }));
    expect(onWishes).toHaveBeenLastCalledWith({ ...NO_WISHES, skip: ['brown'] });
    await userEvent.click(screen.getByRole('button', { name: 'Use Red' }));
    expect(onWishes).toHaveBeenLastCalledWith({ ...NO_WISHES, through: ['red'] });
    await userEvent.click(screen.getByRole('button', { name: 'Start there' }));
    expect(onWishes).toHaveBeenLastCalledWith({ ...NO_WISHES, first: 'red' });
    await userEvent.click(screen.getByRole('button', { name: 'Stop there' }));
    expect(onStopAt).toHaveBeenCalledWith(16);
    expect(screen.getByText(/Beyond this finish or these jumps: Fine\./)).toBeTruthy();
  });

  test('a wish made can be taken back, even for a stone that is gone', async () => {
    const onWishes = jest.fn();
    const wishes = { first: null, skip: ['sold'], through: [] };
    render(
      <WishList rack={RACK} costs={[]} wishes={wishes} onWishes={onWishes} onStopAt={jest.fn()} />,
    );
    await userEvent.click(screen.getByRole('button', { name: /Without a stone no longer here/ }));
    expect(onWishes).toHaveBeenCalledWith(NO_WISHES);
  });
});

test('a named finish is a window about its grain; a number off its scale is told', async () => {
  const onFinish = jest.fn();
  render(<NamedFinish onFinish={onFinish} />);
  await userEvent.type(screen.getByLabelText('Number'), '4000{Enter}');
  expect(onFinish).toHaveBeenCalledTimes(1);
  const [[finest, coarsest]] = onFinish.mock.calls[0] as [[number, number]];
  expect(coarsest / finest).toBeCloseTo(1.25 ** 2, 2);
  await userEvent.clear(screen.getByLabelText('Number'));
  await userEvent.type(screen.getByLabelText('Number'), '3{Enter}');
  expect(screen.getByText('JIS runs from 80 to 30000; 3 is outside it')).toBeTruthy();
  expect(onFinish).toHaveBeenCalledTimes(1);
});

describe('chains of their own', () => {
  const Harness = ({ seen }: { seen: (chains: readonly PartChain[]) => void }) => {
    const [chains, setChains] = useState<readonly PartChain[]>([]);
    return (
      <ChainsControl
        chains={chains}
        rack={RACK}
        edgeRack={RACK}
        edgeStones={['brown', 'red']}
        onChains={(next) => {
          seen(next);
          setChains(next);
        }}
      />
    );
  };

  test('a list by hand begins with the planned stones, and is put in another order by keys alone', async () => {
    const seen = jest.fn();
    render(<Harness seen={seen} />);
    await userEvent.click(screen.getByRole('button', { name: 'Edge bevel on its own' }));
    await userEvent.click(screen.getByText('Named by hand'));
    const stones = (): unknown => (seen.mock.lastCall as [PartChain[]])[0][0]!.stones;
    expect(stones()).toEqual(['brown', 'red']);
    screen.getByRole('button', { name: 'Red, 8 µm: earlier' }).focus();
    await userEvent.keyboard('{Enter}');
    expect(stones()).toEqual(['red', 'brown']);
    await userEvent.click(screen.getByRole('button', { name: 'Red, 8 µm: leave out' }));
    expect(stones()).toEqual(['brown']);
    await userEvent.click(screen.getByRole('button', { name: 'Edge bevel like the rest' }));
    expect(seen).toHaveBeenLastCalledWith([]);
  });

  test('a width outside its limits stays as typed and is not passed on', async () => {
    const seen = jest.fn();
    render(<Harness seen={seen} />);
    await userEvent.click(screen.getByRole('button', { name: 'Micro bevel on its own' }));
    await userEvent.type(screen.getByLabelText('Width of the micro bevel, mm'), '0,2');
    expect((seen.mock.lastCall as [PartChain[]])[0][0]!.faceMm).toBe(0.2);
    await userEvent.type(screen.getByLabelText('Width of the micro bevel, mm'), ' mm');
    expect(screen.getByText('From 0.02 to 80 mm; "0,2 mm" was given')).toBeTruthy();
    expect((seen.mock.lastCall as [PartChain[]])[0][0]!.faceMm).toBe(0.2);
  });
});

test('after the stones: a number of strokes that is not whole is told and not taken', async () => {
  const onFinishing = jest.fn();
  render(
    <AfterStones
      finishing={DEFAULT_CHOICES.finishing}
      rack={RACK}
      onFinishing={onFinishing}
      series={null}
      onSeries={() => {}}
    />,
  );
  await userEvent.type(screen.getByLabelText('Strokes a side'), 'x');
  expect(screen.getByText('From 1 to 200, whole; "12x" was given')).toBeTruthy();
  expect(onFinishing).not.toHaveBeenCalled();
});

test('after the stones: surface after surface, put in another order and taken out again', async () => {
  const Series = () => {
    const [series, setSeries] = useState<readonly SeriesPart[] | null>(null);
    return (
      <>
        <AfterStones
          finishing={DEFAULT_CHOICES.finishing}
          rack={RACK}
          onFinishing={() => {}}
          series={series}
          onSeries={setSeries}
        />
        <output>{series?.map(({ surface }) => surface).join(', ') ?? 'one'}</output>
      </>
    );
  };
  render(<Series />);
  const said = () => screen.getByRole('status').textContent;
  await userEvent.click(screen.getByRole('button', { name: 'Several surfaces in a row' }));
  expect(said()).toBe('leather, leather');
  await userEvent.click(screen.getByRole('button', { name: /Surface 2$/ }));
  await userEvent.click(screen.getByRole('option', { name: 'Wood' }));
  expect(said()).toBe('leather, wood');
  await userEvent.click(screen.getByRole('button', { name: 'Surface 2 earlier' }));
  expect(said()).toBe('wood, leather');
  await userEvent.click(screen.getByRole('button', { name: 'Remove surface 1' }));
  expect(said()).toBe('leather');
  await userEvent.click(screen.getByRole('button', { name: 'Only one surface' }));
  expect(said()).toBe('one');
});
