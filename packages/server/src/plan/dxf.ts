/** The outline with its lifts as DXF, in millimetres: blade, lifts and figures on layers of their own. */
import { DxfWriter, point2d, point3d, Units, Colors } from '@tarikjabiri/dxf';
import type { OutlineDrawing } from '@patient-edge/core';

const LETTER_MM = 3;

export const outlineDxf = ({ blade, marks }: OutlineDrawing): string => {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const [layer, colour] of [
    ['BLADE', Colors.White],
    ['LIFTS', Colors.Red],
  ] as const) {
    dxf.addLayer(layer, colour, 'Continuous');
  }
  dxf.addLWPolyline(
    blade.map(([z, y]) => ({ point: point2d(z, y) })),
    { layerName: 'BLADE', flags: 1 },
  );
  for (const { at, to, liftMm } of marks) {
    dxf.addLine(point3d(at[0], at[1]), point3d(to[0], to[1]), { layerName: 'LIFTS' });
    dxf.addText(point3d(at[0] - 3, at[1] - 5), LETTER_MM, liftMm.toFixed(1), {
      layerName: 'LIFTS',
    });
  }
  return dxf.stringify();
};
