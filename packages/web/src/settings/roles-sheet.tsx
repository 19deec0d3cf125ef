/** Who may do what: the table that server and screens go by. */
import { ROLE_TABLE, ROLES, named } from '@patient-edge/core';
import { Check } from 'lucide-react';
import { useSession } from '../api/session';
import { MutedText, Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const RolesSection = () => {
  const { data: session } = useSession();
  const mine = session?.staff?.role;
  return (
    <Panel aria-label={STRINGS.roles}>
      <Stack>
        <PageHeading title={STRINGS.roles} />
        <MutedText>{mine && STRINGS.signedInAs(named(mine))}</MutedText>
        <table>
          <thead>
            <tr>
              <th scope="col">{STRINGS.may}</th>
              {ROLES.map((role) => (
                <th key={role} scope="col">
                  {named(role)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {ROLE_TABLE.map(({ action, label, may }) => (
              <tr key={action}>
                <th scope="row">{label}</th>
                {ROLES.map((role) => (
                  <td key={role}>
                    {may.includes(role) ? <Check size={18} aria-label={STRINGS.yes} /> : '–'}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Stack>
    </Panel>
  );
};

export default RolesSection;
