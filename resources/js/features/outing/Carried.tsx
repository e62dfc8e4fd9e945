import { App, Select } from 'antd';
import type { Entry, Outing } from '../../api/day';
import { useFetchKit, useKit } from '../../api/kit';
import { t } from '../../lang/outing';

type Part = 'body' | 'lens';

const lists = { body: 'bodies', lens: 'lenses' } as const;
const most = { body: 6, lens: 12 };
const nameOf = (document: unknown) => (document as { name?: string } | undefined)?.name;

/** The outing with another body or lens for one of its rushes; what no rush is shot with any more stays at home. */
export function withKit(outing: Outing, at: number, part: Part, document: { name?: string } | null): Outing {
  const list = lists[part];
  const carried = [...(outing[list] ?? [])];
  let number: number | null = null;
  if (document) {
    number = carried.findIndex((one) => nameOf(one) === document.name);
    if (number < 0) number = carried.push(document) - 1;
    else carried[number] = document;
  }
  const rushes = outing.rushes.map((entry, i) => (i === at ? { ...entry, [part]: number } : entry));
  const used = carried.map((_, n) => rushes.some((entry) => entry[part] === n));
  const moved = carried.map((_, n) => used.slice(0, n).filter(Boolean).length);
  return {
    ...outing,
    [list]: carried.filter((_, n) => used[n]),
    rushes: rushes.map((entry) => {
      const n = entry[part];
      return n == null ? entry : { ...entry, [part]: moved[n] };
    }),
  };
}

/** What one rush of the outing is shot with, where that is not what the rush itself has. */
export function Carried({
  outing,
  at,
  entry,
  name,
  onChange,
}: {
  outing: Outing;
  at: number;
  entry: Entry;
  name: string;
  onChange: (outing: Outing) => void;
}) {
  const kits = { body: useKit('bodies').data, lens: useKit('lenses').data };
  const fetchKit = useFetchKit();
  const { message } = App.useApp();
  const choose = async (part: Part, id: string | null) => {
    try {
      const document = id === null ? null : (await fetchKit(lists[part], id)).document;
      const next = withKit(outing, at, part, document as { name?: string } | null);
      if ((next[lists[part]] ?? []).length <= most[part]) onChange(next);
    } catch (error) {
      message.error((error as Error).message);
    }
  };
  return (['body', 'lens'] as const).map((part) => {
    const n = entry[part];
    const chosen = n == null ? null : nameOf(outing[lists[part]]?.[n]);
    return (
      <div className="field" key={part}>
        <span className="carried-label">{part === 'body' ? t('carried.body') : t('carried.lens')}</span>
        <Select
          aria-label={t('carried.lens-for', { isPart: part === 'body' ? 'yes' : 'no', name })}
          popupMatchSelectWidth={false}
          showSearch={{ optionFilterProp: 'label' }}
          value={chosen ?? ''}
          options={[
            { value: '', label: t('carried.its-own') },
            ...(chosen && !kits[part]?.some((k) => k.name === chosen)
              ? [{ value: chosen, label: chosen }]
              : []),
            ...(kits[part] ?? []).map((k) => ({ value: k.name, label: k.name })),
          ]}
          onChange={(to) => void choose(part, kits[part]?.find((k) => k.name === to)?.id ?? null)}
        />
      </div>
    );
  });
}
