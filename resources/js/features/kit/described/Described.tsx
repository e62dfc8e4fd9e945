import '../kit.css';
import './described.css';
import { useMutation } from '@tanstack/react-query';
import { App, Button, Checkbox, Input, Select } from 'antd';
import { type DragEvent, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Body, Lens } from '../../../api/client';
import { type Described, describedBy } from '../../../api/describe';
import { useCheck, useSaveKit } from '../../../api/kit';
import { useShelf } from '../../../api/shelf';
import { TopBar } from '../../../ui/bar/TopBar';
import { useTitle } from '../../../ui/useTitle';
import { FrameSketch } from '../FrameSketch';
import { ReachBar } from '../ReachBar';
import '../shelf/shelf.css';
import { t } from '../../../lang/kit';
import { ShelfRow } from '../shelf/ShelfRow';

const figure = (n: number) => Number(n.toFixed(1));

/** The document with the words one has put to ours. */
export function withWords(body: Body, words: Described['words'], keys: Record<string, string>): Body {
  const named = Object.fromEntries(
    words.flatMap(({ word }) => (keys[word] ? [[keys[word], { label: word, where: '' }]] : [])),
  );
  return { ...body, words: { ...body.words, ...named } };
}

function opening(lens: Lens): string {
  const ends = lens.zoom.length > 0 ? [lens.zoom[0], lens.zoom.at(-1)] : [];
  const range =
    ends[0] && ends[1]
      ? t('described.mm', { focalMm: ends[0].focal_mm, focalMm2: ends[1].focal_mm })
      : t('described.mm-2', { focalMm: lens.focal_mm });
  const apertures = ends.length > 0 ? ends.map((end) => end?.max_aperture) : [lens.max_aperture];
  return t('described.f', { range, value: [...new Set(apertures)].join('–') });
}

/** Where pictures are dropped or chosen. */
function Drop({ busy, onFiles }: { busy: boolean; onFiles: (files: File[]) => void }) {
  const input = useRef<HTMLInputElement>(null);
  const [over, setOver] = useState(false);
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    onFiles([...event.dataTransfer.files]);
  };
  return (
    <section
      className={over ? 'described-drop over' : 'described-drop'}
      aria-label={t('described.pictures')}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
    >
      <p>{t.rich('described.drop-a-picture-from', { b: (text) => <b>{text}</b> })}</p>
      <p className="quiet">{t('described.jpeg-heic-or-raw')}</p>
      <Button type="primary" loading={busy} onClick={() => input.current?.click()}>
        {t('described.choose-pictures')}
      </Button>
      <input
        ref={input}
        className="sr-only"
        type="file"
        multiple
        aria-label={t('described.pictures-from-your-camera')}
        tabIndex={-1}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) onFiles(files);
        }}
      />
    </section>
  );
}

/** What others here have described under the name of the camera, to be copied instead. */
function OnTheShelf({ name, onTaken }: { name: string; onTaken: (id: string) => void }) {
  const { message } = App.useApp();
  const items = (useShelf('bodies', name, name !== '').data?.pages[0]?.items ?? []).filter((i) => !i.mine);
  if (items.length === 0) return null;
  return (
    <section className="shelf-found" aria-label={t('described.on-the-shelf')}>
      <h2>{t('described.somebody-here-has-described')}</h2>
      <ul className="kit-list">
        {items.slice(0, 3).map((item) => (
          <ShelfRow
            key={item.id}
            of={item}
            onTaken={(made) => {
              message.success(t('described.is-in-your-kit', { name: made.name }));
              onTaken(made.id);
            }}
          />
        ))}
      </ul>
    </section>
  );
}

type FoundProps = { found: Described; onSaved: (id: string) => void; onAgain: () => void };

/** What the pictures say, what was guessed, and saving it. */
function Found({ found, onSaved, onAgain }: FoundProps) {
  const { message } = App.useApp();
  const saveBody = useSaveKit('bodies');
  const saveLens = useSaveKit('lenses');
  const [name, setName] = useState(found.body.name ?? '');
  const [left, setLeft] = useState<string[]>([]);
  const [keys, setKeys] = useState<Record<string, string>>(() =>
    Object.fromEntries(found.words.flatMap(({ word, key }) => (key ? [[word, key]] : []))),
  );
  const body = found.body as Body;
  const check = useCheck('bodies', body, {});
  const told = new Set(found.told);
  const megapixels = Math.round(((body.pixels_wide ?? 0) * (body.pixels_high ?? 0)) / 1e6);
  const mark = (field: string) =>
    told.has(field) ? t('described.from-your-picture') : t('described.guessed');

  async function save() {
    try {
      const kept = await saveBody.mutateAsync({
        document: withWords({ ...body, name: name.trim() || body.name }, found.words, keys),
        based_on: found.like.id,
      });
      for (const { document } of found.lenses) {
        if (!left.includes(document.name ?? '')) await saveLens.mutateAsync({ document: document as Lens });
      }
      message.success(t('described.is-in-your-kit', { name: kept.name }));
      onSaved(kept.id);
    } catch (error) {
      message.error((error as Error).message);
    }
  }
  return (
    <div className="described">
      <OnTheShelf name={found.body.name ?? ''} onTaken={onSaved} />
      <section className="described-body" aria-label={t('described.body')}>
        <FrameSketch body={body} />
        <dl>
          <dt>
            <label htmlFor="described-name">{t('described.name')}</label>
          </dt>
          <dd>
            <Input
              id="described-name"
              maxLength={80}
              value={name}
              onChange={(event) => setName(event.target.value)}
            />
          </dd>
          <dt>{t('described.sensor')}</dt>
          <dd>
            {t.rich('described.mm-3', {
              sensorWidthMm: figure(body.sensor_width_mm ?? 36),
              sensorHeightMm: figure(body.sensor_height_mm ?? 24),
              mark: <small className="quiet">{mark('sensor_width_mm')}</small>,
            })}
          </dd>
          <dt>{t('described.resolution')}</dt>
          <dd>
            {t.rich('described.mp', {
              megapixels,
              mark: <small className="quiet">{mark('pixels_wide')}</small>,
            })}
          </dd>
          <dt>{t('described.everything-else')}</dt>
          <dd>
            {t.rich('described.as-guessed-frames-s', {
              name: found.like.name,
              small: (text) => <small className="quiet">{text}</small>,
              framesPerS: body.frames_per_s,
            })}
          </dd>
        </dl>
      </section>
      <Lenses lenses={found.lenses} left={left} onLeft={setLeft} />
      <OwnWords words={found.words} terms={check.data?.terms ?? []} keys={keys} onKeys={setKeys} />
      <p className="described-foot">
        <Button type="primary" size="large" loading={saveBody.isPending} onClick={() => void save()}>
          {t('described.good-enough-save')}
        </Button>
        <Button onClick={onAgain}>{t('described.other-pictures-2')}</Button>
        <span className="quiet">{t('described.what-was-guessed-can')}</span>
      </p>
    </div>
  );
}

type LensesProps = {
  lenses: Described['lenses'];
  /** Names of those that are not to be saved. */
  left: string[];
  onLeft: (change: (now: string[]) => string[]) => void;
};

/** The lenses the pictures were taken with, each to be left out. */
function Lenses({ lenses, left, onLeft }: LensesProps) {
  if (lenses.length === 0) return null;
  return (
    <section aria-label={t('described.lenses')}>
      <h2>{t('described.lenses')}</h2>
      <ul className="described-lenses">
        {lenses.map(({ document }) => (
          <li key={document.name}>
            <Checkbox
              checked={!left.includes(document.name ?? '')}
              onChange={(event) =>
                onLeft((now) =>
                  event.target.checked
                    ? now.filter((one) => one !== document.name)
                    : [...now, document.name ?? ''],
                )
              }
            >
              <b>{document.name}</b> <span className="quiet">{opening(document as Lens)}</span>
            </Checkbox>
            <ReachBar lens={document as Lens} small />
          </li>
        ))}
      </ul>
    </section>
  );
}

type WordsProps = {
  words: Described['words'];
  terms: { key: string; ours: string }[];
  keys: Record<string, string>;
  onKeys: (change: (now: Record<string, string>) => Record<string, string>) => void;
};

/** What the camera calls things, and which of ours each is. */
function OwnWords({ words, terms: all, keys, onKeys }: WordsProps) {
  const terms = (about: string) =>
    all.filter(({ key }) =>
      about === 'mode' || about === 'area' ? key.startsWith(`${about}.`) : key === `setting.${about}`,
    );
  if (words.length === 0) return null;
  return (
    <section aria-label={t('described.its-own-words')}>
      <h2>{t('described.your-camera-calls-it')}</h2>
      <ul className="described-words">
        {words.map(({ word, about, pictures }) => (
          <li key={`${about} ${word}`}>
            <b>{word}</b> <small className="quiet">{t('described.other-pictures', { pictures })}</small>
            <Select
              size="small"
              aria-label={t('described.what-is', { word })}
              popupMatchSelectWidth={false}
              value={keys[word] ?? ''}
              options={[
                { value: '', label: t('described.i-dont-know') },
                ...terms(about).map((term) => ({ value: term.key, label: term.ours })),
              ]}
              onChange={(key: string) => onKeys((now) => ({ ...now, [word]: key }))}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A camera describes itself by pictures taken with it. */
export default function DescribedPage() {
  useTitle(t('described.from-a-picture'));
  const navigate = useNavigate();
  const read = useMutation({ mutationFn: describedBy });
  return (
    <>
      <TopBar />
      <main className="page">
        <div className="page-head">
          <h1>{t('described.from-a-picture')}</h1>
          <Button onClick={() => navigate('/kit')}>{t('described.close')}</Button>
        </div>
        {read.isError && (
          <p role="alert" className="guide-refused">
            {read.error.message}
          </p>
        )}
        {read.data ? (
          <Found
            key={read.data.body.name}
            found={read.data}
            onSaved={() => navigate('/kit')}
            onAgain={() => read.reset()}
          />
        ) : (
          <Drop busy={read.isPending} onFiles={(files) => read.mutate(files)} />
        )}
      </main>
    </>
  );
}
