import { App, Button, Checkbox, Dropdown, Select } from 'antd';
import { type DragEvent, useState } from 'react';
import { Link } from 'react-router';
import { useRushes } from '../../api/hooks';
import { type PictureBurst, pictureActions, usePictureAction } from '../../api/pictures';
import { t } from '../../lang/pictures';
import { useUndo } from '../../ui/useUndo';
import { clockOf, dayOf } from './when';

const KIND = 'application/x-burst';

/** All bursts with pictures by day. Several are matched or joined at once; one dragged onto another joins it. */
export function Bursts({ bursts }: { bursts: PictureBurst[] }) {
  const [chosen, setChosen] = useState<Set<string>>(new Set());
  const doing = useTogether(() => setChosen(new Set()));
  const toggle = (ids: string[], on: boolean) =>
    setChosen((now) => new Set(on ? [...now, ...ids] : [...now].filter((id) => !ids.includes(id))));
  const present = bursts.map((one) => one.burst.id).filter((id) => chosen.has(id));
  return (
    <section aria-label={t('bursts.bursts')} className={present.length > 0 ? 'choosing' : undefined}>
      {byDay(bursts).map(([day, list]) => {
        const ids = list.map((one) => one.burst.id);
        return (
          <div key={day}>
            <DayHead day={day} bursts={list} chosen={present} onChoose={(on) => toggle(ids, on)} />
            <ul className="burst-cards">
              {list.map((one) => (
                <li key={one.burst.id}>
                  <BurstCard
                    one={one}
                    chosen={chosen.has(one.burst.id)}
                    onChoose={(on) => toggle([one.burst.id], on)}
                    onJoin={(other) => doing.join([one.burst.id, other])}
                  />
                </li>
              ))}
            </ul>
          </div>
        );
      })}
      {present.length > 0 && (
        <Together
          count={present.length}
          onClear={() => setChosen(new Set())}
          onMatch={(rush) => doing.match(present, rush)}
          onJoin={() => doing.join(present)}
        />
      )}
    </section>
  );
}

/** What is done to several bursts at once, each undone as one step. */
function useTogether(then: () => void) {
  const { message } = App.useApp();
  const toast = useUndo();
  const join = usePictureAction(pictureActions.join);
  const match = usePictureAction(pictureActions.matchAll);
  const undo = usePictureAction(pictureActions.undo);
  const fail = (error: Error) => void message.error(error.message);
  const done = (says: string) => (answer: { undo: string }) => {
    then();
    toast(says, () => undo.mutateAsync(answer.undo));
  };
  return {
    join: (bursts: string[]) =>
      join.mutate(bursts, {
        onError: fail,
        onSuccess: done(t('bursts.bursts-are-one', { bursts: bursts.length })),
      }),
    match: (bursts: string[], rush: { id: string; name: string }) =>
      match.mutate(
        { bursts, rush_id: rush.id },
        {
          onError: fail,
          onSuccess: done(t('bursts.bursts-are-of', { bursts: bursts.length, name: rush.name })),
        },
      ),
  };
}

function DayHead({
  day,
  bursts,
  chosen,
  onChoose,
}: {
  day: string;
  bursts: PictureBurst[];
  chosen: string[];
  onChoose: (on: boolean) => void;
}) {
  const count = bursts.filter((one) => chosen.includes(one.burst.id)).length;
  const times = bursts.map((one) => Date.parse(one.burst.at));
  const span = new URLSearchParams({
    from: new Date(Math.min(...times)).toISOString(),
    until: new Date(Math.max(...times) + 1000).toISOString(),
  });
  const file = (kind: string, says: string) => ({
    key: kind,
    label: <a href={`/api/pictures/${kind}?${span}`}>{says}</a>,
  });
  return (
    <div className="day-head">
      <h2>{day}</h2>
      <Checkbox
        checked={count === bursts.length}
        indeterminate={count > 0 && count < bursts.length}
        onChange={(event) => onChoose(event.target.checked)}
      >
        {t('bursts.choose-all')}
      </Checkbox>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            file('sidecars', t('bursts.sidecars-xmp')),
            file('table', t('bursts.table-csv')),
            file('document', t('bursts.documents-json')),
          ],
        }}
      >
        <Button size="small" type="text">
          {t('bursts.download-the-day')}
        </Button>
      </Dropdown>
    </div>
  );
}

/** What can be done with the bursts that are chosen. */
function Together({
  count,
  onClear,
  onMatch,
  onJoin,
}: {
  count: number;
  onClear: () => void;
  onMatch: (rush: { id: string; name: string }) => void;
  onJoin: () => void;
}) {
  const [wanted, setWanted] = useState('');
  const rushes = useRushes(wanted).data?.pages.flatMap((page) => page.items) ?? [];
  return (
    <div className="together" role="toolbar" aria-label={t('bursts.chosen-bursts')}>
      <b>{t('bursts.other-bursts', { count })}</b>
      <Select
        aria-label={t('bursts.which-rush-they-are')}
        placeholder={t('bursts.which-rush-are-they')}
        showSearch
        filterOption={false}
        onSearch={setWanted}
        value={null}
        options={rushes.map((rush) => ({ value: rush.id, label: rush.name }))}
        onChange={(id: string | null) => {
          const rush = rushes.find((one) => one.id === id);
          if (rush) onMatch(rush);
        }}
      />
      {count > 1 && <Button onClick={onJoin}>{t('bursts.make-them-one')}</Button>}
      <Button type="text" onClick={onClear}>
        {t('bursts.choose-none')}
      </Button>
    </div>
  );
}

function BurstCard({
  one,
  chosen,
  onChoose,
  onJoin,
}: {
  one: PictureBurst;
  chosen: boolean;
  onChoose: (on: boolean) => void;
  onJoin: (other: string) => void;
}) {
  const { burst } = one;
  const [over, setOver] = useState(false);
  const name = burst.rush_id ? burst.rush : t('bursts.not-matched-to-a');
  const at = clockOf(burst.at, one.zone);
  const isBurst = (event: DragEvent) => event.dataTransfer.types.includes(KIND);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: by keys bursts are chosen and made one
    <div
      className={`burst-card-place${over ? ' over' : ''}${chosen ? ' chosen' : ''}`}
      onDragOver={(event) => {
        if (!isBurst(event)) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        setOver(false);
        const other = event.dataTransfer.getData(KIND);
        if (other === '' || other === burst.id) return;
        event.preventDefault();
        onJoin(other);
      }}
    >
      <Checkbox
        className="burst-choose"
        aria-label={t('bursts.choose', { name, at })}
        checked={chosen}
        onChange={(event) => onChoose(event.target.checked)}
      />
      <Link
        to={`/review/bursts/${burst.id}`}
        className="burst-card"
        onDragStart={(event) => {
          event.dataTransfer.setData(KIND, burst.id);
          event.dataTransfer.effectAllowed = 'move';
        }}
      >
        {one.first ? (
          <img src={one.first} alt="" loading="lazy" draggable={false} />
        ) : (
          <span className="burst-blank" />
        )}
        <span className="burst-card-name">{name}</span>
        <span className="quiet">
          {one.clocked === 'numbers' ? t('bursts.no-time-in-the') : at},{' '}
          {t('bursts.frames', { pictures: one.pictures })}
        </span>
        <span className="burst-card-says">{says(one)}</span>
        <Beads kept={one.kept} />
      </Link>
    </div>
  );
}

/** More than that would not be told apart. */
const MOST_BEADS = 40;

/** The burst frame by frame: full where one is kept, a ring where it is lost, faint where nobody has said. */
function Beads({ kept }: { kept: PictureBurst['kept'] }) {
  if (!kept.some((one) => one !== null)) return null;
  const beads = kept.slice(0, MOST_BEADS);
  return (
    <span className="burst-beads" aria-hidden="true">
      {beads.map((one, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a frame is its place in the burst
        <i key={i} className={one === null ? 'unknown' : one ? 'kept' : 'lost'} />
      ))}
      {kept.length > MOST_BEADS && `+${kept.length - MOST_BEADS}`}
    </span>
  );
}

/** What there is to do with a burst, or what came of it. */
function says({ burst, marked, following }: PictureBurst): string {
  if (following) return t('bursts.measuring-of', { done: following.done, total: following.total });
  if (burst.keepers != null) return t('bursts.kept', { keepers: burst.keepers });
  return marked ? t('bursts.some-not-measured') : t('bursts.tap-the-subject-to');
}

function byDay(bursts: PictureBurst[]): [string, PictureBurst[]][] {
  const groups = new Map<string, PictureBurst[]>();
  for (const one of bursts) {
    const day = dayOf(one.burst.at, one.zone);
    groups.set(day, [...(groups.get(day) ?? []), one]);
  }
  return [...groups];
}
