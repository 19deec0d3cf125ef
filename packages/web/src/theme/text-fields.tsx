/** Fields that are typed into. */
import { Input } from 'react-aria-components/Input';
import { TextArea } from 'react-aria-components/TextArea';
import { TextField } from 'react-aria-components/TextField';
import styled from 'styled-components';
import { FieldLabel, fieldLook, Hint, inputLook, Wrong } from './field-look';

export const StyledField = styled(TextField)`
  ${fieldLook}
`;
export const StyledInput = styled(Input)<{ $figures?: boolean }>`
  ${inputLook}
  ${({ $figures }) => $figures && 'font-family: var(--figures);'}
`;
const StyledArea = styled(TextArea)`
  ${inputLook}
  resize: vertical;
  min-height: 66px;
`;
export interface EntryProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: (() => void) | undefined;
  readonly error?: string | undefined;
  readonly hint?: string | undefined;
  readonly name?: string | undefined;
  /** For a field in a table, whose column says it. */
  readonly hideLabel?: boolean;
}

interface TextEntryProps extends EntryProps {
  readonly lines?: number;
  readonly kind?: 'text' | 'password' | 'date' | 'time' | 'tel';
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
  hideLabel = false,
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
    <FieldLabel className={hideLabel ? 'unseen' : undefined}>{label}</FieldLabel>
    {lines > 1 ? <StyledArea rows={lines} /> : <StyledInput />}
    {hint !== undefined && <Hint slot="description">{hint}</Hint>}
    <Wrong>{error}</Wrong>
  </StyledField>
);
