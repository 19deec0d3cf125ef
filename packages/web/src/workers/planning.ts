/** The planner's worker, as its callers start it: each has its own, all from the one script. */
export const createPlanningWorker = (): Worker =>
  new Worker(new URL('./planning-worker.ts', import.meta.url), {
    type: 'module',
    // Its words come first, where the page has a language of its own: see the banner in the build.
    name: globalThis.patientEdgeLanguage?.file ?? '',
  });
