/** What the screens read, through SWR. */
import type {
  BladeRecord,
  Board,
  CustomerList,
  CustomerRecord,
  FirstDay,
  DayFacts,
  WhenAnswer,
  DayLoad,
  DayReview,
  FigureSheet,
  Regular,
  Trial,
  StoneSheet,
  ForecastSheet,
  Found,
  Flattening,
  Habits,
  Job,
  LifeSheet,
  NextTag,
  OwnSteel,
  PlanTemplate,
  PlanVersion,
  PriceList,
  PrintedLabel,
  RatesSheet,
  ShopMachine,
  MailInBox,
  OpenComplaint,
  OwnFaults,
  QueuedMessage,
  ReadyList,
  Sale,
  ShopSheet,
  ShopPlaces,
  StaffRecord,
  Stone,
  Takings,
  ToWrite,
  VisitAnswer,
  VisitPage,
  ConfirmedCauses,
  TestsInUse,
  TouchUp,
  StepRecord,
} from '@patient-edge/contract';
import { STEELS, type CustomerSheet, type Steel, type BladeRates } from '@patient-edge/core';
import { useMemo } from 'react';
import useSWR, { mutate } from 'swr';
import useSWRInfinite, { unstable_serialize } from 'swr/infinite';
import type { ApiFailure } from './client';
import { asPart, request } from './client';
import { useOutbox } from './outbox';
import { withWaiting } from './overlay';

const get = <T>(path: string): Promise<T> => request<T>('GET', path);

export const useBoard = () => useSWR<Board, ApiFailure>('/shop', get, { refreshInterval: 20000 });
/** As it is on this device: what was done here and waits for the connection is done already. */
export const useJob = (id: string | number) => {
  const { data, error, mutate: change } = useSWR<Job, ApiFailure>(`/jobs/${asPart(id)}`, get);
  const waiting = useOutbox();
  const job = useMemo(() => data && withWaiting(data, waiting), [data, waiting]);
  return { data: job, error, mutate: change };
};
/** A job others may be working at too: looked at again every few seconds while it is open. */
export const useSharedJob = (id: number) =>
  useSWR<Job, ApiFailure>(`/jobs/${id}`, get, { refreshInterval: 3000 });
export const useStones = () => useSWR<Stone[], ApiFailure>('/stones', get);
export const useFlattenings = (stoneId: number) =>
  useSWR<Flattening[], ApiFailure>(`/stones/${stoneId}/flattenings`, get);
export const useMachines = () => useSWR<ShopMachine[], ApiFailure>('/machines', get);
export const useTestsInUse = () => useSWR<TestsInUse, ApiFailure>('/tests-in-use', get);
export const useShots = (isOpen: boolean) =>
  useSWR<{ name: string; shows: string }[], ApiFailure>(
    isOpen ? '/devices/microscope' : null,
    get,
    { revalidateOnFocus: false },
  );
export const useOwnFaults = () => useSWR<OwnFaults, ApiFailure>('/own-faults', get);
export const useConfirmedCauses = () =>
  useSWR<ConfirmedCauses, ApiFailure>('/confirmed-causes', get);
/** What the bench has learnt of this steel in these hands; null while nothing is on record. */
export const useBladeRates = (steel: string) =>
  useSWR<BladeRates | null, ApiFailure>(`/rates/blade?${new URLSearchParams({ steel })}`, get);
export const useRates = () => useSWR<RatesSheet, ApiFailure>('/rates', get);
export const useLives = (query: string) =>
  useSWR<LifeSheet, ApiFailure>(`/lives?${query}`, get, { keepPreviousData: true });
export const useForecasts = (query: string) =>
  useSWR<ForecastSheet, ApiFailure>(`/forecasts?${query}`, get, { keepPreviousData: true });
export const useFigures = (query: string) =>
  useSWR<FigureSheet, ApiFailure>(`/figures?${query}`, get, { keepPreviousData: true });
export const useRegulars = (query: string) =>
  useSWR<Regular[], ApiFailure>(`/figures/regulars?${query}`, get, { keepPreviousData: true });
export const useStoneFigures = () => useSWR<StoneSheet, ApiFailure>('/stone-figures', get);
export const useTrials = () => useSWR<Trial[], ApiFailure>('/trials', get);
/** Looked at again while it is open: somebody else is at the bench too. */
/** What a colleague changes is seen so soon. */
const DAY_REFRESH_MS = 8000;
export const useDay = () =>
  useSWR<DayFacts, ApiFailure>('/day', get, { refreshInterval: DAY_REFRESH_MS });
export const useWhen = (kind: string) =>
  useSWR<WhenAnswer, ApiFailure>(`/day/when?kind=${asPart(kind)}`, get);
export const useDayReview = () => useSWR<DayReview, ApiFailure>('/day/review', get);
export const useDayLoad = () => useSWR<DayLoad[], ApiFailure>('/day/load', get);
export const useCalendars = () =>
  useSWR<
    { readonly staffId: number; readonly name: string; readonly address: string }[],
    ApiFailure
  >('/day/calendars', get);
export const useHabits = () => useSWR<Habits, ApiFailure>('/habits', get);
export const useTemplates = () => useSWR<PlanTemplate[], ApiFailure>('/templates', get);
/** Fetched anew when the job has changed. */
export const usePlanVersions = (jobId: number, jobVersion: number) =>
  useSWR<PlanVersion[], ApiFailure>(
    [`/jobs/${jobId}/plan/versions`, jobVersion],
    ([path]: [string]) => get<PlanVersion[]>(path),
  );
export const useTouchUps = (jobId: number) =>
  useSWR<TouchUp[], ApiFailure>(`/jobs/${jobId}/touch-ups`, get);
export const useDevices = () =>
  useSWR<
    { scale: boolean; force: boolean; gauge: boolean; mailBox: boolean; microscope: boolean },
    ApiFailure
  >('/devices', get, {
    revalidateOnFocus: false,
  });
export const useOwnSteels = () => useSWR<OwnSteel[], ApiFailure>('/steels', get);

/** The table of the trade and the shop's own; null until the shop's are here. */
export const useSteels = (): readonly Steel[] | null => {
  const { data } = useOwnSteels();
  return useMemo(() => (data ? [...STEELS, ...data] : null), [data]);
};

/** Asks for the list of customers anew, as far as it is shown. */
export const refreshCustomers = (): Promise<unknown> =>
  mutate(unstable_serialize(() => '/customers'));

/** The customers by name, page by page. */
export const useCustomers = () =>
  useSWRInfinite<CustomerList, ApiFailure>((index, previous: CustomerList | null) => {
    if (index === 0) return '/customers';
    const next = previous?.next;
    return next
      ? `/customers?${new URLSearchParams({ afterName: next.name, afterId: String(next.id) })}`
      : null;
  }, get);
/** What the letters typed so far find; the last answer stands until the next is there. */
export const useSearch = (typed: string) =>
  useSWR<Found, ApiFailure>(
    typed.trim() === '' ? null : `/search?q=${encodeURIComponent(typed.trim().slice(0, 80))}`,
    get,
    { keepPreviousData: true, revalidateOnFocus: false },
  );
export const useCustomer = (id: string | number | null) =>
  useSWR<CustomerRecord, ApiFailure>(id === null ? null : `/customers/${asPart(id)}`, get);
export const useBlade = (id: string | number | null) =>
  useSWR<BladeRecord, ApiFailure>(id === null ? null : `/blades/${asPart(id)}`, get);
export const usePrices = () => useSWR<PriceList, ApiFailure>('/prices', get);
export const useReady = () =>
  useSWR<ReadyList, ApiFailure>('/ready', get, { refreshInterval: 20000 });
export const useToWrite = () => useSWR<ToWrite[], ApiFailure>('/to-write', get);
export const useComplaints = () => useSWR<OpenComplaint[], ApiFailure>('/complaints', get);
export const useMessages = () =>
  useSWR<QueuedMessage[], ApiFailure>('/messages', get, { refreshInterval: 5000 });
export const useMailBox = (isOpen: boolean) =>
  useSWR<MailInBox[], ApiFailure>(isOpen ? '/mail-box' : null, get, { refreshInterval: 5000 });
export const useShopDetails = () => useSWR<ShopSheet, ApiFailure>('/shop-details', get);
export const useTakings = (day: string | null) =>
  useSWR<Takings, ApiFailure>(day === null ? '/takings' : `/takings?day=${asPart(day)}`, get);
/** Fetched anew when the job has changed. */
export const useSheet = (jobId: number, jobVersion: number) =>
  useSWR<CustomerSheet, ApiFailure>(
    [`/jobs/${jobId}/sheet`, jobVersion],
    ([path]: [string]) => get<CustomerSheet>(path),
    { keepPreviousData: true },
  );
export const useSales = (jobId: number) =>
  useSWR<Sale[], ApiFailure>(`/jobs/${jobId}/payments`, get);
export interface PageOfVisit {
  readonly address: string | null;
  readonly answers: readonly VisitAnswer[];
}
export const usePageOfVisit = (jobId: number) =>
  useSWR<PageOfVisit, ApiFailure>(`/jobs/${jobId}/page`, get);
export const useVisit = (token: string) =>
  useSWR<VisitPage, ApiFailure>(`/visits/${asPart(token)}`, get);

/** What is ready, whom to write to and what was taken, asked anew as far as it is shown. */
export const refreshReturns = async (): Promise<void> => {
  await mutate(
    (key) => typeof key === 'string' && /^\/(ready|to-write|shop|takings|complaints)/.test(key),
  );
};

export const useFirstDay = () => useSWR<FirstDay, ApiFailure>('/first-day', get);
export const usePlaces = () => useSWR<ShopPlaces, ApiFailure>('/places', get);

export const useLabels = () =>
  useSWR<PrintedLabel[], ApiFailure>('/labels', get, { refreshInterval: 5000 });
export const useStaffNames = () =>
  useSWR<{ readonly id: number; readonly name: string }[], ApiFailure>('/people', get);
export const useStaff = () => useSWR<StaffRecord[], ApiFailure>('/staff', get);
export const useNextTag = () =>
  useSWR<NextTag, ApiFailure>('/next-tag', get, { revalidateOnFocus: false });

/** Puts a stone just answered by the server where every screen reads it. */
export const updateStoneCache = async (stone: Stone): Promise<void> => {
  await mutate<Stone[]>(
    '/stones',
    (held) => {
      if (!held) return held;
      const known = held.some(({ id }) => id === stone.id);
      return known ? held.map((each) => (each.id === stone.id ? stone : each)) : [...held, stone];
    },
    { revalidate: true },
  );
};

/** A step as the server has it now, into the job on the screens: whoever opens the bench next counts on from it. */
export const updateStepCache = (jobId: number, step: StepRecord): Promise<unknown> =>
  mutate(
    `/jobs/${jobId}`,
    (job: Job | undefined) =>
      job && {
        ...job,
        steps: job.steps.map((each) =>
          each.id === step.id && each.revision < step.revision ? step : each,
        ),
      },
    { revalidate: false },
  );

/** Puts a job just answered by the server where every screen reads it. */
export const updateJobCache = async (job: Job): Promise<void> => {
  await mutate(`/jobs/${job.id}`, job, { revalidate: false });
  void refreshReturns();
  // Its record tells of this visit too, and may be looked at next.
  void mutate(`/blades/${job.blade.id}`);
};
