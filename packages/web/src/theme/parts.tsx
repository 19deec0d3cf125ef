/** Styled parts on React Aria: every control of the application is one of these. */
import type { ReactNode } from 'react';
import {
  Button,
  Checkbox,
  FieldError,
  Input,
  Label,
  ListBox,
  ListBoxItem,
  Popover,
  Radio,
  RadioGroup,
  Select,
  SelectValue,
  SliderThumb,
  SliderTrack,
  Text,
  TextArea,
  TextField,
  type ButtonProps,
} from 'react-aria-components';
import { Check, ChevronDown } from 'lucide-react';
import { Link } from 'react-router';
import styled, { css } from 'styled-components';

const buttonLook = css`
  font: 600 16px/1.2 var(--text);
  min-height: 44px;
  padding: 9px 18px;
  border-radius: 4px;
  border: 2px solid var(--accent);
  cursor: pointer;
  display: inline-flex;
  gap: 9px;
  align-items: center;
  justify-content: center;
  text-decoration: none;
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
`;

const strong = css`
  background: var(--accent);
  color: var(--accent-ink);
  &[data-pressed] {
    filter: brightness(0.85);
  }
`;
const quiet = css`
  background: transparent;
  color: var(--accent);
  &[data-hovered] {
    background: var(--accent-soft);
  }
`;

const StrongButton = styled(Button)`
  ${buttonLook}
  ${strong}
`;
const PlainButton = styled(Button)`
  ${buttonLook}
  ${quiet}
  border-color: var(--line);
`;

/** The next thing to do. */
export const ActionButton = (props: ButtonProps) => <StrongButton {...props} />;
/** Everything else. */
export const QuietButton = (props: ButtonProps) => <PlainButton {...props} />;

export const ActionLink = styled(Link)`
  ${buttonLook}
  ${strong}
`;
export const QuietLink = styled(Link)`
  ${buttonLook}
  ${quiet}
  border-color: var(--line);
  &:hover {
    background: var(--accent-soft);
  }
`;

/** A drawing sheet: what belongs together, in a thin frame. */
export const Sheet = styled.section`
  background: var(--sheet);
  border: 1px solid var(--line);
  padding: 16px 18px;
  min-width: 0;
`;

export const Row = styled.div<{ $gap?: number; $align?: string }>`
  display: flex;
  flex-wrap: wrap;
  gap: ${({ $gap }) => $gap ?? 12}px;
  align-items: ${({ $align }) => $align ?? 'center'};
`;
export const Stack = styled.div<{ $gap?: number }>`
  display: grid;
  gap: ${({ $gap }) => $gap ?? 14}px;
  align-content: start;
  min-width: 0;
`;
export const Soft = styled.p`
  color: var(--ink-soft);
`;
export const Figures = styled.span`
  font-family: var(--figures);
  font-variant-numeric: tabular-nums;
`;

const noticeTone = {
  plain: css`
    border-color: var(--line);
  `,
  cut: css`
    border-color: var(--cut);
    background: var(--cut-soft);
  `,
  good: css`
    border-color: var(--good);
  `,
};
const NoticeBox = styled.div<{ $tone: keyof typeof noticeTone }>`
  border-left: 5px solid;
  padding: 9px 14px;
  background: var(--sheet);
  ${({ $tone }) => noticeTone[$tone]}
`;
/** A short word in place; `cut` for what went wrong or can hurt. */
export const Notice = ({
  tone = 'plain',
  children,
  alert = false,
}: {
  tone?: keyof typeof noticeTone;
  children: ReactNode;
  alert?: boolean;
}) => (
  <NoticeBox $tone={tone} role={alert ? 'alert' : undefined}>
    {children}
  </NoticeBox>
);

const fieldLook = css`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  align-content: start;
  min-width: 0;
`;
const labelLook = css`
  font-weight: 600;
  font-size: 15px;
`;
/** Fields that are typed into. */
export const inputLook = css`
  font: 400 17px/1.3 var(--text);
  min-height: 44px;
  width: 100%;
  padding: 8px 11px;
  color: var(--ink);
  background: var(--page);
  border: 1px solid var(--steel-deep);
  border-radius: 3px;
  &[data-invalid] {
    border: 2px solid var(--cut);
  }
`;
const StyledField = styled(TextField)`
  ${fieldLook}
`;
const StyledLabel = styled(Label)`
  ${labelLook}
`;
const StyledInput = styled(Input)<{ $figures?: boolean }>`
  ${inputLook}
  ${({ $figures }) => $figures && 'font-family: var(--figures);'}
`;
const StyledArea = styled(TextArea)`
  ${inputLook}
  resize: vertical;
  min-height: 66px;
`;
const Hint = styled(Text)`
  color: var(--ink-soft);
  font-size: 14px;
`;
const Wrong = styled(FieldError)`
  color: var(--cut);
  font-weight: 600;
  font-size: 14px;
`;

interface EntryProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: (() => void) | undefined;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  readonly name?: string | undefined;
}

interface TextEntryProps extends EntryProps {
  readonly lines?: number;
  readonly kind?: 'text' | 'password' | 'date' | 'tel';
  readonly autoComplete?: string;
}

export const TextEntry = ({
  label,
  error,
  hint,
  lines = 1,
  kind = 'text',
  autoComplete = 'off',
  value,
  onChange,
  onBlur,
  name,
}: TextEntryProps) => (
  <StyledField
    value={value}
    onChange={onChange}
    onBlur={onBlur}
    name={name}
    type={kind}
    isInvalid={error !== undefined}
    validationBehavior="aria"
    autoComplete={autoComplete}
  >
    <StyledLabel>{label}</StyledLabel>
    {lines > 1 ? <StyledArea rows={lines} /> : <StyledInput />}
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
  </StyledField>
);

/** A number as it is typed; a comma or a point divides the decimals. What is typed stays typed. */
export const NumberEntry = ({ label, error, hint, value, onChange, onBlur, name }: EntryProps) => (
  <StyledField
    value={value}
    onChange={onChange}
    onBlur={onBlur}
    name={name}
    inputMode="decimal"
    isInvalid={error !== undefined}
    validationBehavior="aria"
    autoComplete="off"
  >
    <StyledLabel>{label}</StyledLabel>
    <StyledInput $figures />
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
  </StyledField>
);

export interface Option<Id extends string> {
  readonly id: Id;
  readonly label: string;
  readonly detail?: string;
}

const StyledSelect = styled(Select)`
  ${fieldLook}
`;
const SelectButton = styled(Button)`
  ${inputLook}
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  & > span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  & [slot='description'] {
    display: none;
  }
`;
const SelectPopover = styled(Popover)`
  background: var(--sheet);
  color: var(--ink);
  border: 1px solid var(--steel-deep);
  max-height: 420px;
  overflow: auto;
  min-width: var(--trigger-width);
  box-shadow: 0 8px 28px rgb(0 20 30 / 22%);
`;
const Item = styled(ListBoxItem)`
  padding: 9px 13px;
  cursor: pointer;
  display: grid;
  &[data-focused] {
    background: var(--accent-soft);
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

interface PickProps<Id extends string> {
  readonly label: string;
  readonly options: readonly Option<Id>[];
  readonly value: Id | null;
  readonly onChange: (value: Id) => void;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
}

/** One of a list. */
export const PickOne = <Id extends string>({
  label,
  options,
  value,
  onChange,
  error,
  hint,
}: PickProps<Id>) => (
  <StyledSelect
    value={value}
    onChange={(key) => {
      const chosen = options.find(({ id }) => id === key);
      if (chosen) onChange(chosen.id);
    }}
    isInvalid={error !== undefined}
    validationBehavior="aria"
    placeholder="Choose"
  >
    <StyledLabel>{label}</StyledLabel>
    <SelectButton>
      <SelectValue />
      <ChevronDown size={18} aria-hidden />
    </SelectButton>
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
    <SelectPopover>
      <ListBox>
        {options.map(({ id, label: text, detail }) => (
          <Item key={id} id={id} textValue={text}>
            <Text slot="label">{text}</Text>
            {detail !== undefined && <Hint slot="description">{detail}</Hint>}
          </Item>
        ))}
      </ListBox>
    </SelectPopover>
  </StyledSelect>
);

const Segments = styled(RadioGroup)`
  ${fieldLook}
  & > [data-segments] {
    display: flex;
    flex-wrap: wrap;
    gap: 0;
  }
`;
const Segment = styled(Radio)<{ $large?: boolean }>`
  min-height: ${({ $large }) => ($large ? 52 : 44)}px;
  padding: 8px 14px;
  display: inline-flex;
  align-items: center;
  gap: 6px;
  border: 1px solid var(--steel-deep);
  margin: 0 -1px -1px 0;
  cursor: pointer;
  background: var(--page);
  &[data-selected] {
    background: var(--accent);
    color: var(--accent-ink);
    font-weight: 600;
  }
  &[data-focus-visible] {
    outline: 3px solid var(--accent);
    outline-offset: 2px;
    z-index: 1;
  }
`;

interface ChoiceProps<Id extends string> extends PickProps<Id> {
  readonly hideLabel?: boolean;
  readonly large?: boolean;
}

/** One of a few, all in sight. */
export const Choice = <Id extends string>({
  label,
  options,
  value,
  onChange,
  error,
  hint,
  hideLabel = false,
  large = false,
}: ChoiceProps<Id>) => (
  <Segments
    value={value}
    onChange={(key) => {
      const chosen = options.find(({ id }) => id === key);
      if (chosen) onChange(chosen.id);
    }}
    isInvalid={error !== undefined}
    validationBehavior="aria"
    orientation="horizontal"
  >
    <StyledLabel className={hideLabel ? 'unseen' : undefined}>{label}</StyledLabel>
    <div data-segments="">
      {options.map(({ id, label: text }) => (
        <Segment key={id} value={id} $large={large}>
          {value === id && <Check size={16} aria-hidden />}
          {text}
        </Segment>
      ))}
    </div>
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
  </Segments>
);

const TickBox = styled(Checkbox)`
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 44px;
  cursor: pointer;
  & > [data-box] {
    width: 26px;
    height: 26px;
    flex: none;
    border: 2px solid var(--steel-deep);
    border-radius: 3px;
    display: grid;
    place-items: center;
    color: var(--accent-ink);
  }
  &[data-selected] > [data-box] {
    background: var(--accent);
    border-color: var(--accent);
  }
  &[data-focus-visible] > [data-box] {
    outline: 3px solid var(--accent);
    outline-offset: 2px;
  }
`;
const TickError = styled.span`
  color: var(--cut);
  font-weight: 600;
  font-size: 14px;
`;

export const Tick = ({
  children,
  value,
  onChange,
  error,
}: {
  children: ReactNode;
  value: boolean;
  onChange: (value: boolean) => void;
  error?: string | undefined;
}) => (
  <div>
    <TickBox isSelected={value} onChange={onChange} isInvalid={error !== undefined}>
      {({ isSelected }) => (
        <>
          <span data-box="" aria-hidden>
            {isSelected && <Check size={18} strokeWidth={3} />}
          </span>
          <span>{children}</span>
        </>
      )}
    </TickBox>
    {error !== undefined && <TickError role="alert">{error}</TickError>}
  </div>
);

const Track = styled(SliderTrack)`
  height: 34px;
  width: 100%;
  position: relative;
  &::before {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    top: 15px;
    height: 4px;
    background: var(--steel-deep);
  }
`;
const Thumb = styled(SliderThumb)`
  top: 17px;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: var(--accent);
  border: 3px solid var(--sheet);
  &[data-focus-visible] {
    outline: 3px solid var(--accent);
  }
`;

/** Track and thumb of a slider (inside React Aria's Slider). */
export const Slide = () => (
  <Track>
    <Thumb />
  </Track>
);

export const options = <Id extends string>(ids: readonly Id[]): Option<Id>[] =>
  ids.map((id) => ({ id, label: id.charAt(0).toUpperCase() + id.slice(1) }));
