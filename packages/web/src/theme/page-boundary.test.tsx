import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { Link, MemoryRouter, Route, Routes } from 'react-router';
import { readStored, writeStored } from '../api/stored';
import { PageBoundary } from './page-boundary';

const Failing = () => {
  const [broken, setBroken] = useState(false);
  if (broken) throw new Error('a value nobody expected');
  return (
    <button
      onClick={() => {
        writeStored('typed', 'half a sentence');
        setBroken(true);
      }}
    >
      Break it
    </button>
  );
};

test('a page that fails leaves the frame, keeps what was typed, and another page opens', async () => {
  const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  render(
    <MemoryRouter>
      <Link to="/other">Other page</Link>
      <PageBoundary>
        <Routes>
          <Route index element={<Failing />} />
          <Route path="other" element={<p>All is well</p>} />
        </Routes>
      </PageBoundary>
    </MemoryRouter>,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Break it' }));
  expect(screen.getByRole('heading', { name: 'This page stopped working' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Reload' })).toBeTruthy();
  expect(readStored('typed')).toBe('half a sentence');
  await userEvent.click(screen.getByRole('link', { name: 'Other page' }));
  expect(screen.getByText('All is well')).toBeTruthy();
  told.mockRestore();
});
