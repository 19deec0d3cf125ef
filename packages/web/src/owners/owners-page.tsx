/** Those who bring blades. */
import { useState } from 'react';
import { Link } from 'react-router';
import { useCustomers } from '../api/hooks';
import { Sheet, Stack, TextEntry } from '../theme/parts';
import { Waiting } from '../theme/waiting';

const OwnersPage = () => {
  const { data: customers, error } = useCustomers();
  const [sought, setSought] = useState('');
  if (!customers) {
    return <Waiting error={error} words="Fetching the owners…" />;
  }
  const wanted = sought.trim().toLowerCase();
  const shown = customers.filter(({ name, trade }) =>
    `${name} ${trade}`.toLowerCase().includes(wanted),
  );
  return (
    <Stack $gap={16}>
      <h1>Owners</h1>
      <div style={{ maxWidth: 380 }}>
        <TextEntry label="Find by name or trade" value={sought} onChange={setSought} />
      </div>
      <Sheet>
        <table>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">Trade</th>
              <th scope="col">Note</th>
            </tr>
          </thead>
          <tbody>
            {shown.map(({ id, name, trade, note }) => (
              <tr key={id}>
                <td>
                  <Link to={`/owners/${id}`}>{name}</Link>
                </td>
                <td>{trade}</td>
                <td>{note}</td>
              </tr>
            ))}
          </tbody>
        </table>
        {shown.length === 0 && (
          <p>Nobody of that name. New owners are written down when they bring a blade.</p>
        )}
      </Sheet>
    </Stack>
  );
};

export default OwnersPage;
