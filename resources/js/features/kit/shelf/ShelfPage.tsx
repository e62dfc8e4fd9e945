import '../kit.css';
import './shelf.css';
import { App, Button, Input, Segmented } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { KitType } from '../../../api/client';
import { useShelf } from '../../../api/shelf';
import { t } from '../../../lang/kit';
import { Failed } from '../../../ui/bar/Messages';
import { TopBar } from '../../../ui/bar/TopBar';
import { useDebounced } from '../../../ui/useDebounced';
import { useTitle } from '../../../ui/useTitle';
import { ShelfRow } from './ShelfRow';

const TYPES: { value: KitType; label: string }[] = [
  { value: 'bodies', label: t('shelf-page.bodies') },
  { value: 'lenses', label: t('shelf-page.lenses') },
  { value: 'subjects', label: t('shelf-page.subjects') },
];

const placeOf = (type: KitType, id: string) =>
  type === 'subjects' ? `/subjects/${id}` : `/kit/${type}/${id}`;

/** Bodies, lenses and subjects that people of this server have described, to be copied. */
export default function ShelfPage() {
  useTitle(t('shelf-page.shelf'));
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [params, setParams] = useSearchParams();
  const type = TYPES.find((one) => one.value === params.get('type'))?.value ?? 'bodies';
  const [typed, setTyped] = useState(params.get('search') ?? '');
  const search = useDebounced(typed.trim(), 250) ?? '';
  const shelf = useShelf(type, search);
  const items = shelf.data?.pages.flatMap((page) => page.items);
  return (
    <>
      <TopBar />
      <main className="page shelf-page">
        <div className="page-head">
          <h1>{t('shelf-page.shelf')}</h1>
          <Button onClick={() => navigate('/kit')}>{t('shelf-page.your-kit')}</Button>
          <Input
            className="page-search"
            type="search"
            allowClear
            aria-label={t('shelf-page.search-the-shelf')}
            placeholder={t('shelf-page.camera-or-a-word')}
            maxLength={120}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        <p className="quiet">{t('shelf-page.what-people-on-this')}</p>
        <Segmented
          aria-label={t('shelf-page.what')}
          options={TYPES}
          value={type}
          onChange={(next) => setParams({ type: next }, { replace: true })}
        />
        {shelf.isError && <Failed message={shelf.error.message} />}
        {items && items.length > 0 && (
          <ul className="kit-list shelf-list">
            {items.map((item) => (
              <ShelfRow
                key={item.id}
                of={item}
                onTaken={(made) => {
                  void message.success(t('shelf-page.is-in-your-kit', { name: made.name }));
                  navigate(placeOf(type, made.id));
                }}
              />
            ))}
          </ul>
        )}
        {items?.length === 0 && (
          <p className="shelf-none">
            {search
              ? t('shelf-page.nobody-here-has-put', { search })
              : t('shelf-page.nobody-here-has-put-anything-up-yet')}{' '}
            {type === 'bodies' &&
              t.rich('shelf-page.let-your-camera-describe', {
                link: (text) => <Link to="/kit/from-pictures">{text}</Link>,
                link2: (text) => <Link to="/kit">{text}</Link>,
              })}
            {type === 'lenses' &&
              t.rich('shelf-page.describe-yours-then-put', {
                link: (text) => <Link to="/kit">{text}</Link>,
              })}
            {type === 'subjects' &&
              t.rich('shelf-page.describe-one-under-subjects', {
                link: (text) => <Link to="/subjects">{text}</Link>,
              })}
          </p>
        )}
        {shelf.hasNextPage && (
          <Button loading={shelf.isFetchingNextPage} onClick={() => void shelf.fetchNextPage()}>
            {t('shelf-page.more')}
          </Button>
        )}
      </main>
    </>
  );
}
