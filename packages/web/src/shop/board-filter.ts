/** Which blades of the shop are shown, in which order, and how that stands in the address. */
import type { Board, BoardJob, Stage } from '@patient-edge/contract';
import { STAGES } from '@patient-edge/contract';
import { bladeKind, named } from '@patient-edge/core';
import { STRINGS } from './strings';

export const ONLY = ['late', 'ready', 'waiting', 'declined'] as const;
export type Only = (typeof ONLY)[number];

export const SORTS = ['promised', 'tag', 'customer', 'stage', 'taken in'] as const;
export type Sort = (typeof SORTS)[number];

export const SORT_LABELS: Readonly<Record<Sort, string>> = {
  promised: STRINGS.dayPromised,
  tag: STRINGS.tag,
  customer: STRINGS.customer,
  stage: STRINGS.stage,
  'taken in': STRINGS.dayTakenIn,
};

export interface BoardFilter {
  readonly only: Only | null;
  readonly stage: Stage | null;
  readonly place: string | null;
  readonly person: string | null;
  readonly kind: string | null;
  readonly sort: Sort;
  readonly view: 'silhouettes' | 'list';
}

export const NO_FILTER: BoardFilter = {
  only: null,
  stage: null,
  place: null,
  person: null,
  kind: null,
  sort: 'promised',
  view: 'silhouettes',
};

const oneOf = <T extends string>(all: readonly T[], text: string | null): T | null =>
  all.find((each) => each === text) ?? null;

/** What an address says; what it does not know is left out. */
export const filterFrom = (params: URLSearchParams): BoardFilter => ({
  only: oneOf(ONLY, params.get('only')),
  stage: oneOf(STAGES, params.get('stage')),
  place: params.get('place'),
  person: params.get('person'),
  kind: params.get('kind'),
  sort: oneOf(SORTS, params.get('sort')) ?? 'promised',
  view: params.get('view') === 'list' ? 'list' : 'silhouettes',
});

/** The same as an address says it: only what differs from everything. */
export const paramsOf = (filter: BoardFilter): URLSearchParams => {
  const params = new URLSearchParams();
  for (const [name, value] of Object.entries(filter) as [keyof BoardFilter, string | null][])
    if (value !== null && value !== NO_FILTER[name]) params.set(name, value);
  return params;
};

export const nameOf = ({ blade }: BoardJob): string =>
  blade.name || bladeKind(blade.measures.kindId).label;

export const isLate = (job: BoardJob, today: string): boolean => job.promisedOn < today;

const IS: Readonly<Record<Only, (job: BoardJob, today: string) => boolean>> = {
  late: isLate,
  ready: ({ stage }) => stage === 'ready',
  waiting: ({ waitsForAnswer }) => waitsForAnswer,
  declined: ({ stage }) => stage === 'declined',
};

const personOf = ({ inHand, lastBy }: BoardJob): string => inHand ?? lastBy;

const BY: Readonly<Record<Sort, (a: BoardJob, b: BoardJob) => number>> = {
  promised: (a, b) => a.promisedOn.localeCompare(b.promisedOn),
  tag: () => 0,
  customer: (a, b) => a.customer.localeCompare(b.customer),
  stage: (a, b) => STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage),
  'taken in': (a, b) => a.takenInAt.localeCompare(b.takenInAt),
};

/** The blades that are shown, in their order; blades alike in it stand by tag. */
export const shownJobs = (
  { jobs, today }: Pick<Board, 'jobs' | 'today'>,
  { only, stage, place, person, kind, sort }: BoardFilter,
): readonly BoardJob[] =>
  jobs
    .filter(
      (job) =>
        (only === null || IS[only](job, today)) &&
        (stage === null || job.stage === stage) &&
        (place === null || job.place === place) &&
        (person === null || personOf(job) === person) &&
        (kind === null || job.blade.measures.kindId === kind),
    )
    .sort((a, b) => BY[sort](a, b) || a.tagNumber - b.tagNumber);

export interface Counted {
  readonly id: string;
  readonly label: string;
  readonly count: number;
}

const counted = (
  jobs: readonly BoardJob[],
  idOf: (job: BoardJob) => string | null,
  labelOf: (id: string) => string = (id) => id,
): readonly Counted[] => {
  const counts = new Map<string, number>();
  for (const job of jobs) {
    const id = idOf(job);
    if (id !== null && id !== '') counts.set(id, (counts.get(id) ?? 0) + 1);
  }
  return [...counts].map(([id, count]) => ({ id, label: labelOf(id), count }));
};

/** What there is to filter by, with how many blades each. */
export const choicesIn = ({ jobs, today }: Pick<Board, 'jobs' | 'today'>) => ({
  only: ONLY.map((id) => ({ id, count: jobs.filter((job) => IS[id](job, today)).length })),
  stage: STAGES.flatMap((id) => {
    const count = jobs.filter(({ stage }) => stage === id).length;
    return count > 0 ? [{ id, label: named(id), count }] : [];
  }),
  place: counted(jobs, ({ place }) => place),
  person: counted(jobs, personOf),
  kind: counted(
    jobs,
    ({ blade }) => blade.measures.kindId,
    (id) => bladeKind(id).label,
  ),
});
