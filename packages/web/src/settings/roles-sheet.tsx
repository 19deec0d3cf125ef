/** Who may do what: the table that server and screens go by. */
import { ROLE_TABLE, ROLES } from '@patient-edge/core';
import { Check } from 'lucide-react';
import { useSession } from '../api/session';
import { MutedText, Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';

const RolesSection = () => {
  const { data: session } = useSession();
  const mine = session?.staff?.role;
  return (
    <Panel aria-label="Roles">
      <Stack>
        <PageHeading title="Roles" />
        <MutedText>
          You are signed in as {mine}. What somebody may not do is not offered to them.
        </MutedText>
        <table>
          <thead>
            <tr>
              <th scope="col">May</th>
              {ROLES.map((role) => (
                <th key={role} scope="col">
                  {role}
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
                    {may.includes(role) ? <Check size={18} aria-label="yes" /> : '–'}
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
