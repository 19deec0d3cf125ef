import type { BoardJob } from '@patient-edge/contract';
import { usualMeasuresOf } from '@patient-edge/core';
import {
  choicesIn,
  filterFrom,
  NO_FILTER,
  paramsOf,
  shownJobs,
  type BoardFilter,
} from './board-filter';

const job = (tagNumber: number, part: Partial<BoardJob> = {}): BoardJob => ({
  jobId: tagNumber,
  version: 1,
  tagNumber,
  stage: 'planned',
  promisedOn: '2026-11-28',
  place: 'Osier Wharf',
  takenInAt: '2026-11-20T09:00:00Z',
  waitsForAnswer: false,
  lastBy: 'Teodor Lock',
  customerId: 1,
  customer: 'Isbel Rush',
  blade: { id: 1, name: '', steel: 'x', measures: usualMeasuresOf('chef', 210) },
  stepsDone: 0,
  stepsTotal: 3,
  sentBack: false,
  inHand: null,
  ...part,
});
const BOARD = {
  today: '2026-11-28',
  jobs: [
    job(4),
    job(2, { promisedOn: '2026-11-26', stage: 'ready', customer: 'Corin Whey' }),
    job(3, { promisedOn: '2026-11-26', waitsForAnswer: true, place: null }),
    job(1, { stage: 'declined', inHand: 'Wilma Sedge', promisedOn: '2026-12-01' }),
  ],
};
const tags = (filter: Partial<BoardFilter>): number[] =>
  shownJobs(BOARD, { ...NO_FILTER, ...filter }).map(({ tagNumber }) => tagNumber);

test('the earliest day first, and by tag within a day', () => {
  expect(tags({})).toEqual([2, 3, 4, 1]);
  expect(tags({ sort: 'tag' })).toEqual([1, 2, 3, 4]);
  expect(tags({ sort: 'customer' })).toEqual([2, 1, 3, 4]);
});

test('late, ready, waiting and declined blades are found, alone and together with the rest', () => {
  expect(tags({ only: 'late' })).toEqual([2, 3]);
  expect(tags({ only: 'late', stage: 'ready' })).toEqual([2]);
  expect(tags({ only: 'waiting' })).toEqual([3]);
  expect(tags({ only: 'declined' })).toEqual([1]);
  expect(tags({ place: 'Osier Wharf', person: 'Teodor Lock' })).toEqual([2, 4]);
  expect(tags({ person: 'Wilma Sedge' })).toEqual([1]);
  expect(tags({ kind: 'razor' })).toEqual([]);
});

test('every choice says how many blades it holds', () => {
  const { only, stage, place, person } = choicesIn(BOARD);
  expect(only).toEqual([
    { id: 'late', count: 2 },
    { id: 'ready', count: 1 },
    { id: 'waiting', count: 1 },
    { id: 'declined', count: 1 },
  ]);
  expect(stage.map(({ id, count }) => [id, count])).toEqual([
    ['planned', 2],
    ['ready', 1],
    ['declined', 1],
  ]);
  expect(place).toEqual([{ id: 'Osier Wharf', label: 'Osier Wharf', count: 3 }]);
  expect(person.map(({ id }) => id)).toEqual(['Teodor Lock', 'Wilma Sedge']);
});

test('an address holds the filter and nothing else; what it does not know is left out', () => {
  const filter: BoardFilter = { ...NO_FILTER, only: 'late', place: 'Ropewalk Quay', view: 'list' };
  expect(paramsOf(filter).toString()).toBe('only=late&place=Ropewalk+Quay&view=list');
  expect(filterFrom(paramsOf(filter))).toEqual(filter);
  expect(filterFrom(new URLSearchParams('only=lost&stage=gone&sort=luck'))).toEqual(NO_FILTER);
});
