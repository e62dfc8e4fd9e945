import './search.css';
import { Button, Input, Modal } from 'antd';
import { type KeyboardEvent, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSweeps } from '../../api/bench';
import { DRILLS, placeOf } from '../../api/drills';
import { useRushes } from '../../api/hooks';
import { useKit } from '../../api/kit';
import { useOutings } from '../../api/outings';
import { useGroups } from '../../api/practice';
import { t } from '../../lang/bar';
import { label } from '../../lang/labels';
import { quoted } from '../../lang/language';
import { calledBy, finds } from '../find';
import { useDebounced } from '../useDebounced';

type Hit = { key: string; kind: string; name: string; to: string };

/** So many of each kind are shown. */
const MOST = 5;

const drills = () => DRILLS.map((id) => ({ id, name: label('exercise', id) }));

function Found({ onClose }: { onClose: () => void }) {
  const [search, setSearch] = useState('');
  const [at, setAt] = useState(0);
  const words = search.trim();
  const rushes = useRushes(useDebounced(words.slice(0, 120), 150));
  const outings = useOutings().data ?? [];
  const bodies = useKit('bodies').data ?? [];
  const lenses = useKit('lenses').data ?? [];
  const subjects = useKit('subjects').data ?? [];
  const sweeps = useSweeps().data ?? [];
  const groups = useGroups().data ?? [];
  const navigate = useNavigate();

  const named = <T extends { id: string; name: string }>(
    items: T[],
    kind: string,
    to: string | ((id: string) => string),
    text: (item: T) => string = (item) => item.name,
  ): Hit[] =>
    items
      .filter((item) => finds(words, text(item)))
      .slice(0, MOST)
      .map(({ id, name }) => ({
        key: `${kind} ${id}`,
        kind,
        name,
        to: typeof to === 'string' ? `${to}/${id}` : to(id),
      }));
  const hits: Hit[] =
    words === ''
      ? []
      : [
          ...(rushes.data?.pages[0]?.items ?? []).slice(0, MOST).map((rush) => ({
            key: rush.id,
            kind: t('search.rush'),
            name: rush.name,
            to: `/rushes/${rush.id}`,
          })),
          ...named(outings, t('search.outing'), '/outings', (outing) => `${outing.name} ${outing.place}`),
          ...named(bodies, t('search.body'), '/kit/bodies'),
          ...bodies.flatMap((body) =>
            (body.outline.own_words ?? [])
              .filter((word) => finds(words, word))
              .slice(0, MOST)
              .map((word) => ({
                key: `word ${body.id} ${word}`,
                kind: t('search.word-of', { name: body.name }),
                name: quoted(word),
                to: `/kit/bodies/${body.id}?step=5&word=${encodeURIComponent(word)}`,
              })),
          ),
          ...named(lenses, t('search.lens'), '/kit/lenses'),
          ...named(subjects, t('search.subject'), '/subjects', calledBy),
          ...named(sweeps, t('search.calibration'), '/kit/bench'),
          ...named(drills(), t('search.practice'), placeOf),
          ...named(groups, t('search.group'), '/practice/groups'),
          {
            key: 'line',
            kind: t('search.new-rush'),
            name: words,
            to: `/rushes/new?${new URLSearchParams({ line: words })}`,
          },
        ];
  const chosen = Math.min(at, Math.max(0, hits.length - 1));

  const open = (hit: Hit | undefined) => {
    if (!hit) return;
    onClose();
    navigate(hit.to);
  };
  const press = (event: KeyboardEvent) => {
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step === 0 || hits.length === 0) return;
    event.preventDefault();
    setAt((chosen + step + hits.length) % hits.length);
  };

  return (
    <div className="search">
      <Input
        autoFocus
        size="large"
        maxLength={500}
        placeholder={t('search.rushes-outings-kit-drills')}
        role="combobox"
        aria-label={t('search.search-everything')}
        aria-expanded={hits.length > 0}
        aria-controls="search-hits"
        aria-activedescendant={hits[chosen] ? `hit-${chosen}` : undefined}
        value={search}
        onChange={(event) => {
          setSearch(event.target.value);
          setAt(0);
        }}
        onKeyDown={press}
        onPressEnter={() => open(hits[chosen])}
      />
      <div id="search-hits" role="listbox" aria-label={t('search.found')}>
        {hits.map((hit, i) => (
          <button
            type="button"
            key={hit.key}
            id={`hit-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === chosen}
            onMouseEnter={() => setAt(i)}
            onClick={() => open(hit)}
          >
            <span>{hit.name}</span>
            <small className="quiet">{hit.kind}</small>
          </button>
        ))}
      </div>
    </div>
  );
}

/** One search for everything; `/` opens it wherever nobody is typing. */
export function Search() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      const typing = (event.target as HTMLElement).closest(
        'input, textarea, [role="combobox"], [contenteditable]',
      );
      if (event.key !== '/' || typing || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <Button
        type="text"
        className="search-open"
        onClick={() => setOpen(true)}
        title={t('search.search-press')}
        aria-label={t('search.search')}
      >
        <svg viewBox="0 0 20 20" width="18" height="18" aria-hidden="true">
          <circle cx="8.5" cy="8.5" r="5.5" fill="none" stroke="currentColor" strokeWidth="1.6" />
          <path d="M13 13l4.5 4.5" stroke="currentColor" strokeWidth="1.6" />
        </svg>
      </Button>
      <Modal
        open={open}
        onCancel={() => setOpen(false)}
        footer={null}
        closable={false}
        destroyOnHidden
        title={<span className="sr-only">{t('search.search')}</span>}
        width={560}
        style={{ top: 80 }}
      >
        <Found onClose={() => setOpen(false)} />
      </Modal>
    </>
  );
}
