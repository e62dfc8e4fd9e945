import { App, Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { useRushes } from '../../api/hooks';
import { useKit } from '../../api/kit';
import { useOutings } from '../../api/outings';
import { type GroupTask, taskActions, useDrills, usePracticeAction } from '../../api/practice';
import { dayOf } from '../../lang/days';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';

type Kind = GroupTask['kind'];

const KINDS: { value: Kind; label: string; none: string }[] = [
  { value: 'rush', label: t('give-task.a-rush'), none: t('give-task.you-have-no-rush') },
  { value: 'hold', label: t('give-task.a-rush-with-what'), none: t('give-task.you-have-no-rush') },
  { value: 'drill', label: t('give-task.a-turn-of-a'), none: t('give-task.play-a-drill-first') },
  { value: 'layout', label: t('give-task.a-body-with-its'), none: t('give-task.describe-a-body-first') },
  { value: 'card', label: t('give-task.an-outing-with-its'), none: t('give-task.plan-an-outing-first') },
];

/** What one has that can be given as such. */
function useChoices(kind: Kind): { value: string; label: string }[] | undefined {
  const rushes = useRushes('').data?.pages[0]?.items;
  const outings = useOutings().data;
  const bodies = useKit('bodies').data;
  const drills = useDrills().data;
  if (kind === 'drill')
    return drills
      ?.filter((d) => d.drill !== 'first-sharp')
      .slice(0, 40)
      .map((d) => ({ value: d.id, label: `${label('exercise', d.drill)}, ${dayOf(d.done_at)}` }));
  if (kind === 'layout') return bodies?.filter((b) => !b.sample).map((b) => ({ value: b.id, label: b.name }));
  if (kind === 'card') return outings?.map((o) => ({ value: o.id, label: o.name || t('give-task.outing') }));
  return rushes?.map((r) => ({ value: r.id, label: r.name }));
}

/** Gives a group something to do. */
export function GiveTask({ group }: { group: string }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button type="primary" onClick={() => setOpen(true)}>
        {t('give-task.give-something-to-do')}
      </Button>
      {open && <GiveModal group={group} onClose={() => setOpen(false)} />}
    </>
  );
}

function GiveModal({ group, onClose }: { group: string; onClose: () => void }) {
  const { message } = App.useApp();
  const [kind, setKind] = useState<Kind>('rush');
  const [of, setOf] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const [due, setDue] = useState('');
  const [place, setPlace] = useState(false);
  const give = usePracticeAction(taskActions.give);
  const choices = useChoices(kind);
  const chosen = choices?.find((c) => c.value === of)?.value ?? null;
  return (
    <Modal
      title={t('give-task.give-something-to-do')}
      open
      onCancel={onClose}
      okText={t('give-task.give-it')}
      okButtonProps={{ disabled: chosen === null, loading: give.isPending }}
      onOk={() =>
        chosen &&
        give.mutate(
          { group, kind, of: chosen, note: note.trim(), due_on: due || null, place },
          { onError: (error) => void message.error(error.message), onSuccess: onClose },
        )
      }
    >
      <div className="give-task">
        <Select
          aria-label={t('give-task.what-kind')}
          value={kind}
          options={KINDS.map(({ value, label }) => ({ value, label }))}
          onChange={(next) => {
            setKind(next);
            setOf(null);
          }}
        />
        {choices?.length === 0 ? (
          <p className="quiet">{KINDS.find((k) => k.value === kind)?.none}</p>
        ) : (
          <Select
            aria-label={t('give-task.which')}
            showSearch
            optionFilterProp="label"
            placeholder={t('give-task.which')}
            value={chosen}
            options={choices ?? []}
            onChange={setOf}
          />
        )}
        <Input.TextArea
          aria-label={t('give-task.what-to-do-with')}
          placeholder={t('give-task.what-to-do-with')}
          maxLength={400}
          autoSize={{ minRows: 2, maxRows: 5 }}
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
        <label className="give-due">
          {t('give-task.to-be-done-by')}
          <input type="date" value={due} onChange={(event) => setDue(event.target.value)} />
        </label>
        {kind !== 'layout' && (
          <Checkbox checked={place} onChange={(event) => setPlace(event.target.checked)}>
            {t('give-task.with-its-place-to')}
          </Checkbox>
        )}
        <p className="quiet">{t('give-task.members-find-it-on')}</p>
      </div>
    </Modal>
  );
}
