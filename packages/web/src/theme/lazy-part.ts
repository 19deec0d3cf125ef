/**
 * A part that is fetched when it is first shown. A connection that is away for a moment is waited for: only a server that
 * answers, and has it no more, was replaced while the page was open (`PageBoundary` says so).
 */
import { lazy, type ComponentType, type LazyExoticComponent } from 'react';

const FIRST_WAIT_MS = 400;
const LONGEST_WAIT_MS = 4000;

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

const answers = async (): Promise<boolean> => {
  try {
    return (await fetch('/health', { cache: 'no-store' })).ok;
  } catch {
    return false;
  }
};

/** Errors: what `load` threw, where the server answered just before. */
export const patiently = async <Part>(load: () => Promise<Part>): Promise<Part> => {
  for (let tries = 0; ; tries += 1) {
    const isLast = tries > 0 && (await answers());
    try {
      return await load();
    } catch (error) {
      if (isLast && (await answers())) throw error;
      await wait(Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** tries));
    }
  }
};

/** As React's `lazy`, of a part that may be waited for. */
export const lazyPart = <Props extends object>(
  load: () => Promise<{ readonly default: ComponentType<Props> }>,
): LazyExoticComponent<ComponentType<Props>> => lazy(() => patiently(load));
