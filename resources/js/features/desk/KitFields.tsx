import { App, Button, Select } from 'antd';
import type { KitType, Rush, SavedRush } from '../../api/client';
import { type Listed, useFetchKit, useKit } from '../../api/kit';
import { sayDate } from '../../lang/dates';
import { t } from '../../lang/desk';

export type Newer = SavedRush['newer'][number];

type Props = {
  rush: Rush;
  newer: Newer[];
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onChooseLens: () => void;
};

/** One’s own and the samples to choose from; what has the same name is told apart by when it was described. */
function shelfOf<T extends KitType>(items: Listed<T>[] | undefined) {
  const list = (sample: boolean) =>
    (items ?? [])
      .filter((item) => item.sample === sample)
      .map((item, _, all) => ({
        value: item.id,
        label:
          all.filter((other) => other.name === item.name).length > 1 && item.updated_at
            ? `${item.name} (${sayDate(item.updated_at, 'moment')})`
            : item.name,
      }));
  return [
    { label: t('kit-fields.yours'), options: list(false) },
    { label: t('kit-fields.samples'), options: list(true) },
  ].filter((group) => group.options.length > 0);
}

/** What was described anew since the rush took its copy, and what differs. */
function NewerNotice({ newer, onUse }: { newer: Newer; onUse: () => void }) {
  const shown = newer.differences.slice(0, 4);
  const more = newer.differences.length - shown.length;
  return (
    <div className="quiet kit-changed">
      <p>
        {t('kit-fields.youve-updated-it-since')}{' '}
        <Button size="small" onClick={onUse}>
          {t('kit-fields.use-that')}
        </Button>
      </p>
      <ul>
        {shown.map((d) => (
          <li key={d.field}>
            {d.name}: <s>{d.from}</s> → <b>{d.to}</b>
          </li>
        ))}
        {more > 0 && <li>{t('kit-fields.and-more', { more })}</li>}
      </ul>
    </div>
  );
}

/** Which body and lens are used: the rush points at them and keeps a copy, so that it plans the same wherever it is taken. */
export function KitFields({ rush, newer, onChange, onChooseLens }: Props) {
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const fetchKit = useFetchKit();
  const { message } = App.useApp();
  const { kit } = rush;
  const use = (part: 'body' | 'lens', id: string) =>
    fetchKit(part === 'body' ? 'bodies' : 'lenses', id).then(
      (picked) =>
        onChange(
          'kit',
          { [part]: picked.document, [`${part}_id`]: id, ...(part === 'lens' ? { extender: 1 } : {}) },
          `kit.${part} ${id}`,
        ),
      (error: Error) => message.error(error.message),
    );
  const noticeFor = (part: 'body' | 'lens') => {
    const found = newer.find((n) => n.part === part && n.id === kit[`${part}_id`]);
    return found && <NewerNotice newer={found} onUse={() => void use(part, found.id)} />;
  };
  // What the rush has but the shelf has not keeps its name.
  const shown = (id: string | null, items: { id: string }[] | undefined, name: string) =>
    items?.some((item) => item.id === id) ? id : name || t('kit-fields.as-below');

  return (
    <>
      <div className="stacked">
        <span>{t('kit-fields.body')}</span>
        <Select
          aria-label={t('kit-fields.body')}
          className="wide"
          showSearch={{ optionFilterProp: 'label' }}
          options={shelfOf(bodies.data)}
          value={shown(kit.body_id, bodies.data, kit.body.name)}
          onChange={(id) => void use('body', id ?? '')}
        />
        {noticeFor('body')}
      </div>
      <div className="stacked">
        <span>{t('kit-fields.lens')}</span>
        <Select
          aria-label={t('kit-fields.lens')}
          className="wide"
          showSearch={{ optionFilterProp: 'label' }}
          options={shelfOf(lenses.data)}
          value={shown(kit.lens_id, lenses.data, kit.lens.name)}
          onChange={(id) => void use('lens', id ?? '')}
        />
        {noticeFor('lens')}
        <Button size="small" className="which-lens" onClick={onChooseLens}>
          {t('kit-fields.which-of-my-lenses')}
        </Button>
      </div>
    </>
  );
}
