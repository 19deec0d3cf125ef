/** What the strip along an edge shows, of one edge or of two. */
import type {
  BladeEdge,
  BladeMeasures,
  BladePoint,
  BladeSide,
  Damage,
  Station,
} from '@patient-edge/core';
import type { ZoneMark } from './strip-parts';

export interface EdgeStripProps {
  readonly measures: BladeMeasures;
  readonly damage?: readonly Damage[];
  /** What was there at the last visit: drawn faintly behind. */
  readonly before?: readonly Damage[];
  /** Chips that are left in on purpose. */
  readonly leftIn?: readonly string[];
  /** How far the edge comes up along z. */
  readonly depthAlong?: readonly BladePoint[];
  readonly marks?: readonly ZoneMark[];
  /** The lift at stations along the edge; every fourth is written down. */
  readonly lifts?: readonly Pick<Station, 'zMm' | 'liftMm'>[];
  /** Ground to two edges: drawn about the centre line, a lane for each edge. */
  readonly twoEdges?: boolean;
  readonly onPlace?: (side: BladeSide, atMm: number, edge: BladeEdge | null) => void;
  readonly label: string;
  readonly lanes?: boolean;
  /** A low drawing, where the lanes are what matters. */
  readonly low?: boolean;
}
