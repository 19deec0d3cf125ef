import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Button, Checkbox } from 'react-aria-components';
import { useBenchKeys, type BenchKeys } from './use-bench-keys';

const actions = {
  stroke: jest.fn(),
  right: jest.fn(),
  left: jest.fn(),
  swap: jest.fn(),
  clock: jest.fn(),
  undo: jest.fn(),
  burr: jest.fn(),
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
