/** The kinds of blade as outlines to one scale: the blade in the hand is laid beside them, and chosen by touch. */
import { BLADE_KINDS, usualMeasuresOf } from '@patient-edge/core';
import { memo, useEffect, useRef } from 'react';
import { Label } from 'react-aria-components/Label';
import { Radio, RadioGroup } from 'react-aria-components/RadioGroup';
import styled from 'styled-components';
import { Silhouette } from '../instruments/silhouette';
import { STRINGS } from './strings';

/** Pixels for a millimetre: the longest kind still leaves room for its neighbours. */
const SCALE = 0.3;

const KINDS = BLADE_KINDS.map(({ id, label, usual }) => ({
  id,
  label,
  measures: usualMeasuresOf(id, usual.edgeLengthMm),
}));

const Strip = styled(RadioGroup)`
  display: grid;
  min-width: 0;
  & > div {
    display: flex;
    gap: 2px;
    overflow-x: auto;
    padding: 2px 2px 8px;
    scrollbar-width: thin;
    scroll-padding-inline: 80px;
  }
`;
const Kind = styled(Radio)`
  flex: none;
  display: grid;
  align-content: end;
  justify-items: center;
  gap: 3px;
  min-width: 84px;
  max-width: 150px;
  min-height: 76px;
  padding: 6px 8px 4px;
  font-size: 13px;
  line-height: 1.15;
  text-align: center;
  border-bottom: 4px solid transparent;
  cursor: pointer;
  & svg {
    max-width: none;
  }
  &[data-hovered] {
    background: var(--accent-soft);
  }
  &[data-selected] {
    border-bottom-color: var(--accent);
    background: var(--accent-soft);
    font-weight: 650;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--accent);
    outline-offset: -3px;
  }
`;

interface KindStripProps {
  readonly value: string;
  readonly onChange: (kindId: string) => void;
}

export const KindStrip = ({ value, onChange }: KindStripProps) => {
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const chosen = row.current?.querySelector<HTMLElement>('[data-selected]');
    // Typed in the field beside: the outline comes into sight, the page stays where it is.
    if (row.current && chosen)
      row.current.scrollLeft =
        chosen.offsetLeft - (row.current.clientWidth - chosen.clientWidth) / 2;
  }, [value]);
  return (
    <Strip value={value} onChange={onChange} orientation="horizontal">
      <Label className="unseen">{STRINGS.kindByOutline}</Label>
      <div ref={row} style={{ position: 'relative' }}>
        <Kinds />
      </div>
    </Strip>
  );
};

/** Drawn once: choosing one changes none of them. */
const Kinds = memo(function Kinds() {
  return KINDS.map(({ id, label, measures }) => (
    <Kind key={id} value={id}>
      <Silhouette measures={measures} scale={SCALE} />
      {label}
    </Kind>
  ));
});
