import './kit.css';
import { App, Button, Input } from 'antd';
import { type ReactNode, useState } from 'react';
import { useNavigate } from 'react-router';
import type { KitType } from '../../api/client';
import { kitActions, useHabits, useKit, useKitAction } from '../../api/kit';
import { t } from '../../lang/kit';
import { TopBar } from '../../ui/bar/TopBar';
import { Fold } from '../../ui/Fold';
import { UploadButton } from '../../ui/UploadButton';
import { useTitle } from '../../ui/useTitle';
import { useNotTaken } from '../../ui/useUndo';
import { BodyRow, LensRow } from './KitRows';
import { PutUp } from './shelf/PutUp';
import type { KitThing } from './useKitMenu';

export default function Kit() {
  useTitle(t('kit.kit'));
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const habits = useHabits().data;
  const navigate = useNavigate();
  const [search, setSearch] = useState('');
  const [putting, setPutting] = useState<KitThing | null>(null);
  const found = <T extends KitThing>(items: T[] = []) => items.filter((item) => matches(item, search));
  const usual = (id: string) => habits?.body === id || habits?.lens === id;
  const none = found<KitThing>(bodies.data).length + found<KitThing>(lenses.data).length === 0;

  return (
    <>
      <TopBar />
      <main className="page kit-page">
        <div className="page-head">
          <h1>{t('kit.your-kit')}</h1>
          <Button onClick={() => navigate('/kit/layouts')}>{t('kit.lay-out-the-buttons')}</Button>
          <Button onClick={() => navigate('/kit/bench')}>{t('kit.calibration')}</Button>
          <Button onClick={() => navigate('/kit/shelf')}>{t('kit.shelf')}</Button>
          <Input
            className="page-search"
            type="search"
            allowClear
            aria-label={t('kit.search-kit-and-words')}
            placeholder={t('kit.search-kit-and-words')}
            value={search}
            onChange={(event) => setSearch(event.target.value)}
          />
        </div>
        <section aria-labelledby="bodies">
          <div className="kit-head">
            <h2 id="bodies">{t('kit.bodies')}</h2>
            <Upload type="bodies" label={t('kit.body-file-to-upload')} />
            <Button onClick={() => navigate('/kit/from-pictures')}>{t('kit.from-a-picture')}</Button>
            <Button type="primary" onClick={() => navigate('/kit/bodies/new')}>
              {t('kit.describe-your-body')}
            </Button>
          </div>
          {bodies.isError && <p role="alert">{bodies.error.message}</p>}
          <OwnAndSamples
            all={bodies.data}
            found={found(bodies.data)}
            open={search !== ''}
            none={t('kit.none-of-your-own')}
          >
            {(item) => (
              <BodyRow key={item.id} item={item} usual={usual(item.id)} onPutUp={() => setPutting(item)} />
            )}
          </OwnAndSamples>
        </section>
        <section aria-labelledby="lenses">
          <div className="kit-head">
            <h2 id="lenses">{t('kit.lenses')}</h2>
            <Upload type="lenses" label={t('kit.lens-file-to-upload')} />
            <Button type="primary" onClick={() => navigate('/kit/lenses/new')}>
              {t('kit.add-a-lens')}
            </Button>
          </div>
          <OwnAndSamples
            all={lenses.data}
            found={found(lenses.data)}
            open={search !== ''}
            none={t('kit.none-of-your-own-yet-with-your')}
          >
            {(item) => (
              <LensRow key={item.id} item={item} usual={usual(item.id)} onPutUp={() => setPutting(item)} />
            )}
          </OwnAndSamples>
        </section>
        {putting && (
          <PutUp type={putting.type} id={putting.id} name={putting.name} onClose={() => setPutting(null)} />
        )}
        {search && none && (
          <p>
            {t('kit.nothing-here-is-called', { search })}{' '}
            <Button onClick={() => setSearch('')}>{t('kit.show-all')}</Button>
          </p>
        )}
      </main>
    </>
  );
}

/** By its name, or by a word its menus have. */
const matches = (item: KitThing, search: string) =>
  [item.name, ...(item.outline.own_words ?? [])]
    .join(' ')
    .toLowerCase()
    .includes(search.trim().toLowerCase());

function Upload({ type, label }: { type: KitType; label: string }) {
  const { message } = App.useApp();
  const notTaken = useNotTaken();
  const upload = useKitAction(kitActions.upload);
  return (
    <UploadButton
      label={label}
      busy={upload.isPending}
      onFile={(file) =>
        upload.mutate(
          { type, file },
          {
            onError: (error) => notTaken(error),
            onSuccess: (item) => void message.success(t('kit.is-in-your-kit', { name: item.name })),
          },
        )
      }
    >
      {t('kit.upload')}
    </UploadButton>
  );
}

type ListProps<T> = {
  all: T[] | undefined;
  found: T[];
  open: boolean;
  none: string;
  children: (item: T) => ReactNode;
};

/** What is one's own, then what everybody has: folded away, and open where it is searched. */
function OwnAndSamples<T extends KitThing>({ all, found, open, none, children }: ListProps<T>) {
  const samples = found.filter((item) => item.sample);
  return (
    <>
      <ul className="kit-list">{found.filter((item) => !item.sample).map(children)}</ul>
      {all && !all.some((item) => !item.sample) && <p className="quiet kit-none">{none}</p>}
      {samples.length > 0 && (
        <Fold key={String(open)} title={t('kit.samples-to-start-from', { many: samples.length })} open={open}>
          <ul className="kit-list samples">{samples.map(children)}</ul>
        </Fold>
      )}
    </>
  );
}
