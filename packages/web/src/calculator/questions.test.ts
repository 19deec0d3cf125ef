import { calculate, type OperationName } from '@patient-edge/core';
import { readChip, CHIP_FIELDS } from './chip-fields';
import { edgeOfKind, initialInputs, QUESTIONS, type Inputs, type Outcome } from './questions';

const asked = (id: string, part: Inputs = {}): Outcome => {
  const question = QUESTIONS.find((each) => each.id === id)!;
  return question.answer({ ...initialInputs(question.fields), ...part });
};
const readingsOf = (outcome: Outcome) => {
  if (!outcome.ok) throw new Error(outcome.error.message);
  return outcome.readings;
};
const errorOf = (outcome: Outcome) => {
  if (outcome.ok) throw new Error('answered');
  return outcome.error;
};

describe('a quick question', () => {
  test.each(QUESTIONS.map(({ id }) => id))(
    '%s answers with its first inputs, every figure with a reason',
    (id) => {
      for (const { label, figure } of readingsOf(asked(id))) {
        expect({ label, finite: Number.isFinite(figure.value) }).toEqual({ label, finite: true });
        expect(figure.why.rule).not.toBe('');
        expect(figure.why.source).not.toBe('');
      }
    },
  );

  test.each([
    ['lift', 'lift', 'liftMm', 0],
    ['bevel', 'angle-from-bevel', 'angleDeg', 0],
    ['razor', 'razor', 'angleDeg', 0],
    ['rail', 'rail', 'angleDeg', 0],
    ['convex', 'convex', 'radiusMm', 0],
  ] as const)('%s gives what the operation gives', (id, operation, key, at) => {
    const question = QUESTIONS.find((each) => each.id === id)!;
    const numbers = Object.fromEntries(
      question.fields.map(({ name, initial }) => [name, Number(initial)]),
    );
    const raw = calculate(operation satisfies OperationName, numbers) as Record<string, number>;
    expect(readingsOf(asked(id))[at]!.figure.value).toBe(raw[key]);
  });

  test.each(
    QUESTIONS.flatMap(({ id, fields }) =>
      fields
        .filter(({ choices, optional }) => !choices && optional !== true)
        .map(({ name }): [string, string] => [id, name]),
    ),
  )('%s tells beside %s when it is no number', (id, name) => {
    expect(errorOf(asked(id, { [name]: 'abc' }))).toMatchObject({
      code: 'INVALID_INPUT',
      field: name,
    });
  });

  test('an empty field is missing, a comma divides decimals', () => {
    expect(errorOf(asked('lift', { heightMm: ' ' })).field).toBe('heightMm');
    const [comma, point] = ['1,1', '1.1'].map(
      (offset) => readingsOf(asked('lift', { spineOffsetMm: offset }))[0]!.figure.value,
    );
    expect(comma).toBe(point);
  });

  test('the nearest stack of shims comes first', () => {
    expect(readingsOf(asked('shims'))[0]!.label).toBe('7 of them, the nearest');
    expect(readingsOf(asked('shims', { shimMm: '2.1' }))[0]!.label).toBe('5 of them, the nearest');
  });

  test('a grit by micrometres answers as one by number', () => {
    const byNumber = readingsOf(asked('grit'));
    const byUm = readingsOf(asked('grit', { scale: 'um', grit: '11.5' }));
    expect(byUm.map(({ figure }) => figure.value)).toEqual(
      byNumber.map(({ figure }) => figure.value),
    );
    expect(errorOf(asked('grit', { scale: 'ANSI', grit: '3000' }))).toMatchObject({
      code: 'OUT_OF_RANGE',
      field: 'grit',
    });
  });
});

describe('where to clamp', () => {
  test('the best place is evener than the middle', () => {
    const [slide, best, now] = readingsOf(asked('clamp')).map(({ figure }) => figure.value);
    expect(Math.abs(slide!)).toBeLessThanOrEqual(60);
    expect(best!).toBeLessThan(now!);
  });

  test('three angles of the bevel make it match them instead', () => {
    const [slide] = readingsOf(asked('clamp', { heelDeg: '18', middleDeg: '18', tipDeg: '17' }));
    expect(slide!.label).toContain('to match its bevel');
  });

  test.each([
    [{ edgeLengthMm: '5' }, 'edgeLengthMm'],
    [{ slideMm: '0' }, 'slideMm'],
    [{ rodHeightMm: '' }, 'rodHeightMm'],
    [{ rodHeightMm: '-3' }, 'rodHeightMm'],
    [{ faceOffsetMm: '400' }, 'faceOffsetMm'],
  ])('refuses %j beside its field', (part, field) =>
    expect(errorOf(asked('clamp', part)).field).toBe(field),
  );

  test('the edge of a kind runs from heel to tip about its middle', () => {
    const edge = edgeOfKind('chef', 200);
    expect(edge[0]).toEqual([-100, 0]);
    expect(edge[24]![0]).toBe(100);
    expect(edge[24]![1]).toBeGreaterThan(15);
  });
});

describe('a chip', () => {
  const first = initialInputs(CHIP_FIELDS);
  test('is read with its limits', () => {
    expect(readChip(first)).toMatchObject({ ok: true, values: { fromMm: 60, depthMm: 0.8 } });
    for (const [field, value] of [
      ['depthMm', '0'],
      ['depthMm', 'x'],
      ['edgeLengthMm', '2000'],
      ['stoneUm', ''],
    ] as const) {
      expect(readChip({ ...first, [field]: value })).toMatchObject({ ok: false, error: { field } });
    }
  });

  test('beyond the tip is refused', () => {
    expect(readChip({ ...first, fromMm: '209' })).toMatchObject({
      ok: false,
      error: { field: 'fromMm' },
    });
  });
});
