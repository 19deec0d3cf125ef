/** What the record says, as it is sent: rates, and whether forecasts were right. */
import type {
  ForecastScore,
  LivesCompared,
  LivesOfGroup,
  Message,
  RateEffect,
  RateRole,
} from '@patient-edge/core';

export interface NamedEffect extends RateEffect {
  readonly id: string;
  readonly name: string;
}

/** Rates of work by hand, or of work on machines. */
export interface LearnedSheet {
  readonly records: number;
  readonly noiseSd: number;
  readonly effects: Readonly<Record<RateRole, readonly NamedEffect[]>>;
}

export interface RatesSheet {
  readonly byHand: LearnedSheet;
  readonly byMachine: LearnedSheet;
  /** Whose steps are left out. */
  readonly leftOut: readonly { readonly id: number; readonly name: string }[];
}

export const FORECAST_GROUPS = ['stone', 'steel', 'person', 'kind', 'operation'] as const;
export type ForecastGroup = (typeof FORECAST_GROUPS)[number];

export interface ScoreLine {
  readonly name: string;
  readonly score: ForecastScore;
  /** As the model foresaw it before anything was learnt. */
  readonly uncorrected: ForecastScore;
}

export interface MissedForecast {
  readonly jobId: number;
  readonly blade: string;
  readonly title: Message;
  readonly p10Seconds: number;
  readonly p50Seconds: number;
  readonly p90Seconds: number;
  readonly takenSeconds: number;
  readonly finishedAt: string;
}

/** Forecasts of the steps finished in a stretch of days, scored. */
export interface ForecastSheet {
  readonly fromDay: string;
  readonly toDay: string;
  /** Null where no step counts yet. */
  readonly all: Omit<ScoreLine, 'name'> | null;
  readonly months: readonly ScoreLine[];
  readonly by: Readonly<Record<ForecastGroup, readonly ScoreLine[]>>;
  readonly worst: readonly MissedForecast[];
}

/** Lives of edges that were alike in one thing. */
export interface LifeGroup extends LivesOfGroup {
  readonly id: string;
  readonly name: string;
}

export interface LifeSheet {
  /** What lives are told apart by, of the factors there are. */
  readonly by: string;
  readonly factors: readonly { readonly id: string; readonly name: string }[];
  /** Only blades of this use; null for all. */
  readonly useId: string | null;
  readonly uses: readonly { readonly id: string; readonly name: string; readonly lives: number }[];
  /** Those with most lives first. */
  readonly groups: readonly LifeGroup[];
  /** Null where there are no two groups. */
  readonly compared:
    (LivesCompared & { readonly first: LifeGroup['id']; readonly second: LifeGroup['id'] }) | null;
}
