import { DEFAULT_CHOICES } from '@patient-edge/core';
import { readPlanFile } from './read-plan-file';

/** jsdom's File has no text(). */
const fileOf = (content: string, name = 'plan.json'): File =>
  Object.assign(new File([content], name), { text: () => Promise.resolve(content) });
const plan = (part: object = {}) => ({
  format: 'patient-edge/plan',
  version: 1,
  blade: { kindId: 'chef' },
  choices: { ...DEFAULT_CHOICES, angleDeg: 17 },
  ...part,
});

describe('a plan file', () => {
  test('gives the choices it was made with and the kind of blade', async () => {
    const { choices, blade } = await readPlanFile(fileOf(JSON.stringify(plan())));
    expect(choices.angleDeg).toBe(17);
    expect(blade.kindId).toBe('chef');
  });

  test('that is no JSON is named and refused', async () => {
    await expect(readPlanFile(fileOf('{"format":', 'broken.json'))).rejects.toThrow(
      'broken.json is not a plan file',
    );
  });

  test('with a field out of its limits names file, field and value', async () => {
    const steep = plan({ choices: { ...DEFAULT_CHOICES, angleDeg: 95 } });
    await expect(readPlanFile(fileOf(JSON.stringify(steep)))).rejects.toThrow(
      /^plan\.json: .*40.*95/,
    );
  });

  test('of another format is refused', async () => {
    await expect(readPlanFile(fileOf(JSON.stringify(plan({ format: 'recipe' }))))).rejects.toThrow(
      /^plan\.json: .*"recipe"/,
    );
  });

  test('larger than a plan can be is refused by its size, before it is read', async () => {
    const large = fileOf('x'.repeat(450_000), 'film.json');
    const text = jest.spyOn(large, 'text');
    await expect(readPlanFile(large)).rejects.toThrow(
      /^film\.json: at most \d+ kB; it has 450 kB$/,
    );
    expect(text).not.toHaveBeenCalled();
  });
});
