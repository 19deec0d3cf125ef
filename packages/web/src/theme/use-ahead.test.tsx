import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { useAhead } from './use-ahead';

/** A server that answers when it is told to, and keeps what it was sent, or refuses it. */
const openList = () => {
  const sent: string[] = [];
  const answers: ((isKept: boolean) => void)[] = [];
  const List = () => {
    const [kept, setKept] = useState('');
    const [shown, change] = useAhead(
      kept,
      async (wanted) => {
        sent.push(wanted);
        if (await new Promise<boolean>((resolve) => answers.push(resolve))) setKept(wanted);
      },
      (wanted) => !wanted.endsWith('?'),
    );
    return (
      <>
        <output>{shown}</output>
        {['a', 'b', 'c', '?'].map((letter) => (
          <button key={letter} onClick={() => change(shown + letter)}>
            {letter}
          </button>
        ))}
      </>
    );
  };
  render(<List />);
  return {
    sent,
    shown: () => screen.getByRole('status').textContent,
    press: (letter: string) => userEvent.click(screen.getByRole('button', { name: letter })),
    answer: (isKept: boolean) => act(async () => Promise.resolve(answers.shift()!(isKept))),
  };
};

test('what is asked for shows at once, and the next change builds on it', async () => {
  const list = openList();
  await list.press('a');
  await list.press('b');
  expect(list.shown()).toBe('ab');
  expect(list.sent).toEqual(['a']);
  await list.answer(true);
  expect(list.sent).toEqual(['a', 'ab']);
  expect(list.shown()).toBe('ab');
  await list.answer(true);
  expect(list.shown()).toBe('ab');
});

test('of those that wait for the one before, the last alone goes out', async () => {
  const list = openList();
  for (const letter of ['a', 'b', 'c']) await list.press(letter);
  await list.answer(true);
  await list.answer(true);
  expect(list.sent).toEqual(['a', 'abc']);
  expect(list.shown()).toBe('abc');
});

test('after a refusal what the server has is shown again, and the next goes out from there', async () => {
  const list = openList();
  await list.press('a');
  await list.answer(false);
  expect(list.shown()).toBe('');
  await list.press('b');
  await list.answer(true);
  expect(list.sent).toEqual(['a', 'b']);
  expect(list.shown()).toBe('b');
});

test('what is not whole yet is shown and not sent', async () => {
  const list = openList();
  await list.press('?');
  expect(list.shown()).toBe('?');
  await list.press('c');
  expect(list.sent).toEqual(['?c']);
});
