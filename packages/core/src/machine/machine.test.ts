import fc from 'fast-check';
import { calibrate, effectiveDeg, NO_SIZES, settingOn, textOf, type Machine } from '../index';
import { settingFor, UNCALIBRATED } from './calibration';

const rig: Machine = {
  name: 'Rod rig',
  kind: 'clamp rig',
  sizes: { ...NO_SIZES, pivotReachMm: 150, rodToFaceMm: 0, stoneForRodMm: 20 },
  cuts: [],
};

describe('a machine calibrated by test cuts', () => {
  test('that lie on a line is found again, whatever the line', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.uniqueArray(fc.integer({ min: 8, max: 40 }), { minLength: 3, maxLength: 8 }),
        (slope, offset, settings) => {
          const cuts = settings.map((setDeg) => ({ setDeg, measuredDeg: offset + slope * setDeg }));
          const fit = calibrate(cuts);
          expect(fit.slope).toBeCloseTo(slope, 8);
          expect(fit.offsetDeg).toBeCloseTo(offset, 6);
          expect(fit.sdDeg).toBeCloseTo(0, 6);
          expect(effectiveDeg(fit, settingFor(fit, 17))).toBeCloseTo(17, 9);
        },
      ),
    );
  });

  test('without a cut is taken at its word', () => {
    expect(calibrate([])).toEqual(UNCALIBRATED);
    expect(settingFor(UNCALIBRATED, 15)).toBe(15);
    expect(textOf(settingOn(rig, 15, 0.7).text)).toContain('not calibrated');
  });

  test('by one cut, or several at one setting, gets an offset and no slope', () => {
    expect(calibrate([{ setDeg: 15, measuredDeg: 16.2 }])).toEqual({
      cuts: 1,
      offsetDeg: expect.closeTo(1.2, 12) as number,
      slope: 1,
      sdDeg: null,
    });
    const twice = calibrate([
      { setDeg: 15, measuredDeg: 16 },
      { setDeg: 15, measuredDeg: 16.4 },
    ]);
    expect(twice.slope).toBe(1);
    expect(twice.sdDeg).toBeCloseTo(Math.hypot(0.2, 0.2), 9);
  });

  test('with a line no machine can have falls back on the offset', () => {
    const mixedUp = calibrate([
      { setDeg: 10, measuredDeg: 20 },
      { setDeg: 20, measuredDeg: 10 },
    ]);
    expect(mixedUp).toMatchObject({ slope: 1, offsetDeg: 0 });
  });
});

describe('a setting in the machine’s own terms', () => {
  test('turns the fit round: set lower where the bevel comes out steeper', () => {
    const cuts = [
      { setDeg: 14, measuredDeg: 15.5 },
      { setDeg: 20, measuredDeg: 21.5 },
    ];
    const { setDeg, text, why } = settingOn({ ...rig, cuts }, 16, 0.7);
    expect(setDeg).toBeCloseTo(14.5, 9);
    expect(textOf(text)).toContain('Set Rod rig to 14.5° for 16.0° per side (2 test cuts');
    // Set for what the cuts say: tan 14.5° over 150 mm, the rod lying on the stone's face.
    expect(textOf(text)).toContain(
      `${(150 * Math.tan((14.5 * Math.PI) / 180)).toFixed(1)} mm above the plane`,
    );
    expect(why.inputs.map(({ value }) => value)).toContain(2);
  });

  test('a belt says how much steeper its sag makes the apex, a wheel how deep its hollow is', () => {
    const belt: Machine = { ...rig, kind: 'belt', sizes: { ...rig.sizes, sagRadiusMm: 100 } };
    expect(textOf(settingOn(belt, 18, 2).text)).toContain(
      '18.6° at the apex, 17.4° at the shoulder',
    );
    const wheel: Machine = { ...rig, kind: 'wheel', sizes: { ...rig.sizes, wheelDiameterMm: 250 } };
    expect(textOf(settingOn(wheel, 18, 2).text)).toMatch(/17\.5° at the apex, 4 µm deep/);
    expect(textOf(settingOn(wheel, 0.1, 2).text)).toContain('leaves no apex');
  });
});

describe('what has no dial', () => {
  const of = (kind: Machine['kind'], sizes: Partial<Machine['sizes']>): Machine => ({
    ...rig,
    kind,
    sizes: { ...NO_SIZES, ...sizes },
  });
  test('a rail is set by its distance from the edge: 7 mm off the centre plane at 15°', () => {
    const { text, dialDeg } = settingOn(of('guide rail', { railOffsetMm: 7 }), 15, 0.7);
    expect(textOf(text)).toContain(`${(7 / Math.tan(Math.PI / 12)).toFixed(1)} mm above the edge`);
    expect(dialDeg).toBeUndefined();
  });
  test('a leaning rod takes its lean off the blade, and no eye sees a tenth of a degree', () => {
    const at = (deg: number) =>
      textOf(settingOn(of('honing rod', { rodLeanDeg: 20, rodLengthMm: 230 }), deg, 0.7).text);
    expect(at(17)).toBe('Lean the spine 3.0° towards the rod.');
    expect(at(20.01)).toBe('Blade upright, the rod sets the angle.');
  });
  test('only a clamp rig has a pivot: 150 mm at 45°, the rod on the face of the stone', () => {
    expect(settingOn(rig, 45, 0.7).pivotMm).toBeCloseTo(150, 6);
    expect(settingOn(of('table', {}), 45, 0.7).pivotMm).toBeUndefined();
  });
});
