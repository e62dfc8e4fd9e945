import { App, Select } from 'antd';
import { useMemo } from 'react';
import type { Rush } from '../../api/client';
import { useFetchKit, useKit, useKitItem } from '../../api/kit';
import { t } from '../../lang/desk';
import { calledBy, finds, phaseOf, phasesAmong } from '../../ui/find';

/** The subject of a rush among those on the shelf, with its profile. */
export function useSubjectOf(rush: Rush) {
  const subjects = useKit('subjects');
  const current = subjects.data?.find((s) => s.name === rush.subject.name);
  return { subjects, current, profile: useKitItem('subjects', current?.id).data?.document };
}

type Props = { rush: Rush; onRush: (rush: Rush, merge: string) => void };

/** Who comes. */
export function SubjectPicker({ rush, onRush }: Props) {
  const { subjects, current, profile } = useSubjectOf(rush);
  const groups = useMemo(() => {
    const groups = new Map<string, { value: string; label: string; called: string }[]>();
    for (const s of subjects.data ?? []) {
      const group = s.outline.group ?? t('subject-picker.own');
      groups.set(group, [...(groups.get(group) ?? []), { value: s.id, label: s.name, called: calledBy(s) }]);
    }
    return [...groups].map(([label, options]) => ({ label, options }));
  }, [subjects.data]);
  const fetchKit = useFetchKit();
  const { message } = App.useApp();
  const phases = useMemo(
    () => phasesAmong(subjects.data ?? [], rush.subject.name),
    [subjects.data, rush.subject.name],
  );
  async function choose(id: string) {
    try {
      const { subject, hazards } = (await fetchKit('subjects', id)).document;
      onRush({ ...rush, subject, scene: { ...rush.scene, hazards } }, `subject ${id}`);
    } catch (error) {
      message.error((error as Error).message);
    }
  }
  return (
    <div className="rush-subject">
      <Select
        aria-label={t('subject-picker.subject')}
        className="wide"
        showSearch
        filterOption={(typed, option) =>
          option !== undefined && 'called' in option && finds(typed, String(option.called))
        }
        placeholder={t('subject-picker.choose-a-subject')}
        loading={subjects.isPending}
        options={groups}
        value={current?.id ?? (rush.subject.name ? rush.subject.name : null)}
        onChange={(id) => void choose(id)}
      />
      {phases.length > 0 && (
        <fieldset className="phases">
          <legend className="sr-only">{t('subject-picker.what-it-does')}</legend>
          {phases.map((s) => (
            <button
              key={s.id}
              type="button"
              aria-pressed={s.id === current?.id}
              onClick={() => void choose(s.id)}
            >
              {phaseOf(s.name)[1]}
            </button>
          ))}
        </fieldset>
      )}
      {profile && <p className="quiet habit">{profile.habit}</p>}
    </div>
  );
}
