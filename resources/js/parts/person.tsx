import type { Rush } from '../api/client';
import { ShareField } from './ShareField';

export type Person = NonNullable<Rush['photographer']>;

/** What the photographer can do, from first time to master. */
export function Skills({
  person,
  onChange,
}: {
  person: Person;
  onChange: (fields: Partial<Person>) => void;
}) {
  const skill = (name: 'aim' | 'panning' | 'hand_focus', label: string) => (
    <ShareField
      label={label}
      low="first time"
      high="master"
      value={person[name]}
      onChange={(value) => onChange({ [name]: value })}
    />
  );
  return (
    <>
      {skill('aim', 'Holding an area on it')}
      {skill('panning', 'Following smoothly')}
      {skill('hand_focus', 'Manual focus')}
    </>
  );
}
