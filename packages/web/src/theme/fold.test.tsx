import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { lazy } from 'react';
import { Fold } from './fold';

const line = () => screen.getByRole('button', { name: 'Stones' });

describe('a part that is folded away', () => {
  test('says what it holds in a line, and makes nothing of it', () => {
    const made = jest.fn(() => null);
    const Inside = () => made();
    render(
      <Fold title="Stones" says="quickest" level={2}>
        <Inside />
      </Fold>,
    );
    expect(screen.getByText('quickest')).toBeTruthy();
    expect(screen.getByRole('heading', { level: 2, name: 'Stones' })).toBeTruthy();
    expect(line().getAttribute('aria-expanded')).toBe('false');
    expect(made).not.toHaveBeenCalled();
  });

  test('is loaded when it is opened', async () => {
    const load = jest.fn(() => Promise.resolve({ default: () => <p>Four of them</p> }));
    const Inside = lazy(load);
    render(
      <Fold title="Stones" says="">
        <Inside />
      </Fold>,
    );
    expect(load).not.toHaveBeenCalled();
    await userEvent.click(line());
    expect(await screen.findByText('Four of them')).toBeTruthy();
    expect(line().getAttribute('aria-expanded')).toBe('true');
  });

  test('keeps what was typed in it while it is closed', async () => {
    render(
      <Fold title="Stones" says="">
        <input aria-label="Grain" />
      </Fold>,
    );
    await userEvent.click(line());
    await userEvent.type(screen.getByLabelText('Grain'), '12');
    await userEvent.click(line());
    expect(screen.getByLabelText('Grain').closest('[hidden]')).not.toBeNull();
    await userEvent.click(line());
    expect(screen.getByLabelText('Grain').closest('[hidden]')).toBeNull();
    expect(screen.getByLabelText<HTMLInputElement>('Grain').value).toBe('12');
  });

  test('opens by the keyboard', async () => {
    render(
      <Fold title="Stones" says="">
        <p>Four of them</p>
      </Fold>,
    );
    await userEvent.tab();
    expect(document.activeElement).toBe(line());
    await userEvent.keyboard('{Enter}');
    expect(screen.getByText('Four of them')).toBeTruthy();
  });
});
