/** Settings: one list of sections, and the one that is open beside it. */
import { mayDo } from '@patient-edge/core';
import { Suspense } from 'react';
import { NavLink, Outlet, useLocation } from 'react-router';
import styled from 'styled-components';
import { useSession } from '../api/session';
import { MutedText, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { PageHeading } from '../theme/page-heading';
import { OnlyFor } from '../theme/only-for';
import { SECTION_GROUPS, SECTIONS } from './sections';
import { STRINGS } from './strings';

const Layout = styled.div<{ $isOpen: boolean }>`
  display: grid;
  grid-template-columns: 250px minmax(0, 1fr);
  gap: 26px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    /* One at a time: the list, or what was chosen from it. */
    & > nav {
      display: ${({ $isOpen }) => ($isOpen ? 'none' : 'grid')};
    }
  }
`;
const List = styled.nav`
  display: grid;
  gap: 14px;
  position: sticky;
  top: 12px;
  & h2 {
    font-size: 15px;
    color: var(--ink-soft);
    padding-left: 12px;
  }
  & a {
    display: block;
    color: var(--ink);
    text-decoration: none;
    padding: 9px 12px;
    min-height: 44px;
    border-left: 4px solid var(--line);
  }
  & a[aria-current] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
    font-weight: 650;
  }
  & small {
    display: none;
    color: var(--ink-soft);
    font-size: 14px;
    font-weight: 400;
  }
  &[data-overview] small {
    display: block;
  }
  &[data-overview] {
    grid-column: 1 / -1;
    position: static;
    grid-template-columns: repeat(auto-fit, minmax(270px, 1fr));
    gap: 26px;
  }
`;
const Back = styled.div`
  display: none;
  @media (max-width: 900px) {
    display: block;
  }
`;

const SettingsPage = () => {
  const { data: session } = useSession();
  const { pathname } = useLocation();
  const role = session?.staff?.role;
  if (role === undefined) return null;
  const here = SECTIONS.find(({ path }) => pathname.startsWith(`/settings/${path}`));
  const isOverview = /^\/settings\/?$/.test(pathname);
  return (
    <Stack $gap={16}>
      {isOverview ? (
        <PageHeading title={STRINGS.settings} />
      ) : (
        <Back>
          <QuietLink to="/settings">{STRINGS.allSettings}</QuietLink>
        </Back>
      )}
      <Layout $isOpen={!isOverview}>
        <List aria-label={STRINGS.settings} {...(isOverview ? { 'data-overview': '' } : {})}>
          {SECTION_GROUPS.map(({ title, sections }) => (
            <div key={title}>
              <h2>{title}</h2>
              {sections
                .filter(({ action }) => action === undefined || mayDo(role, action))
                .map(({ path, title: name, says }) => (
                  <NavLink key={path} to={`/settings/${path}`}>
                    {name}
                    <small>{says}</small>
                  </NavLink>
                ))}
            </div>
          ))}
        </List>
        {!isOverview && (
          <div>
            <Suspense fallback={<p role="status">{STRINGS.opening}</p>}>
              {here?.action ? (
                <OnlyFor action={here.action} title={here.title}>
                  <Outlet />
                </OnlyFor>
              ) : (
                <Outlet />
              )}
            </Suspense>
          </div>
        )}
      </Layout>
      {isOverview && (
        <MutedText>
          {STRINGS.patientEdgeIsFreeSoftwareUnder} <a href="/licences.txt">{STRINGS.licences}</a>{' '}
          {STRINGS.ofWhatShipsWithIt}
        </MutedText>
      )}
    </Stack>
  );
};

export default SettingsPage;
