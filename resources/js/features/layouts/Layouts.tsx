import { OfferCopy, OwnTimes } from '../practice/door';
import './layouts.css';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import type { Hold } from '../../api/client';
import { useProgress, useRushes } from '../../api/hooks';
import { useKit } from '../../api/kit';
import { type LayoutPins, type Layouts, layingOut, type School, useLayouts } from '../../api/layout';
import { t } from '../../lang/layouts';
import { useUnits } from '../../lang/units';
import { TopBar } from '../../ui/bar/TopBar';
import { ProgressLine } from '../../ui/ProgressLine';
import { useTitle } from '../../ui/useTitle';
import { Controls, Settings } from './Controls';
import { Hands } from './Hands';
import { Remember } from './Remember';
import { Schools } from './Schools';
import { SetUp } from './SetUp';
import { Strip } from './Strip';

/** So many of the rushes worked on last are laid out until somebody chooses. */
const USUAL = 6;
const MOST = 20;

function Progress({ working }: { working: boolean }) {
  return (
    <ProgressLine
      what={t('layouts.working-out-the-buttons')}
      working={working}
      done={useProgress(layingOut)}
    />
  );
}

/** The layout as a file, as the server made it. */
const fileOf = (layouts: Layouts) =>
  URL.createObjectURL(new Blob([JSON.stringify(layouts, null, 2)], { type: 'application/json' }));

/** Buttons: what every control of a body does for the rushes of a day, worked out. */
export default function LayoutsPage() {
  useTitle(t('layouts.buttons'));
  const units = useUnits();
  const navigate = useNavigate();
  const [params, setParams] = useSearchParams();
  const listed = useRushes('').data?.pages.flatMap((page) => page.items);
  const bodies = useKit('bodies').data;
  const [pins, setPins] = useState<LayoutPins>({});
  const picked = params.get('rushes')?.split(',').filter(Boolean);
  const rushes = picked ?? listed?.slice(0, USUAL).map((r) => r.id) ?? [];
  const own = bodies?.find((b) => !b.sample)?.id ?? null;
  const body = params.get('body') ?? own;
  const school = (params.get('school') ?? 'free') as School;
  const set = (name: string, value: string) => {
    params.set(name, value);
    setParams(params, { replace: true });
  };
  const layouts = useLayouts({ rushes, body, pins, units });
  const layout = layouts.data?.by_school.find((l) => l.school === school);

  return (
    <>
      <TopBar />
      <main className={layouts.isPlaceholderData ? 'page layouts older' : 'page layouts'}>
        <div className="page-head">
          <h1>{t('layouts.buttons')}</h1>
          <Button onClick={() => navigate('/kit')}>{t('layouts.kit')}</Button>
          {layouts.data && (
            <>
              <Button onClick={() => window.print()}>{t('layouts.print')}</Button>
              <Button href={fileOf(layouts.data)} download="layout.json">
                {t('layouts.download')}
              </Button>
            </>
          )}
          {body && bodies?.some((b) => b.id === body && !b.sample) && (
            <OfferCopy kind="layout" id={body} says={t('layouts.give-its-buttons-to')} />
          )}
        </div>
        <Asks
          rushes={rushes}
          body={body}
          onRushes={(ids) => set('rushes', ids.join(','))}
          onBody={(id) => {
            setPins({});
            set('body', id);
          }}
        />
        <OwnTimes />
        {listed?.length === 0 && (
          <p className="page-quiet">
            {t.rich('layouts.buttons-are-laid-out', { link: (text) => <Link to="/">{text}</Link> })}
          </p>
        )}
        {rushes.length === 0 && listed && listed.length > 0 && (
          <p className="page-quiet">{t('layouts.choose-at-least-one')}</p>
        )}
        <Progress working={layouts.isFetching} />
        {layouts.isError && (
          <p role="alert" className="guide-refused">
            {layouts.error.message}{' '}
            <Button size="small" onClick={() => void layouts.refetch()}>
              {t('layouts.try-again')}
            </Button>
          </p>
        )}
        {layouts.data && rushes.length > 0 && (
          <Schools schools={layouts.data.by_school} chosen={school} onChoose={(to) => set('school', to)} />
        )}
        {layout && rushes.length > 0 && (
          <div className="layout-columns">
            <OnTheBody layout={layout} pins={pins} onPins={setPins} />
            <ForRushes layout={layout} body={body} played={layouts.data?.played !== false} />
          </div>
        )}
      </main>
    </>
  );
}

type AsksProps = {
  rushes: string[];
  body: string | null;
  onRushes: (ids: string[]) => void;
  onBody: (id: string) => void;
};

/** For which rushes, and on which body. */
function Asks({ rushes, body, onRushes, onBody }: AsksProps) {
  const listed = useRushes('').data?.pages.flatMap((page) => page.items);
  const bodies = useKit('bodies').data;
  return (
    <div className="layout-asks">
      <div className="stacked">
        <span>{t('layouts.for-these-rushes')}</span>
        <Select
          mode="multiple"
          aria-label={t('layouts.rushes')}
          className="wide"
          maxCount={MOST}
          showSearch={{ optionFilterProp: 'label' }}
          value={rushes}
          options={(listed ?? []).map((r) => ({ value: r.id, label: r.name }))}
          onChange={onRushes}
        />
      </div>
      <div className="stacked">
        <span>{t('layouts.on-this-body')}</span>
        <Select
          aria-label={t('layouts.body')}
          className="wide"
          placeholder={t('layouts.that-of-the-first')}
          value={body}
          options={(bodies ?? []).map((b) => ({ value: b.id, label: b.name }))}
          onChange={onBody}
        />
      </div>
    </div>
  );
}

type Layout = Layouts['by_school'][number];

type OnTheBodyProps = {
  layout: Layout;
  pins: LayoutPins;
  onPins: (change: (now: LayoutPins) => LayoutPins) => void;
};

/** What every control does, and what is set while none is held. */
function OnTheBody({ layout, pins, onPins }: OnTheBodyProps) {
  const [place, setPlace] = useState<string | null>(null);
  return (
    <section aria-label={t('layouts.controls')}>
      <Hands controls={layout.controls} chosen={place} onChoose={setPlace} />
      <Controls
        controls={layout.controls}
        pins={pins}
        chosen={place}
        onChoose={setPlace}
        onPin={(at, to: Hold | null | undefined) =>
          onPins((now) => {
            const { [at]: _, ...others } = now;
            return to === undefined ? others : { ...others, [at]: to };
          })
        }
      />
      <h2>{t('layouts.at-rest')}</h2>
      <Settings lines={layout.rest_lines} />
    </section>
  );
}

/** Whether each rush is reached in time, what will go wrong, and how it is set up. */
function ForRushes({ layout, body, played }: { layout: Layout; body: string | null; played: boolean }) {
  const longest = Math.max(0, ...layout.rushes.map((r) => Math.max(r.seconds, Math.min(r.warning_s, 12))));
  return (
    <section aria-label={t('layouts.rushes')}>
      <h2>
        {t.rich('layouts.from-rest-to-the', {
          value: (
            <span className="quiet strip-key">
              <i className="strip-part" /> {t('layouts.by-touch')} <i className="strip-part look" />{' '}
              {t('layouts.with-a-look')} <i className="strip-warning" /> {t('layouts.it-begins')}
            </span>
          ),
        })}
      </h2>
      <ul className="reached">
        {layout.rushes.map((rush, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: rushes may have one name
          <li key={i}>
            <p className="reached-head">
              <b>{rush.name}</b>
              <span className={rush.lost >= 0.02 ? 'reached-lost' : 'quiet'}>
                {rush.lost >= 0.02
                  ? t('layouts.loses-percent', { lost: Math.round(100 * rush.lost) })
                  : t('layouts.in-time')}
              </span>
            </p>
            <Strip rush={rush} longest={longest} />
          </li>
        ))}
      </ul>
      {layout.faults.length > 0 && (
        <>
          <h2>{t('layouts.what-will-go-wrong')}</h2>
          <ul className="faults">
            {layout.faults.map((fault) => (
              <li key={fault.sentence}>
                <b>{fault.sentence}</b> {fault.way_out}
              </li>
            ))}
          </ul>
        </>
      )}
      <SetUp layout={layout} />
      <Remember layout={layout} body={body} />
      <p className="quiet">
        {t('layouts.times-are-first-guesses', {
          isPlayed: played ? 'no' : 'yes',
          isLoss: layout.loss > layout.bound + 0.001 ? 'yes' : 'no',
          bound: Math.round(100 * layout.bound),
        })}
      </p>
    </section>
  );
}
