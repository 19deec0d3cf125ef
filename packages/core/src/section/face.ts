/** Faces of a section: the side they lie on and what they are, so that a width can be asked for. */
export type Side = 'right' | 'left';

export const FACE_ROLES = [
  'bevel',
  'new bevel',
  'micro bevel',
  'rounded',
  'band',
  'thinned',
  'primary',
  'parallel',
  'upper',
  'flat',
  'back',
  'rim',
  'upper rim',
  'flattened rim',
  'hollow',
  'scallop',
  'joint',
  'spine',
] as const;
export type FaceRole = (typeof FACE_ROLES)[number];

export interface Face {
  /** Null for the spine and for a joint, which lie across the blade. */
  readonly side: Side | null;
  readonly role: FaceRole;
  /** Of several of one role on a side, from the edge up: the bands of a thinning. */
  readonly order?: number;
}

/** Faces asked for: of one side or of both, by any of the roles named. */
export interface FaceQuery {
  readonly side?: Side;
  readonly roles: readonly FaceRole[];
}

/** Every bevel at the edge: as it came, as it was ground, and a micro bevel on it. */
export const BEVEL_ROLES: readonly FaceRole[] = ['bevel', 'new bevel', 'micro bevel'];

export const isFace = (face: Face, { side, roles }: FaceQuery): boolean =>
  (side === undefined || face.side === side) && roles.includes(face.role);

export const sameFace = (a: Face, b: Face): boolean =>
  a.side === b.side && a.role === b.role && a.order === b.order;

export const JOINT: Face = { side: null, role: 'joint' };
export const SPINE: Face = { side: null, role: 'spine' };
