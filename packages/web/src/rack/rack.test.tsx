import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { stoneSchema, validate } from '@patient-edge/contract';
import { ABRASIVE_KIND_IDS } from '@patient-edge/core';
import { stoneBody, stoneOnRack } from '../../../contract/test/stones';
import { RackShelf } from '../instruments/rack-shelf';
import { StoneSide } from '../instruments/stone-side';
import { RackList } from './rack-list';
import { bodyFrom, printedUm, startOf, valuesOf } from './stone-values';

describe('the form of a stone', () => {
  test('sends back what it was filled with', () => {
    const stone = stoneBody({
      gritScale: 'JIS',
      gritNumber: 1000,
      um: 11.5,
      thicknessNewMm: 25,
      thicknessMm: 22.4,
      otherSideId: 7,
      priceMinor: 4905,
      needsDressing: true,
    });
    expect(bodyFrom(valuesOf(stone))).toEqual(stone);
  });

  test('tells empty from zero: what may be left open is null, what must be there is missing', () => {
    const values = valuesOf(stoneBody());
    const body = bodyFrom({ ...values, thicknessMm: ' ', um: '', soakMinutes: '0', price: '' });
    expect(body).toMatchObject({
      thicknessMm: null,
      um: undefined,
      soakMinutes: 0,
      priceMinor: null,
    });
  });

  test('passes on what is no number, so that it is refused beside its field', () => {
    const body = bodyFrom({ ...valuesOf(stoneBody()), um: 'coarse', price: 'dear' });
    const checked = validate(stoneSchema, body);
    expect(!checked.ok && checked.fields.map(({ field }) => field)).toEqual(['um', 'priceMinor']);
  });

  test('a new stone of any kind is right but for its name and grain', () => {
    for (const kind of ABRASIVE_KIND_IDS) {
      const values = { ...valuesOf(null), ...startOf(kind), kind, name: 'New', um: '9' };
      expect(validate(stoneSchema, bodyFrom(values))).toMatchObject({ ok: true });
    }
  });

  test('a printed grit gives its grain, and nothing outside its scale', () => {
    expect(printedUm('JIS', '1000')).toBe(11.5);
    expect(printedUm('JIS', '9')).toBeNull();
    expect(printedUm('', '1000')).toBeNull();
  });
});

const minute = 60;
const rack = [
  stoneOnRack({ id: 1, name: 'Grey', um: 40, secondsSinceFlat: 31 * minute, minutesFlat: 30 }),
  stoneOnRack({ id: 2, name: 'Red', um: 11.5, secondsSinceFlat: 5 * minute, place: 'Basin' }),
  stoneOnRack({
    id: 3,
    name: 'Thin',
    um: 3,
    thicknessNewMm: 20,
    thicknessMm: 5,
    minThicknessMm: 8,
  }),
  stoneOnRack({ id: 4, name: 'Plate', um: 45, kind: 'diamond plate', minutesFlat: null }),
];

describe('the rack in rows', () => {
  const rows = (): string[] =>
    screen
      .getAllByRole('row')
      .slice(1)
      .map((row) => within(row).getByRole('link').textContent);
  const show = () =>
    render(
      <MemoryRouter>
        <RackList stones={rack} nowMs={0} />
      </MemoryRouter>,
    );

  test('stands by grain, says what each wants, and is sorted by a press', async () => {
    show();
    expect(rows()).toEqual(['Plate', 'Grey', 'Red', 'Thin']);
    expect(screen.getByText('flatten: 1 min over')).toBeTruthy();
    expect(screen.getByText('flat for 25 min more')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Care' }));
    expect(rows().slice(0, 2)).toEqual(['Thin', 'Grey']);
    await userEvent.click(screen.getByRole('button', { name: 'Name' }));
    expect(rows()).toEqual(['Grey', 'Plate', 'Red', 'Thin']);
  });

  test('is found by typing a place, and cut down to what wants care', async () => {
    show();
    await userEvent.type(screen.getByLabelText('Find by name, grit, abrasive or place'), 'basin');
    expect(rows()).toEqual(['Red']);
    await userEvent.clear(screen.getByLabelText('Find by name, grit, abrasive or place'));
    await userEvent.click(screen.getByText('Only what needs care'));
    expect(rows()).toEqual(['Grey', 'Thin']);
  });
});

describe('the rack drawn', () => {
  test('names every stone and says in words what the colour says', () => {
    render(<RackShelf stones={rack} label="the rack" />);
    const drawing = screen.getByRole('img', { name: 'the rack' });
    for (const { name } of rack) expect(within(drawing).getByText(name)).toBeTruthy();
    expect(within(drawing).getByText('flatten')).toBeTruthy();
    expect(within(drawing).getByText('too thin')).toBeTruthy();
  });

  test('a finer stone stands further to the right', () => {
    const { container } = render(<RackShelf stones={rack} label="the rack" />);
    const at = (name: string): number =>
      Number(
        [...container.querySelectorAll('text')]
          .find((text) => text.textContent === name)!
          .getAttribute('x'),
      );
    expect(at('Plate')).toBeLessThan(at('Grey'));
    expect(at('Grey')).toBeLessThan(at('Red'));
    expect(at('Red')).toBeLessThan(at('Thin'));
  });

  test('hundreds are marks without names', () => {
    const many = Array.from({ length: 300 }, (_, index) =>
      stoneOnRack({ id: index, name: `S${index}`, um: 1 + index / 3 }),
    );
    const { container } = render(<RackShelf stones={many} label="many" />);
    expect(container.querySelectorAll('rect')).toHaveLength(300);
    expect(screen.queryByText('S10')).toBeNull();
  });

  test('one stone from the side is to scale: what is left against what was', () => {
    const stone = stoneOnRack({
      lengthMm: 200,
      thicknessNewMm: 40,
      thicknessMm: 30,
      minThicknessMm: 10,
    });
    const { container } = render(<StoneSide stone={stone} />);
    const gone = Number(container.querySelector('rect')!.getAttribute('height'));
    const path = container.querySelector('path')!.getAttribute('d')!;
    const [, floor, top] = /^M[\d.]+ ([\d.]+)V([\d.]+)/.exec(path)!;
    expect((Number(floor) - Number(top)) / gone).toBeCloseTo(3, 6);
  });
});
