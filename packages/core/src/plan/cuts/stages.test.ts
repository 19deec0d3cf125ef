import { KITCHEN_SECTION, valueOf } from '../../../test/blades';
import { apexOf, flatGrind, mm } from '../../index';
import { jointLine } from '../../section/cuts';
import { JOINT } from '../../section/face';
import { reachAtMm } from '../../section/section';
import { closes, faceCut, lowestRun, sumAlong, workStages, type CutStage } from './stages';

const blade = valueOf(flatGrind(KITCHEN_SECTION));
const edge = (yMm: number, angleDeg: number): CutStage => ({
  id: 'edge',
  cuts: (['right', 'left'] as const).map((side) => faceCut(side, angleDeg, 0, yMm, 'new bevel')),
});
const joint = (yMm: number): CutStage => ({
  id: 'outline',
  cuts: [{ line: jointLine(mm(yMm)), face: JOINT, angleDeg: null }],
});

describe('stages of cuts', () => {
  test('each takes what the one before has left, and the apex goes where the joint put it', () => {
    const [jointed, bevelled] = workStages(blade.section, [joint(0.2), edge(0.2, 15)]);
    expect(jointed!.areaMm2).toBeCloseTo(0.2 * 0.2 * Math.tan((15 * Math.PI) / 180), 12);
    const apex = apexOf(bevelled!.section);
    expect(apex.yMm).toBeCloseTo(0.2, 12);
    expect(apex.xMm).toBeCloseTo(0, 12);
    expect(closes(blade.section, [jointed!, bevelled!])).toBe(true);
  });

  test('a bevel so low that it meets the spine does not close', () => {
    expect(closes(blade.section, workStages(blade.section, [edge(0.2, 0.4)]))).toBe(false);
  });

  test('the lowest run of a face is told from one of the same name further up', () => {
    const bevels = blade.section.vertices.map((vertex) => ({
      ...vertex,
      face: vertex.face.role === 'spine' ? { side: null, role: 'bevel' as const } : vertex.face,
    }));
    const run = lowestRun({ vertices: bevels }, { roles: ['bevel'] })!;
    expect(run.topYMm).toBeCloseTo(blade.bevelHeightMm, 12);
    expect(lowestRun(blade.section, { roles: ['band'] })).toBeNull();
  });

  test('reach is measured from the datum plane, not across', () => {
    expect(reachAtMm(blade.section, 48)).toBeCloseTo(1.1, 12);
    expect(reachAtMm(blade.section, 50)).toBeNull();
  });

  test('along the edge areas become volumes; a station that does not close counts nothing', () => {
    const stages = workStages(blade.section, [joint(0.2), edge(0.2, 15)]);
    const all = sumAlong([0, 10, 20].map((sMm) => ({ sMm, stages })));
    expect(all.edge.mm3).toBeCloseTo(20 * stages[1]!.areaMm2, 12);
    expect(all.thinning).toEqual({ mm3: 0, faceMm2: 0 });
    const part = sumAlong([0, 10, 20].map((sMm) => ({ sMm, stages: sMm === 20 ? null : stages })));
    expect(part.edge.mm3).toBeCloseTo(0.75 * all.edge.mm3, 12);
  });
});
