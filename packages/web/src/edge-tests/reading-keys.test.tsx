import { EDGE_TESTS, ZONES } from '@patient-edge/core';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { ReadingKeys } from './reading-keys';
import { asTyped, type TypedReadings } from './typed-readings';

const TESTS = EDGE_TESTS.filter(({ id }) => ['light', 'paper', 'food'].includes(id));

let held: TypedReadings = asTyped(undefined);
const Page = ({ onPass }: { onPass: () => void }) => {
  const [typed, setTyped] = useState(held);
  held = typed;
  return (
    <>
      <ReadingKeys tests={TESTS} typed={typed} onTyped={setTyped} onPass={onPass} />
      <label>
        Note <input />
      </label>
    </>
  );
};

test('each key reads the test that is asked everywhere, undo takes the last back, and a note is no reading', async () => {
  held = asTyped(undefined);
  const passed = jest.fn();
  render(<Page onPass={passed} />);
  expect(screen.getByText(/^Light:/)).toBeTruthy();
  await userEvent.keyboard('1');
  await userEvent.keyboard('2');
  expect(ZONES.map((zone) => held[zone].classes)).toEqual(
    ZONES.map(() => ({ light: 'dark', paper: 'catches' })),
  );
  await userEvent.keyboard('u');
  expect(held.tip.classes).toEqual({ light: 'dark' });
  await userEvent.keyboard('19');
  expect(held.heel.classes.paper).toBe('cuts clean');
  expect(held.blade).toEqual({});
  await userEvent.keyboard('1');
  expect(held.blade).toEqual({ food: 'parts freely' });
  await userEvent.type(screen.getByLabelText('Note'), 'p1u');
  expect(passed).not.toHaveBeenCalled();
  expect(held.blade).toEqual({ food: 'parts freely' });
  (document.activeElement as HTMLElement).blur();
  await userEvent.keyboard('p');
  expect(passed).toHaveBeenCalledTimes(1);
});
