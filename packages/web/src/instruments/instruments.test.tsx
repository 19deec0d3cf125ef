import { BLADE_KINDS, bladeOutline, figure, usualMeasuresOf, ZONES } from '@patient-edge/core';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { BurrBoard } from '../bench/burr-board';
import { EdgeStrip } from './edge-strip';
import { GritStair } from './grit-stair';
import { LiftLadder } from './lift-ladder';
import { Silhouette } from './silhouette';
import { BandLifts } from './band-lifts';
import { StationLadder } from './station-ladder';
import { FigureList, FigureView } from './why';

const chef = usualMeasuresOf('chef', 210);

describe('a silhouette', () => {
  test.each(BLADE_KINDS.map(({ id, usual }): [string, number] => [id, usual.edgeLengthMm]))(
    'of a %s is drawn without a gap',
    (id, length) => {
      const { container } = render(
        <Silhouette measures={usualMeasuresOf(id, length)} scale={1} title={id} />,
      );
      expect(screen.getByRole('img', { name: id })).toBeTruthy();
      expect(container.innerHTML).not.toMatch(/NaN|undefined/);
    },
  );

  test('is as wide as the scale says', () => {
    const width = (scale: number): number => {
      const { container, unmount } = render(<Silhouette measures={chef} scale={scale} />);
      const drawn = Number(container.querySelector('svg')!.getAttribute('width'));
      unmount();
      return drawn;
    };
    expect(width(2) / width(1)).toBeCloseTo(2, 9);
  });
});

describe('the edge strip', () => {
  const chip = {
    id: 'a',
    kind: 'chip' as const,
    side: 'right' as const,
    fromMm: 60,
    lengthMm: 3,
    depthMm: 0.4,
  };

  test('shows a chip on the side it is on, with its depth', () => {
    render(<EdgeStrip measures={chef} damage={[chip]} label="along" />);
    expect(within(screen.getByRole('img', { name: 'along' })).getAllByText('0.4')).toHaveLength(1);
  });

  test('shows damage of both sides on both lanes', () => {
    render(<EdgeStrip measures={chef} damage={[{ ...chip, side: 'both' }]} label="along" />);
    expect(screen.getAllByText('0.4')).toHaveLength(2);
  });

  test('says what was found in each zone, not by colour alone', () => {
    render(
      <EdgeStrip
        measures={chef}
        marks={[{ side: 'left', zone: 'tip', text: '✕ back', tone: 'cut' }]}
        label="along"
      />,
    );
    expect(screen.getByText('✕ back')).toBeTruthy();
  });

  test('gives the place that was touched, from the heel', async () => {
    const placed: [string, number][] = [];
    const { container } = render(
      <EdgeStrip measures={chef} onPlace={(side, at) => placed.push([side, at])} label="along" />,
    );
    const lane = container.querySelector<SVGRectElement>('[data-lane=left]')!;
    lane.getBoundingClientRect = () => ({
      left: 100,
      width: 420,
      top: 0,
      height: 40,
      right: 520,
      bottom: 40,
      x: 100,
      y: 0,
      toJSON: () => '',
    });
    await userEvent.pointer({
      keys: '[MouseLeft]',
      target: lane,
      coords: { clientX: 310, clientY: 10 },
    });
    expect(placed).toEqual([['left', 105]]);
  });

  test('keeps the whole edge in sight however high the blade', () => {
    const { container } = render(
      <EdgeStrip low measures={usualMeasuresOf('cleaver', 200)} label="along" />,
    );
    const rise = Math.max(...bladeOutline(usualMeasuresOf('cleaver', 200)).edge.map(([, y]) => y));
    expect(rise).toBeGreaterThan(0);
    expect(container.innerHTML).not.toContain('NaN');
  });
});

describe('lifts by station', () => {
  test('stand at their places along the edge, and can be read by ear', () => {
    const { container } = render(
      <StationLadder
        lifts={[
          { sMm: 0, liftMm: 31.2 },
          { sMm: 90, liftMm: 28 },
          { sMm: 260, liftMm: 9.4 },
        ]}
      />,
    );
    expect(
      screen.getByRole('img', {
        name: 'Lift of the spine by station: 31.2 mm at 0 mm, 28.0 mm at 90 mm, 9.4 mm at 260 mm',
      }),
    ).toBeTruthy();
    const bars = [...container.querySelectorAll('rect')];
    const [first, middle, last] = bars.map((bar) => Number(bar.getAttribute('x')));
    expect((middle! - first!) / (last! - first!)).toBeCloseTo(90 / 260, 6);
    const heights = bars.map((bar) => Number(bar.getAttribute('height')));
    expect(heights[0]! / heights[2]!).toBeCloseTo(31.2 / 9.4, 6);
  });
});

describe('lifts band by band', () => {
  const zoneLifts = (...mm: (number | null)[]) =>
    ZONES.map((zone, index) => ({ zone, liftMm: mm[index] ?? null, why: null }));

  test('a row a band, each with its own; a dash where the blade lies on its face already', () => {
    render(
      <BandLifts
        bands={[
          { fromMm: 0, angleDeg: 3.57, lifts: zoneLifts(1.6, 1.5, 1.2, 0.4), stationLifts: [] },
          { fromMm: 5, angleDeg: 2.27, lifts: zoneLifts(0.6, 0.5, 0.3), stationLifts: [] },
        ]}
      />,
    );
    expect(screen.getByRole('row', { name: '3.6° from the remnant 1.6 1.5 1.2 0.4' })).toBeTruthy();
    expect(screen.getByRole('row', { name: '2.3° from 5.0 mm 0.6 0.5 0.3 –' })).toBeTruthy();
  });

  test('by station on a wide blade, each lift under its own place', () => {
    render(
      <BandLifts
        bands={[
          {
            fromMm: 0,
            angleDeg: 4,
            lifts: zoneLifts(),
            stationLifts: [
              { sMm: 0, liftMm: 3 },
              { sMm: 30.2, liftMm: 2 },
            ],
          },
          { fromMm: 5, angleDeg: 2, lifts: zoneLifts(), stationLifts: [{ sMm: 30.2, liftMm: 1 }] },
        ]}
      />,
    );
    expect(screen.getByRole('columnheader', { name: '30' })).toBeTruthy();
    expect(screen.getByRole('row', { name: '2.0° from 5.0 mm – 1.0' })).toBeTruthy();
  });
});

describe('a figure', () => {
  const lost = figure(0.63, 'mm', {
    rule: 'The deepest chip.',
    formula: 'a + b',
    inputs: [{ label: 'Apex rise', value: 0.03, unit: 'mm' }],
    source: 'Geometry',
  });

  test('can be asked why, and says rule, formula, inputs and source', async () => {
    render(
      <FigureList>
        <FigureView label="Height lost" figure={lost} />
      </FigureList>,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Why: Height lost' }));
    const card = await screen.findByRole('dialog');
    for (const words of [
      'Height lost: 0.63 mm',
      'The deepest chip.',
      'a + b',
      'Apex rise',
      '0.03 mm',
      'Geometry',
    ]) {
      expect(card.textContent).toContain(words);
    }
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
  });
});

describe('lifts and stones', () => {
  test('a zone too low to be lifted is worked by eye', () => {
    render(
      <LiftLadder
        lifts={[
          { zone: 'heel', liftMm: 12.34, why: { rule: 'r', inputs: [], source: 's' } },
          { zone: 'tip', liftMm: null, why: null },
        ]}
      />,
    );
    expect(screen.getByText('by eye')).toBeTruthy();
    expect(screen.getByText('12.3')).toBeTruthy();
  });

  test('a progression goes down the rack with its times', () => {
    const rack = [
      { id: '1', name: 'Brown', um: 17, strop: false },
      { id: '2', name: 'Leather', um: 1, strop: true },
    ];
    render(
      <GritStair
        rack={rack}
        treads={[{ id: '1', um: 17, name: 'Brown', seconds: 150 }]}
        finishUm={[8, 25]}
        label="stair"
      />,
    );
    expect(screen.getByText('Brown · 17 µm · 3 min')).toBeTruthy();
    expect(screen.getByText('finish 25–8 µm')).toBeTruthy();
  });
});

describe('the burr board', () => {
  test('names side, zone and finding, and tells which was pressed', async () => {
    const pressed: string[] = [];
    render(
      <BurrBoard
        burr={{ right: { heel: 'slight' }, left: {} }}
        sides={['right', 'left']}
        zones={['heel', 'middle', 'belly']}
        onPress={(side, zone) => pressed.push(`${side} ${zone}`)}
        onAlong={(side, finding) => pressed.push(`${side} all ${finding}`)}
      />,
    );
    expect(screen.getByRole('button', { name: 'Burr, right heel: slight' })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Burr, left belly: not checked' }));
    // What passed its test is not asked again.
    await userEvent.click(screen.getByRole('button', { name: 'Burr, left tip: passed' }));
    await userEvent.click(screen.getByRole('button', { name: 'All slight, right' }));
    expect(pressed).toEqual(['left belly', 'right all slight']);
  });
});
