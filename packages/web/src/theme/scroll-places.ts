/** Where each page of the history was scrolled to: back and forward find it there again. */

const places = new Map<string, number>();
/** A page whose data comes late grows until then. */
const LONGEST_WAIT_MS = 1500;

export const noteScroll = (key: string): void => {
  places.set(key, window.scrollY);
};

/** Scrolls there as soon as the page is long enough; gives what stops the waiting. */
export const returnTo = (key: string): (() => void) => {
  const wanted = places.get(key) ?? 0;
  const began = performance.now();
  let frame = 0;
  const look = (): void => {
    const reachable = document.documentElement.scrollHeight - window.innerHeight;
    if (reachable >= wanted || performance.now() - began > LONGEST_WAIT_MS) {
      window.scrollTo(0, wanted);
      return;
    }
    frame = requestAnimationFrame(look);
  };
  look();
  return () => cancelAnimationFrame(frame);
};
