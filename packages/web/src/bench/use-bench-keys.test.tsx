import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Button, Checkbox } from 'react-aria-components';
import { HOLD_MS } from '../theme/use-keys';
import { PEDAL_PROFILES } from './pedals';
import { useBenchKeys, type BenchKeys } from './use-bench-keys';

const actions = {
  stroke: jest.fn(),
  right: jest.fn(),
  left: jest.fn(),
  swap: jest.fn(),
  clock: jest.fn(),
  undo: jest.fn(),
  burr: jest.fn(),
  tenMore: jest.fn(),
  along: jest.fn(),
  goOn: jest.fn(),
  done: jest.fn(),
  steps: jest.fn(),
  signs: jest.fn(),
  details: jest.fn(),
  park: jest.fn(),
  nextBlade: jest.fn(),
} satisfies BenchKeys;
const pressed = jest.fn();

const Bench = () => {
  useBenchKeys(actions);
  return (
    <>
      <Button onPress={pressed}>+10</Button>
      <Checkbox>Wiped</Checkbox>
      <input aria-label="Reason" />
    </>
  );
};

beforeEach(() => {
  jest.clearAllMocks();
  localStorage.clear();
  render(<Bench />);
});

test('space is a stroke and not the button that was touched last', async () => {
  const button = screen.getByRole('button', { name: '+10' });
  await userEvent.click(button);
  expect(pressed).toHaveBeenCalledTimes(1);
  expect(document.activeElement).toBe(button);
  await userEvent.keyboard('   ');
  expect(actions.stroke).toHaveBeenCalledTimes(3);
  expect(pressed).toHaveBeenCalledTimes(1);
});

test('Enter presses what has the focus', async () => {
  screen.getByRole('button', { name: '+10' }).focus();
  await userEvent.keyboard('{Enter}');
  expect(pressed).toHaveBeenCalledTimes(1);
  expect(actions.stroke).not.toHaveBeenCalled();
});

test('a ticked box takes no space either, and a text field takes every one', async () => {
  await userEvent.click(screen.getByRole('checkbox'));
  await userEvent.keyboard(' ');
  expect(actions.stroke).toHaveBeenCalledTimes(1);
  expect(screen.getByRole<HTMLInputElement>('checkbox').checked).toBe(true);
  await userEvent.type(screen.getByLabelText('Reason'), 'a b 1');
  expect(screen.getByLabelText<HTMLInputElement>('Reason').value).toBe('a b 1');
  expect(actions.stroke).toHaveBeenCalledTimes(1);
  expect(actions.burr).not.toHaveBeenCalled();
});

test('a pedal held down is one stroke', () => {
  fireEvent.keyDown(document.body, { key: ' ' });
  for (let repeat = 0; repeat < 5; repeat += 1)
    fireEvent.keyDown(document.body, { key: ' ', repeat: true });
  expect(actions.stroke).toHaveBeenCalledTimes(1);
});

test('done, the burr along a side, and the customer have keys of their own', async () => {
  await userEvent.keyboard('d90()n{F2}');
  expect(actions.done).toHaveBeenCalledTimes(1);
  expect(actions.along.mock.calls).toEqual([
    ['right', 'slight'],
    ['left', 'slight'],
    ['right', 'none'],
    ['left', 'none'],
  ]);
  expect(actions.goOn).toHaveBeenCalledTimes(1);
  expect(actions.park).toHaveBeenCalledTimes(1);
});

describe('with one pedal that sends space', () => {
  beforeEach(() => {
    jest.useFakeTimers();
    cleanup();
    localStorage.setItem('patient-edge pedals', JSON.stringify(PEDAL_PROFILES['1']));
    render(<Bench />);
  });
  afterEach(() => jest.useRealTimers());

  test('a short press is a stroke, a long one goes on and counts none', () => {
    fireEvent.keyDown(window, { key: ' ' });
    fireEvent.keyUp(window, { key: ' ' });
    expect(actions.stroke).toHaveBeenCalledTimes(1);
    fireEvent.keyDown(window, { key: ' ' });
    jest.advanceTimersByTime(HOLD_MS + 10);
    fireEvent.keyUp(window, { key: ' ' });
    expect(actions.goOn).toHaveBeenCalledTimes(1);
    expect(actions.stroke).toHaveBeenCalledTimes(1);
  });

  test('a pedal under the foot for a while does its thing once', () => {
    fireEvent.keyDown(window, { key: ' ' });
    for (let tick = 0; tick < 20; tick += 1) {
      fireEvent.keyDown(window, { key: ' ', repeat: true });
      jest.advanceTimersByTime(100);
    }
    fireEvent.keyUp(window, { key: ' ' });
    expect(actions.goOn).toHaveBeenCalledTimes(1);
    expect(actions.stroke).not.toHaveBeenCalled();
  });
});

test('three pedals: the second goes on, the third takes back, and space stays a stroke', async () => {
  cleanup();
  localStorage.setItem('patient-edge pedals', JSON.stringify(PEDAL_PROFILES['3']));
  render(<Bench />);
  await userEvent.keyboard(' {PageDown}{PageUp}');
  expect(actions.stroke).toHaveBeenCalledTimes(1);
  expect(actions.goOn).toHaveBeenCalledTimes(1);
  expect(actions.undo).toHaveBeenCalledTimes(1);
});
