/** The day, from outside: what an order comes to, or the best order there is. */
import { dayInOrder, orderDay, type DayInput, type DayPlace, type DaySheet } from '../day';
import { ok, type Result } from '../units';
import { NOT_NEGATIVE, POSITIVE, refuse, type Reader } from './reader';

const MOST_PEOPLE = 4;
/** Orders tried beyond what is exact: fewer for a longer day, so that an answer is never long in coming. */
const WORK = 10_000_000;

const uniqueIds = (ids: readonly string[], list: string): void => {
  ids.forEach((id, index) => {
    if (ids.indexOf(id) < index) refuse(`${list}[${index}].id`, `"${id}" is there twice`);
  });
};

const stonesOf = (input: Reader): DayInput['stones'] =>
  input.objects('stones').map((from) => {
    const stone = {
      id: from.text('id'),
      um: from.number('um', POSITIVE),
      soakMinutes: from.optional('soakMinutes', 0, NOT_NEGATIVE),
      flattenEveryMinutes: from.has('flattenEveryMinutes')
        ? from.number('flattenEveryMinutes', POSITIVE)
        : null,
      flattenMinutes: from.optional('flattenMinutes', 0, NOT_NEGATIVE),
      workedMinutes: from.optional('workedMinutes', 0, NOT_NEGATIVE),
    };
    from.end();
    return stone;
  });

const jobsOf = (input: Reader): DayInput['jobs'] =>
  input.objects('jobs', 1).map((from) => {
    const job = {
      id: from.text('id'),
      dueMinutes: from.number('dueMinutes'),
      weight: from.optional('weight', 1, POSITIVE),
      steps: from.objects('steps', 1).map((step) => {
        const each = { stone: step.text('stone'), minutes: step.number('minutes', POSITIVE) };
        step.end();
        return each;
      }),
    };
    from.end();
    return job;
  });

const orderOf = (input: Reader): readonly DayPlace[] | null =>
  input.has('order')
    ? input.objects('order').map((from) => {
        const place = {
          job: from.text('job'),
          person: from.optional('person', 1, { whole: true }),
        };
        from.end();
        return place;
      })
    : null;

const answerOf = ({
  tardiness,
  makespanMinutes,
  changes,
  flattenings,
  steps,
  order,
}: DaySheet) => ({
  tardiness,
  makespanMinutes,
  changes,
  flattenings,
  steps: steps.map(({ job, step, stone, person, startMinutes, endMinutes }) => ({
    job,
    step,
    stone,
    person,
    startMinutes,
    endMinutes,
  })),
  order,
});

/** Errors: INVALID_INPUT, naming the field. */
export const dayOperation = (input: Reader): Result<Readonly<Record<string, unknown>>> => {
  const people = input.optional('people', 1, { min: 1, max: MOST_PEOPLE, whole: true });
  const day: DayInput = {
    people: Array.from({ length: people }, () => ({ freeAtMinutes: 0, stone: null })),
    changeMinutes: input.optional('changeMinutes', 1, NOT_NEGATIVE),
    washMinutes: input.optional('washMinutes', 0, NOT_NEGATIVE),
    stones: stonesOf(input),
    jobs: jobsOf(input),
  };
  const order = orderOf(input);
  input.end();
  uniqueIds(
    day.stones.map(({ id }) => id),
    'stones',
  );
  uniqueIds(
    day.jobs.map(({ id }) => id),
    'jobs',
  );
  const steps = day.jobs.reduce((sum, job) => sum + job.steps.length, 0);
  const found = order === null ? orderDay(day, Math.ceil(WORK / steps)) : dayInOrder(day, order);
  return found.ok ? ok(answerOf(found.value)) : found;
};
