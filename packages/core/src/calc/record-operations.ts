/** What the record says, from outside: rates, calibration, lives of edges, a measure through the years. */
import {
  calibrationOf,
  compareLives,
  learnRates,
  livesOf,
  RATE_ROLES,
  trendOf,
  USUAL_LIFE_PRIOR,
  USUAL_SPREADS,
  type EdgeLife,
  type LearnedRates,
  type RateNames,
  type RateSpreads,
} from '../record';
import { ok, type Result } from '../units';
import { POSITIVE, refuse, type Reader } from './reader';

type Answer = Result<Readonly<Record<string, unknown>>>;

const namesOf = (from: Reader): RateNames => ({
  abrasive: from.text('abrasive'),
  steel: from.text('steel'),
  person: from.text('person'),
});

const spreadsOf = (input: Reader): RateSpreads => {
  const noiseSd = input.optional('noiseSd', USUAL_SPREADS.noiseSd, POSITIVE);
  if (!input.has('priorSd')) return { ...USUAL_SPREADS, noiseSd };
  const from = input.object('priorSd');
  const { abrasive, steel, person } = USUAL_SPREADS.priorSd;
  const priorSd = {
    abrasive: from.optional('abrasive', abrasive, POSITIVE),
    steel: from.optional('steel', steel, POSITIVE),
    person: from.optional('person', person, POSITIVE),
  };
  from.end();
  return { priorSd, noiseSd };
};

const effectsOf = ({ effects }: LearnedRates): Readonly<Record<string, unknown>> =>
  Object.fromEntries(RATE_ROLES.map((role) => [role, Object.fromEntries(effects[role])]));

/** Errors: INVALID_INPUT, naming the field. */
export const learnOperation = (input: Reader): Answer => {
  const steps = input.objects('records').map((from) => {
    const step = {
      ...namesOf(from),
      foreseenSeconds: from.number('foreseenSeconds', POSITIVE),
      takenSeconds: from.number('takenSeconds', POSITIVE),
    };
    from.end();
    return step;
  });
  const spreads = spreadsOf(input);
  const asked = !input.has('predict')
    ? []
    : input.objects('predict').map((from) => {
        const each = {
          names: namesOf(from),
          foreseenSeconds: from.number('foreseenSeconds', POSITIVE),
        };
        from.end();
        return each;
      });
  input.end();
  const learned = learnRates(steps, spreads);
  if (!learned.ok) return learned;
  return ok({
    effects: effectsOf(learned.value),
    predictions: asked.map(({ names, foreseenSeconds }) =>
      learned.value.predict(names, foreseenSeconds),
    ),
  });
};

/** Errors: INVALID_INPUT, naming the field. */
export const calibrationOperation = (input: Reader): Answer => {
  const forecasts = input.objects('forecasts', 1).map((from) => {
    const p10 = from.number('p10', POSITIVE);
    const p50 = from.number('p50', { min: p10 });
    const forecast = {
      p10,
      p50,
      p90: from.number('p90', { min: p50 }),
      actual: from.number('actual', POSITIVE),
    };
    from.end();
    return forecast;
  });
  input.end();
  return ok({ ...calibrationOf(forecasts) });
};

const comparedOf = (
  input: Reader,
  groups: ReadonlyMap<string, readonly EdgeLife[]>,
): readonly [string, string] | null => {
  if (!input.has('compare')) return null;
  const names = input.texts('compare');
  const [first, second] = names;
  if (names.length !== 2 || first === undefined || second === undefined || first === second)
    return refuse('compare', `compare takes two different groups; ${names.join(', ')} were given`);
  const missing = names.find((name) => !groups.has(name));
  if (missing !== undefined) refuse('compare', `compare: there is no life of group "${missing}"`);
  return [first, second];
};

/** Errors: INVALID_INPUT, naming the field. */
export const edgeLifeOperation = (input: Reader): Answer => {
  const groups = new Map<string, EdgeLife[]>();
  for (const from of input.objects('lives', 1)) {
    const life = {
      group: from.text('group'),
      days: from.number('days', POSITIVE),
      ended: from.flag('ended'),
    };
    from.end();
    const theirs = groups.get(life.group);
    if (theirs) theirs.push(life);
    else groups.set(life.group, [life]);
  }
  let prior = USUAL_LIFE_PRIOR;
  if (input.has('prior')) {
    const from = input.object('prior');
    prior = {
      events: from.optional('events', prior.events, POSITIVE),
      days: from.optional('days', prior.days, POSITIVE),
    };
    from.end();
  }
  const compared = comparedOf(input, groups);
  input.end();
  return ok({
    groups: Object.fromEntries([...groups].map(([name, lives]) => [name, livesOf(lives, prior)])),
    ...(compared
      ? { compare: compareLives(groups.get(compared[0])!, groups.get(compared[1])!, prior) }
      : {}),
  });
};

/** Errors: INVALID_INPUT, naming the field. */
export const trendOperation = (input: Reader): Answer => {
  const points = input.objects('points', 1).map((from) => {
    const point = { day: from.number('day'), value: from.number('value') };
    from.end();
    return point;
  });
  const limit = input.has('limit') ? input.number('limit') : undefined;
  input.end();
  const trend = trendOf(points, limit);
  return trend.ok ? ok({ ...trend.value }) : trend;
};
