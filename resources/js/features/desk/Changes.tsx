import './changes.css';
import { App, Button, Select } from 'antd';
import { Link } from 'react-router';
import type { Body, Hold, Plan } from '../../api/client';
import { type Item, kitActions, useKitAction } from '../../api/kit';
import { t } from '../../lang/desk';
import { label, options } from '../../lang/labels';
import { quoted } from '../../lang/language';
import { nameOf, pinsOf } from './Ranked';

type Standing = Hold & { manual_switch?: boolean };

/** What has to be changed on the camera from how it stands; what would spoil the rush comes first. */
export function Changes({
  plan,
  body,
  playing,
  onAdopt,
}: {
  plan: Plan;
  body: Item<'bodies'> | undefined;
  /** Set-ups are still being played, so that another may win. */
  playing: boolean;
  onAdopt: (hold: Hold) => void;
}) {
  const { message } = App.useApp();
  const stand = useKitAction(kitActions.stand);
  if (!body)
    return (
      <section className="hold-detail" aria-label={t('changes.changes')}>
        <p>{t.rich('changes.this-body-is-not', { link: (text) => <Link to="/kit">{text}</Link> })}</p>
      </section>
    );
  const leave = (next: Standing | null, says?: string) =>
    stand.mutate(
      { id: body.id, standing: next as Hold | null },
      {
        onError: (error) => message.error(error.message),
        onSuccess: () => says && message.success(says),
      },
    );
  const changes = plan.changes ?? [];

  return (
    <section className="hold-detail changes" aria-label={t('changes.changes')}>
      {body.standing === null ? (
        <p className="quiet">{t('changes.how-this-body-was')}</p>
      ) : changes.length === 0 ? (
        <p>{t('changes.nothing-to-change')}</p>
      ) : (
        <p className="quiet">
          {t('changes.things-have-to-change', { changes: changes.length, name: body.name })}
        </p>
      )}
      <List plan={plan} />
      <Button
        type="primary"
        size="small"
        loading={stand.isPending}
        disabled={playing}
        onClick={() => leave(plan.best.hold, t('changes.remembered-it-stands-as'))}
      >
        {t('changes.i-have-set-it')}
      </Button>
      <Fewest plan={plan} words={body.document.words} onAdopt={onAdopt} />
      <details open={body.standing === null}>
        <summary>{t('changes.what-it-is-set')}</summary>
        <AsItStands body={body} onLeave={leave} />
      </details>
    </section>
  );
}

function List({ plan }: { plan: Plan }) {
  const changes = plan.changes ?? [];
  return (
    <ol className="change-list">
      {changes.map((c) => {
        const line = plan.lines.find((l) => l.setting === c.setting);
        return (
          <li key={c.name} className={c.danger ? 'danger' : ''}>
            <b>{c.name}</b>
            <span>
              <s>{c.from}</s> → <b>{c.to}</b>
              {line?.own && <em> {quoted(line.own.label)}</em>}
            </span>
            {(line?.own?.where || line?.own_setting?.where) && (
              <small className="quiet">{line.own?.where || line.own_setting?.where}</small>
            )}
            {c.danger && <small>{c.danger}</small>}
          </li>
        );
      })}
    </ol>
  );
}

type FewestProps = { plan: Plan; words: Body['words']; onAdopt: (hold: Hold) => void };

/** A hold that needs fewer changes than the best, and what it costs. */
function Fewest({ plan, words, onAdopt }: FewestProps) {
  const fewest = plan.fewest_changes;
  const best = plan.ranking?.[0]?.changes;
  const frames = plan.best.frames ?? 1;
  if (!fewest || best === undefined || (fewest.changes ?? 0) >= best) return null;
  return (
    <p className="change-fewest">
      {t.rich('changes.with-fewer-to-change', {
        best: best - (fewest.changes ?? 0),
        b: (text) => <b>{text}</b>,
        hold: nameOf(fewest.hold, words),
        patienceS: fewest.hold.focus?.patience_s,
        frames: Math.round(frames * fewest.keeper_rate),
        frames2: Math.round(frames * (plan.best.keeper_rate ?? 0)),
      })}{' '}
      <Button size="small" onClick={() => onAdopt(pinsOf(fewest.hold))}>
        {t('changes.adopt-it')}
      </Button>
    </p>
  );
}

type StandsProps = { body: Item<'bodies'>; onLeave: (next: Standing | null, says?: string) => void };

/** What the camera is set to now, as its owner says. */
function AsItStands({ body, onLeave: leave }: StandsProps) {
  const standing = (body.standing ?? {}) as Standing;
  const focus = (fields: Partial<NonNullable<Hold['focus']>>) =>
    leave({ format: 'rush-hold/hold@1', ...standing, focus: { ...standing.focus, ...fields } } as Standing);
  return (
    <div className="standing-fields">
      <Known
        name={label('setting', 'focus.mode')}
        value={standing.focus?.mode}
        options={options('focus-mode')}
        onChange={(mode) => focus({ mode: mode as never })}
      />
      <Known
        name={label('setting', 'focus.area')}
        value={standing.focus?.area}
        options={Object.keys(body.document.areas).map((a) => ({ value: a, label: label('area', a) }))}
        onChange={(area) => focus({ area: area as never })}
      />
      <Known
        name={label('setting', 'focus.detect')}
        value={standing.focus?.detect}
        options={options('detection')}
        onChange={(detect) => focus({ detect: detect as never })}
      />
      <Known
        name={label('setting', 'stabiliser')}
        value={standing.stabiliser}
        options={options('stabiliser')}
        onChange={(stabiliser) =>
          leave({ format: 'rush-hold/hold@1', ...standing, stabiliser: stabiliser as never })
        }
      />
      <Known
        name={t('changes.switch-on-the-lens')}
        value={standing.manual_switch === undefined ? undefined : standing.manual_switch ? 'manual' : 'auto'}
        options={options('switch')}
        onChange={(v) =>
          leave({ format: 'rush-hold/hold@1', ...standing, manual_switch: v === 'manual' } as Standing)
        }
      />
      {body.standing !== null && (
        <Button size="small" type="text" onClick={() => leave(null, t('changes.forgotten'))}>
          {t('changes.forget-how-it-stands')}
        </Button>
      )}
    </div>
  );
}

/** One setting as it stands now. */
function Known({
  name,
  value,
  options,
  onChange,
}: {
  name: string;
  value: string | undefined;
  options: { value: string; label: string }[];
  onChange: (value: string) => void;
}) {
  return (
    <>
      <span className="quiet">{name}</span>
      <Select
        aria-label={t('changes.now', { name })}
        size="small"
        placeholder={t('changes.not-known')}
        value={value ?? null}
        options={options}
        onChange={(v) => v && onChange(v)}
      />
    </>
  );
}
