import type { PlanSpread } from '@patient-edge/core';
import { render, screen, within } from '@testing-library/react';
import { SpreadWords } from './weighed-measures';

const spread = (part: Partial<PlanSpread> = {}): PlanSpread => ({
  steelMm3: [0.31, 5.38],
  heightMm: [0.03, 0.03],
  behindEdgeMm: [0.395, 0.445],
  workingS: [254, 563],
  steelWithoutFirstMm3: [0.48, 4.4],
  doubts: [
    { matter: 'bevelFaceMm', sigma: 0.06, share: 0.613 },
    { matter: 'heightHeelMm', sigma: 0.9, share: 0.2 },
    { matter: 'sharpness', sigma: 0.5, share: 0.14 },
    { matter: 'presentAnglePerSideDeg', sigma: 0.5, share: 0.05 },
  ],
  turns: [],
  ...part,
});
const said = (part?: Partial<PlanSpread>): string => {
  const { container } = render(
    <SpreadWords spread={spread(part)} shoulderLabel="Behind the edge" />,
  );
  return container.textContent ?? '';
};

describe('how sure a plan is', () => {
  test('is told as ranges, one figure where both ends read alike', () => {
    const words = said();
    expect(words).toContain('Steel0.3 to 5.4 mm³');
    expect(words).toContain('Height0.03 mm');
    expect(words).toContain('Behind the edge0.40 to 0.45 mm');
    expect(words).toContain('Time4 min to 9 min');
  });

  test('names what most of it comes from, with what each may be off', () => {
    said();
    const list = within(screen.getByRole('list', { name: /Where the doubt/ }));
    expect(list.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
      'the width of the bevel face ± 0.06 mm61 %',
      'the height at the heel ± 0.9 mm20 %',
      'the dullness judged by feel14 %',
      'the present angle ± 0.5°5 %',
    ]);
    expect(screen.getByText(/If the width of the bevel face were certain/).textContent).toContain(
      'the steel would be 0.5 to 4.4 mm³',
    );
  });

  test('without a doubt worth a word names none', () => {
    expect(said({ doubts: [] })).not.toContain('certain');
    expect(screen.queryByRole('list')).toBeNull();
  });

  test('says which measure the decision hangs on, and what it would be', () => {
    const words = said({
      turns: [
        {
          matter: 'thicknessBehindEdgeMm',
          sigma: 0.02,
          off: 'more',
          becomes: 'a little each visit',
        },
        { matter: 'presentAnglePerSideDeg', sigma: 1.5, off: 'less', becomes: 'to the remnant' },
        { matter: 'sharpness', sigma: 0.5, off: 'more', becomes: 'not thinned' },
      ],
    });
    expect(words).toContain(
      'If the thickness behind the edge were 0.02 mm more, it would be thinned a little each visit.',
    );
    expect(words).toContain(
      'If the present angle were 1.5° less, it would be thinned to the remnant',
    );
    expect(words).toContain('If it were a class duller, it would not be thinned.');
  });
});
