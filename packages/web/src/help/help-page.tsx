/** Help: an area a page, in five sentences and a picture. */
import { NavLink, useParams } from 'react-router';
import styled from 'styled-components';
import { Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { HELP_AREAS } from './areas';
import { STRINGS } from './strings';

const Layout = styled.div`
  display: grid;
  grid-template-columns: 230px minmax(0, 1fr);
  gap: 26px;
  align-items: start;
  & nav {
    display: grid;
  }
  & nav a {
    padding: 9px 12px;
    min-height: 44px;
    color: var(--ink);
    text-decoration: none;
    border-left: 4px solid var(--line);
  }
  & nav a[aria-current] {
    border-left-color: var(--accent);
    background: var(--accent-soft);
    font-weight: 650;
  }
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
    & nav {
      grid-template-columns: 1fr 1fr;
    }
  }
`;
const Sentences = styled.ol`
  display: grid;
  gap: 10px;
  font-size: 18px;
  max-width: 68ch;
  list-style: decimal;
  padding-left: 26px;
`;
const Picture = styled.img`
  width: 100%;
  max-width: 760px;
  height: auto;
  border: 1px solid var(--line);
`;

const HelpPage = () => {
  const { areaId } = useParams();
  const area = HELP_AREAS.find(({ id }) => id === areaId) ?? HELP_AREAS[0]!;
  return (
    <Layout>
      <nav aria-label={STRINGS.helpAlone}>
        {HELP_AREAS.map(({ id, title }) => (
          <NavLink key={id} to={`/help/${id}`} aria-current={id === area.id ? 'page' : undefined}>
            {title}
          </NavLink>
        ))}
      </nav>
      <Panel aria-label={area.title}>
        <Stack>
          <PageHeading title={STRINGS.help(area.title)}>{area.title}</PageHeading>
          <Sentences>
            {area.sentences.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </Sentences>
          <Picture
            src={`/help/${area.picture}.webp`}
            alt={STRINGS.asItLooksInTheDemo(area.title)}
            width={960}
            height={600}
            loading="lazy"
          />
        </Stack>
      </Panel>
    </Layout>
  );
};

export default HelpPage;
