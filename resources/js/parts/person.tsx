import type { Rush } from '../api/client';
import { ShareField } from './ShareField';

export type Person = NonNullable<Rush['photographer']>;

export const supports = [
  { value: 'handheld', label: 'Hand-held' },
  { value: 'prone', label: 'Lying, elbows down' },
  { value: 'beanbag', label: 'Beanbag' },
  { value: 'monopod', label: 'Monopod' },
  { value: 'tripod', label: 'Tripod, moving head' },
];

export const finalUses = [
  { value: 'pixel', label: 'Judged at 100 %' },
  { value: 'print', label: 'Large print' },
  { value: 'screen', label: 'Screen' },
  { value: 'classical', label: 'Textbook' },
];

export const freezes = [
  { value: 'body', label: 'Its body' },
  { value: 'limbs', label: 'Wings, legs too' },
];

export const opennesses = [
  { value: 'wide-open', label: 'Wide open' },
  { value: 'one-stop-down', label: 'One stop down' },
];

/** What the photographer can do, from first time to master. */
export function Skills({
  person,
  onChange,
}: {
  person: Person;
  onChange: (fields: Partial<Person>) => void;
}) {
  const skill = (name: 'aim' | 'panning' | 'hand_focus', label: string, usual: number) => (
    <ShareField
      label={label}
      low="first time"
      high="master"
      value={person[name] ?? usual}
      onChange={(value) => onChange({ [name]: value })}
    />
  );
  return (
    <>
      {skill('aim', 'Holding an area on it', 0.5)}
      {skill('panning', 'Following smoothly', 0.5)}
      {skill('hand_focus', 'Focusing by hand', 0.3)}
    </>
  );
}
