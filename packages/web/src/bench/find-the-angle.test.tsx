import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FindTheAngle } from './find-the-angle';

const user = userEvent.setup();
const see = async (place: string, seen: string): Promise<void> => {
  const group = screen.getByRole('radiogroup', { name: `Ink gone, ${place}` });
  await user.click(
    [...group.querySelectorAll('label')].find((label) => label.textContent === seen)!,
  );
};

beforeEach(() => localStorage.clear());

test('says what to slide once heel, middle and tip were looked at, and nothing before', async () => {
  render(<FindTheAngle stepId={3} />);
  await see('heel', 'Shoulder only');
  await see('middle', 'Across');
  expect(screen.queryByRole('status')).toBeNull();
  await see('tip', 'Edge only');
  expect(screen.getByRole('status').textContent).toMatch(/slide the jaws 5 mm towards the heel/);
});

test('what was seen is still there after the page was left, and is cleared for the next try', async () => {
  const { unmount } = render(<FindTheAngle stepId={4} />);
  for (const place of ['heel', 'middle', 'tip']) await see(place, 'Shoulder only');
  unmount();
  render(<FindTheAngle stepId={4} />);
  expect(screen.getByRole('status').textContent).toBe('Raise by 0.5° and ink again.');
  await user.click(screen.getByRole('button', { name: 'Ink again' }));
  expect(screen.queryByRole('status')).toBeNull();
});
