/** A page before a server that answers as it is told, and remembers what it was asked. */
import { INSTRUMENTS, USUAL_FORMATS } from '@patient-edge/contract';
import { render } from '@testing-library/react';
import type { ReactElement } from 'react';
import { MemoryRouter, Outlet, Route, Routes } from 'react-router';
import { mutate, SWRConfig } from 'swr';
import { UndoProvider } from '../src/theme/undo';

type Answer = unknown;

export interface Asked {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
}

interface Page {
  readonly asked: readonly Asked[];
  /** Answers differently from now on. */
  readonly answers: Record<string, Answer>;
}

/** What a refusal looks like: give it as an answer. */
export const refusal = (status: number, error: Record<string, unknown>) => ({ status, error });

const isRefusal = (answer: Answer): answer is { status: number; error: unknown } =>
  typeof answer === 'object' && answer !== null && 'status' in answer && 'error' in answer;

/** Answers by "METHOD /path"; what nobody told it is a failed test. A job goes to the page as its context. */
export const showPage = (
  element: ReactElement,
  answers: Record<string, Answer>,
  context: unknown = null,
): Page => {
  const asked: Asked[] = [];
  globalThis.fetch = ((address: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = address.replace(/^\/api/, '');
    const answer = answers[`${method} ${path}`];
    if (answer === undefined) throw new Error(`Nobody told what ${method} ${path} answers`);
    asked.push({
      method,
      path,
      body: typeof body === 'string' ? (JSON.parse(body) as unknown) : null,
    });
    const status = isRefusal(answer) ? answer.status : 200;
    return Promise.resolve({
      ok: status < 400,
      status,
      headers: { has: () => false },
      text: () =>
        Promise.resolve(JSON.stringify(isRefusal(answer) ? { error: answer.error } : answer)),
    });
  }) as unknown as typeof fetch;
  // The pages share one store, as in the application; each test begins with an empty one.
  void mutate(() => true, undefined, { revalidate: false });
  render(
    <SWRConfig value={{ dedupingInterval: 0 }}>
      <MemoryRouter>
        <UndoProvider>
          <Routes>
            <Route element={<Outlet context={context} />}>
              <Route path="*" element={element} />
            </Route>
          </Routes>
        </UndoProvider>
      </MemoryRouter>
    </SWRConfig>,
  );
  return { asked, answers };
};

export const session = (role: 'owner' | 'bench' | 'counter') => ({
  staff: { id: 1, name: 'Bo', login: 'bo', role },
  shopName: 'Test boat',
  currency: 'EUR',
  formats: USUAL_FORMATS,
  instruments: INSTRUMENTS,
  needsSetUp: false,
});
