/** The demo's own people; shown on the sign-in page in demo mode only. */
import type { Role } from '@patient-edge/contract';

export const DEMO_SIGN_INS: readonly {
  readonly name: string;
  readonly login: string;
  readonly password: string;
  readonly role: Role;
}[] = [
  { name: 'Ansa Quill', login: 'ansa', password: 'reed-and-river', role: 'owner' },
  { name: 'Teodor Lock', login: 'teodor', password: 'stone-and-water', role: 'bench' },
  { name: 'Wilma Sedge', login: 'wilma', password: 'tag-and-twine', role: 'counter' },
];
