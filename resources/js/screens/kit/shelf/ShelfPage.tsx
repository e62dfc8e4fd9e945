import '../kit.css';
import './shelf.css';
import { App, Button, Input, Segmented } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { KitType } from '../../../api/client';
import { useShelf } from '../../../api/shelf';
import { useDebounced } from '../../../parts/useDebounced';
import { useTitle } from '../../../parts/useTitle';
import { Failed } from '../../../shell/Messages';
import { TopBar } from '../../../shell/TopBar';
import { ShelfRow } from './ShelfRow';

const TYPES: { value: KitType; label: string }[] = [
  { value: 'bodies', label: 'Bodies' },
  { value: 'lenses', label: 'Lenses' },
  { value: 'subjects', label: 'Subjects' },
];

const placeOf = (type: KitType, id: string) =>
  type === 'subjects' ? `/subjects/${id}` : `/kit/${type}/${id}`;

/** Bodies, lenses and subjects that people of this server have described, to be copied. */
export default function ShelfPage() {
  useTitle('Shelf');
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
          <h1>Shelf</h1>
          <Button onClick={() => navigate('/kit')}>Your kit</Button>
          <Input
            className="page-search"
            type="search"
            allowClear
            aria-label="Search the shelf"
            placeholder="Camera, or a word of its menus"
            maxLength={120}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        <p className="quiet">
          What people on this server have described. A copy becomes yours; check it against your own camera.
        </p>
        <Segmented
          aria-label="What"
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
                  void message.success(`“${made.name}” is in your kit.`);
                  navigate(placeOf(type, made.id));
                }}
              />
            ))}
          </ul>
        )}
        {items?.length === 0 && (
          <p className="shelf-none">
            {search
              ? `Nobody here has put up anything called “${search}”.`
              : 'Nobody here has put anything up yet.'}{' '}
            {type === 'bodies' && (
              <>
                <Link to="/kit/from-pictures">Let your camera describe itself</Link>, then put it up from{' '}
                <Link to="/kit">your kit</Link>.
              </>
            )}
            {type === 'lenses' && (
              <>
                Describe yours, then put it up from <Link to="/kit">your kit</Link>.
              </>
            )}
            {type === 'subjects' && (
              <>
                Describe one under <Link to="/subjects">Subjects</Link>, then put it up from there.
              </>
            )}
          </p>
        )}
        {shelf.hasNextPage && (
          <Button loading={shelf.isFetchingNextPage} onClick={() => void shelf.fetchNextPage()}>
            More
          </Button>
        )}
      </main>
    </>
  );
}
