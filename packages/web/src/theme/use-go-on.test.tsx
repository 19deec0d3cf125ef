import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { lazy, Suspense } from 'react';
import { BrowserRouter, Link, Route, Routes } from 'react-router';
import { useGoOn } from './use-go-on';

const NeverLoaded = lazy(() => new Promise<{ default: () => null }>(() => undefined));

const Intake = ({ answered }: { answered: Promise<void> }) => {
  const goOn = useGoOn();
  return (
    <>
      <button onClick={() => void answered.then(() => goOn('/judge'))}>Save</button>
      <Link to="/plan">Plan</Link>
    </>
  );
};

const open = () => {
  let answer = (): void => undefined;
  const answered = new Promise<void>((resolve) => {
    answer = resolve;
  });
  window.history.replaceState(null, '', '/intake');
  render(
    <BrowserRouter>
      <Suspense fallback="Opening…">
        <Routes>
          <Route path="intake" element={<Intake answered={answered} />} />
          <Route path="judge" element={<h1>Assessment</h1>} />
          <Route path="plan" element={<NeverLoaded />} />
        </Routes>
      </Suspense>
    </BrowserRouter>,
  );
  return { answer, answered };
};

test('what has been sent leads on', async () => {
  const { answer, answered } = open();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await act(() => {
    answer();
    return answered;
  });
  await screen.findByRole('heading', { name: 'Assessment' });
  expect(window.location.pathname).toBe('/judge');
});

test('whoever has left by then, even for a page that is still loading, is not taken back', async () => {
  const { answer, answered } = open();
  await userEvent.click(screen.getByRole('button', { name: 'Save' }));
  await userEvent.click(screen.getByRole('link', { name: 'Plan' }));
  await act(() => {
    answer();
    return answered;
  });
  expect(window.location.pathname).toBe('/plan');
});
