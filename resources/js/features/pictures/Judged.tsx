import { Button, Select } from 'antd';
import type { LostTo, Picture } from '../../api/pictures';
import { label } from '../../lang/labels';
import { t } from '../../lang/pictures';

const px = (value: number | null | undefined) =>
  value == null ? '–' : t('judged.px', { value: value.toFixed(1) });

/** A smear is told from a round blur by its axes. */
const SMEARED = 1.5;

/** What was measured in a frame, and what the person says of it; the one does not hide the other. */
export function Judged({
  picture,
  causes,
  onSay,
  onCause,
  onBeside,
  beside,
  onDelete,
}: {
  picture: Picture;
  causes: { value: string; label: string }[];
  onSay: (said: boolean | null) => void;
  onCause: (cause: LostTo) => void;
  onBeside: () => void;
  beside: boolean;
  onDelete: () => void;
}) {
  const m = picture.measured;
  const measured = m?.aim || m?.not_found ? m : null;
  return (
    <section className="judged" aria-label={t('judged.judged')}>
      <div className="judged-verdict">
        <b>
          {picture.kept === null || (!measured && picture.said === null)
            ? measured?.untold && picture.said === null
              ? t('judged.cannot-tell')
              : t('judged.not-judged')
            : picture.kept
              ? t('judged.kept')
              : t('judged.lost')}
        </b>
        <span className="quiet">
          {picture.said !== null && `${t('judged.said-by-you')} `}
          {measured
            ? measured.not_found
              ? t('judged.the-subject-was-not')
              : measured.untold
                ? label('untold', measured.untold)
                : t('judged.measured-percent-sure', {
                    verdict: measured.verdict,
                    value: Math.min(99, Math.round(100 * measured.sure)),
                  })
            : t('judged.not-measured-at-the')}
        </span>
      </div>
      {picture.problem && <p role="alert">{picture.problem}</p>}
      <div className="judged-say">
        <Button
          type={picture.said === true ? 'primary' : 'default'}
          onClick={() => onSay(picture.said === true ? null : true)}
        >
          {t('judged.keep')}
        </Button>
        <Button
          type={picture.said === false ? 'primary' : 'default'}
          onClick={() => onSay(picture.said === false ? null : false)}
        >
          {t('judged.lost')}
        </Button>
        <Select
          aria-label={t('judged.what-lost-it')}
          allowClear
          placeholder={t('judged.what-lost-it')}
          value={picture.lost_to}
          options={causes}
          onChange={(cause) => onCause(cause ?? null)}
        />
      </div>
      {measured && !measured.not_found && (
        <dl>
          <dt>{t('judged.blur')}</dt>
          <dd>
            {px(measured.width_px)}{' '}
            <span className="quiet">{t('judged.of', { limitPx: px(measured.limit_px) })}</span>
          </dd>
          <dt>{t('judged.shape')}</dt>
          <dd>
            {measured.long_px == null || measured.short_px == null
              ? '–'
              : measured.long_px > SMEARED * Math.max(0.3, measured.short_px)
                ? t('judged.streaked-at', { angleDeg: Math.round(measured.angle_deg ?? 0) })
                : t('judged.round')}
          </dd>
          {measured.camera_smeared != null && (
            <>
              <dt>{t('judged.blur-of')}</dt>
              <dd>{measured.camera_smeared ? t('judged.the-camera') : t('judged.the-subject')}</dd>
            </>
          )}
          <dt>{t('judged.sharp')}</dt>
          <dd>{label('sharp-where', measured.sharp_where)}</dd>
        </dl>
      )}
      {picture.facts.length > 0 && (
        <dl>
          {picture.facts.map((fact) => (
            <div key={fact.label} style={{ display: 'contents' }}>
              <dt>{fact.label}</dt>
              <dd>{fact.value}</dd>
            </div>
          ))}
        </dl>
      )}
      <div>
        <Button size="small" onClick={onBeside}>
          {beside ? t('judged.single-view') : t('judged.compare')}
        </Button>{' '}
        <Button size="small" type="text" onClick={onDelete}>
          {t('judged.delete')}
        </Button>
      </div>
      <Keys />
    </section>
  );
}

/** What the keys do here: the first lines always, the rest unfolded. */
const KEYS: [string[], string][] = [
  [['K'], t('judged.keep-it')],
  [['L'], t('judged.lost-it')],
  [['M'], t('judged.leave-it-to-the')],
  [['Z'], t('judged.take-it-back')],
];
const MORE: [string[], string][] = [
  [['←', '→', t('judged.space')], t('judged.step-with-shift-and')],
  [['Home', 'End'], t('judged.first-and-last')],
  [[t('judged.shift-l')], t('judged.all-lost-k-and')],
  [['+', '−'], t('judged.closer-and-wider-drag')],
  [['B'], t('judged.hold-this-one-beside')],
  [['A'], t('judged.all-at-once')],
  [['F'], t('judged.other-frames-kept-lost')],
  [['S'], t('judged.split-the-burst-before')],
  [['P', 'N'], t('judged.burst-before-and-after')],
];

function Keys() {
  const line = ([keys, does]: [string[], string]) => (
    <li key={does}>
      {keys.map((key) => (
        <kbd key={key}>{key}</kbd>
      ))}{' '}
      {does}
    </li>
  );
  return (
    <div className="judged-keys quiet">
      <ul>{KEYS.map(line)}</ul>
      <details>
        <summary>{t('judged.more-keys')}</summary>
        <ul>{MORE.map(line)}</ul>
      </details>
    </div>
  );
}
