import './kit.css';
import { App, Button, Dropdown, Input, type MenuProps } from 'antd';
import { type ReactNode, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import type { Body, KitType, Lens } from '../../api/client';
import { useSession } from '../../api/hooks';
import {
  kitActions,
  type Listed,
  useFetchKit,
  useHabits,
  useKit,
  useKitAction,
  useSaveHabits,
  useSaveKit,
} from '../../api/kit';
import { t } from '../../lang/kit';
import { say, useUnits } from '../../lang/units';
import { TopBar } from '../../ui/bar/TopBar';
import { Fold } from '../../ui/Fold';
import { nameOfCopy } from '../../ui/names';
import { UploadButton } from '../../ui/UploadButton';
import { useTitle } from '../../ui/useTitle';
import { useNotTaken, useUndo } from '../../ui/useUndo';
import { FrameSketch } from './FrameSketch';
import { bodyFacts, guessedOf, openingOf } from './facts';
import { ReachBar } from './ReachBar';
import { PutUp } from './shelf/PutUp';

/** How many of a body’s words are known. */
function named({ outline }: Listed<'bodies'>): number {
  return outline.own_words?.length ?? 0;
}

function Row({
  item,
  usual,
  menu,
  picture,
  children,
}: {
  item: Listed<'bodies'> | Listed<'lenses'>;
  usual: boolean;
  menu: MenuProps;
  picture: ReactNode;
  children: ReactNode;
}) {
  return (
    <li className="kit-row">
      <Link
        to={`/kit/${item.type}/${item.id}`}
        className={item.type === 'lenses' ? 'kit-link lens' : 'kit-link'}
      >
        {picture}
        <span>
          <b>{item.name}</b>
          {usual && <em>{t('kit.usual')}</em>}
          {children}
        </span>
      </Link>
      <Dropdown trigger={['click']} menu={menu}>
        <Button type="text" aria-label={t('kit.more-for', { name: item.name })}>
          •••
        </Button>
      </Dropdown>
    </li>
  );
}

/** What everybody has: folded away, and open where it is searched. */
function Samples({ many, open, children }: { many: number; open: boolean; children: ReactNode }) {
  if (many === 0) return null;
  return (
    <Fold key={String(open)} title={t('kit.samples-to-start-from', { many })} open={open}>
      {children}
    </Fold>
  );
}

export default function Kit() {
  useTitle(t('kit.kit'));
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const habits = useHabits();
  const saveHabits = useSaveHabits();
  const units = useUnits();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const undo = useUndo();
  const notTaken = useNotTaken();
  const [search, setSearch] = useState('');
  const [putting, setPutting] = useState<Listed<'bodies'> | Listed<'lenses'> | null>(null);
  const demo = useSession().data?.user?.is_demo;
  const remove = useKitAction(kitActions.remove);
  const restore = useKitAction(kitActions.restore);
  const upload = useKitAction(kitActions.upload);
  const saveBody = useSaveKit('bodies');
  const saveLens = useSaveKit('lenses');
  const fetchKit = useFetchKit();
  const failed = (error: Error) => message.error(error.message);

  function take(type: KitType, file: File) {
    upload.mutate(
      { type, file },
      {
        onError: (error) => notTaken(error),
        onSuccess: (item) => message.success(t('kit.is-in-your-kit', { name: item.name })),
      },
    );
  }

  function removeWithUndo(type: KitType, id: string, name: string) {
    remove.mutate(
      { type, id },
      {
        onError: failed,
        onSuccess: () => undo(t('kit.is-deleted', { name }), () => restore.mutateAsync({ type, id })),
      },
    );
  }

  function menu(item: Listed<'bodies'> | Listed<'lenses'>) {
    const part = item.type === 'bodies' ? 'body' : 'lens';
    return {
      items: [
        {
          key: 'usual',
          label: t('kit.start-new-rushes-with'),
          disabled: !habits.data,
          onClick: () =>
            habits.data &&
            saveHabits.mutate(
              { ...habits.data, [part]: item.id },
              {
                onError: failed,
                onSuccess: () => message.success(t('kit.new-rushes-start-with', { name: item.name })),
              },
            ),
        },
        {
          key: 'copy',
          label: t('kit.make-a-copy'),
          onClick: async () => {
            const others: { name: string }[] = (item.type === 'bodies' ? bodies : lenses).data ?? [];
            const name = nameOfCopy(
              item.name,
              others.map((o) => o.name),
            );
            try {
              if (item.type === 'bodies') {
                const { document } = await fetchKit('bodies', item.id);
                await saveBody.mutateAsync({ document: { ...document, name } });
              } else {
                const { document } = await fetchKit('lenses', item.id);
                await saveLens.mutateAsync({ document: { ...document, name } });
              }
            } catch (error) {
              failed(error as Error);
            }
          },
        },
        {
          key: 'file',
          label: (
            <a href={`/api/kit/${item.type}/${item.id}/document`} download>
              {t('kit.download')}
            </a>
          ),
        },
        ...(item.sample
          ? []
          : [
              {
                key: 'shelf',
                label: t('kit.put-it-on-the'),
                disabled: demo === true,
                onClick: () => setPutting(item),
              },
              { type: 'divider' as const },
              {
                key: 'delete',
                label: t('kit.delete'),
                onClick: () => removeWithUndo(item.type, item.id, item.name),
              },
            ]),
      ],
    };
  }

  const matches = (item: Listed<'bodies'> | Listed<'lenses'>) => {
    return [item.name, ...(item.outline.own_words ?? [])]
      .join(' ')
      .toLowerCase()
      .includes(search.trim().toLowerCase());
  };
  const bodyList = (bodies.data ?? []).filter(matches);
  const lensList = (lenses.data ?? []).filter(matches);
  const usual = (id: string) => habits.data?.body === id || habits.data?.lens === id;

  const bodyRow = (item: Listed<'bodies'>) => (
    <Row
      key={item.id}
      item={item}
      usual={usual(item.id)}
      menu={menu(item)}
      picture={<FrameSketch body={item.outline as Body} />}
    >
      <small>{bodyFacts(item.outline as Partial<Body>)}</small>
      {!item.sample && (
        <small>
          {named(item) === 0
            ? t('kit.no-words-of-your')
            : t('kit.of-your-cameras-own', { item: named(item) })}
          {item.standing ? t('kit.knows-how-it-was') : ''}
          {guessedOf(item.outline as Partial<Body>) && ` · ${guessedOf(item.outline as Partial<Body>)}`}
        </small>
      )}
    </Row>
  );
  const lensRow = (item: Listed<'lenses'>) => (
    <Row
      key={item.id}
      item={item}
      usual={usual(item.id)}
      menu={menu(item)}
      picture={<ReachBar lens={item.outline as Lens} small />}
    >
      <small>
        {t('kit.from-sweeps-in-s', {
          outline: openingOf(item.outline as Partial<Lens>),
          nearestM: say(item.outline.nearest_m, 'length', units),
          sweepS: item.outline.sweep_s,
          isExtenders: (item.outline.extenders?.length ?? 0) > 0 ? 'yes' : 'no',
          extenders: item.outline.extenders?.join('×, '),
        })}
      </small>
    </Row>
  );

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
            <UploadButton
              label={t('kit.body-file-to-upload')}
              busy={upload.isPending}
              onFile={(f) => take('bodies', f)}
            >
              {t('kit.upload')}
            </UploadButton>
            <Button onClick={() => navigate('/kit/from-pictures')}>{t('kit.from-a-picture')}</Button>
            <Button type="primary" onClick={() => navigate('/kit/bodies/new')}>
              {t('kit.describe-your-body')}
            </Button>
          </div>
          {bodies.isError && <p role="alert">{bodies.error.message}</p>}
          <ul className="kit-list">{bodyList.filter((b) => !b.sample).map(bodyRow)}</ul>
          {bodies.data && !bodies.data.some((b) => !b.sample) && (
            <p className="quiet kit-none">{t('kit.none-of-your-own')}</p>
          )}
          <Samples many={bodyList.filter((b) => b.sample).length} open={search !== ''}>
            <ul className="kit-list samples">{bodyList.filter((b) => b.sample).map(bodyRow)}</ul>
          </Samples>
        </section>
        <section aria-labelledby="lenses">
          <div className="kit-head">
            <h2 id="lenses">{t('kit.lenses')}</h2>
            <UploadButton
              label={t('kit.lens-file-to-upload')}
              busy={upload.isPending}
              onFile={(f) => take('lenses', f)}
            >
              {t('kit.upload')}
            </UploadButton>
            <Button type="primary" onClick={() => navigate('/kit/lenses/new')}>
              {t('kit.add-a-lens')}
            </Button>
          </div>
          <ul className="kit-list">{lensList.filter((l) => !l.sample).map(lensRow)}</ul>
          {lenses.data && !lenses.data.some((l) => !l.sample) && (
            <p className="quiet kit-none">{t('kit.none-of-your-own-yet-with-your')}</p>
          )}
          <Samples many={lensList.filter((l) => l.sample).length} open={search !== ''}>
            <ul className="kit-list samples">{lensList.filter((l) => l.sample).map(lensRow)}</ul>
          </Samples>
        </section>
        {putting && (
          <PutUp type={putting.type} id={putting.id} name={putting.name} onClose={() => setPutting(null)} />
        )}
        {search && bodyList.length + lensList.length === 0 && (
          <p>
            {t('kit.nothing-here-is-called', { search })}{' '}
            <Button onClick={() => setSearch('')}>{t('kit.show-all')}</Button>
          </p>
        )}
      </main>
    </>
  );
}
