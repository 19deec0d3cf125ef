import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { USUAL_FORMATS } from '@patient-edge/contract';
import { session, showPage } from '../../test/pages';
import { setFormats } from '../theme/formats';
import PressurePage from './pressure-page';

/** A scale that reads what the test says. */
class Scale extends EventTarget {
  static last: Scale | null = null;
  closed = false;
  constructor() {
    super();
    Scale.last = this;
  }
  read(grams: number): void {
    act(() => {
      this.dispatchEvent(new MessageEvent('message', { data: JSON.stringify({ grams }) }));
    });
  }
  close(): void {
    this.closed = true;
  }
}

beforeEach(() => {
  localStorage.clear();
  Object.assign(globalThis, { EventSource: Scale });
});
const answers = (scale: boolean) => ({
  'GET /stones': [],
  'GET /devices': { scale },
  'GET /session': session('bench'),
});

describe('practising pressure', () => {
  test('without a scale readings are typed, in the unit chosen', async () => {
    setFormats({ ...USUAL_FORMATS, force: 'gf' });
    showPage(<PressurePage />, answers(false));
    await userEvent.type(
      await screen.findByLabelText('Or type what it shows, grams-force'),
      '500{Enter}',
    );
    expect(screen.getByRole('timer').textContent).toBe('500 gf');
    expect(screen.getByText(/^Steady, and where it belongs\. 100 % inside/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Listen to the scale' })).toBeNull();
    setFormats(USUAL_FORMATS);
  });

  test('a reading no hand could press is told with its limit', async () => {
    showPage(<PressurePage />, answers(false));
    await userEvent.type(
      await screen.findByLabelText('Or type what it shows, newtons'),
      '900{Enter}',
    );
    expect(screen.getByText('From 0 to 200 N; "900" was given')).toBeTruthy();
    expect(screen.getByText('Nothing pressed yet.')).toBeTruthy();
  });

  test('a scale is listened to, what is below its zero is nothing, and its end is told', async () => {
    showPage(<PressurePage />, answers(true));
    await userEvent.click(await screen.findByRole('button', { name: 'Listen to the scale' }));
    Scale.last!.read(1500);
    expect(screen.getByRole('timer').textContent).toBe('14.7 N');
    expect(screen.getByText(/^Too heavy/)).toBeTruthy();
    Scale.last!.read(-3);
    expect(screen.getByRole('timer').textContent).toBe('0 N');
    act(() => {
      Scale.last!.dispatchEvent(new Event('gone'));
    });
    expect(screen.getByText(/^The scale has stopped answering/)).toBeTruthy();
    expect(Scale.last!.closed).toBe(true);
    expect(screen.getByRole('button', { name: 'Listen to the scale' })).toBeTruthy();
  });
});
