import type { Rush } from '../api/client';
import { t } from '../lang/ui';
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
      low={t('person.first-time')}
      high={t('person.master')}
      value={person[name]}
      onChange={(value) => onChange({ [name]: value })}
    />
  );
  return (
    <>
      {skill('aim', t('person.holding-an-area-on'))}
      {skill('panning', t('person.following-smoothly'))}
      {skill('hand_focus', t('person.manual-focus'))}
    </>
  );
}
