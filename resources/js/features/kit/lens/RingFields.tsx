import { Button } from 'antd';
import type { Lens } from '../../../api/client';
import { t } from '../../../lang/kit';
import { Choice } from '../../../ui/Choice';
import { NumberField } from '../../../ui/NumberField';

type Ring = Lens['ring'];

/** What most rings are near, until somebody looks. */
const usual = { throw_deg: 180, right_is_nearer: false };

/** How the focusing ring of a lens turns, for the drills with it. */
export function RingFields({
  ring,
  problem,
  onRing,
}: {
  ring: Ring;
  problem: string | null;
  onRing: (ring: Ring) => void;
}) {
  return (
    <div className="field">
      <span className="label">{t('ring-fields.its-focusing-ring-for')}</span>
      {ring ? (
        <div className="fields zoom-step">
          <NumberField
            label={t('ring-fields.turns-end-to-end')}
            quantity="angle"
            value={ring.throw_deg}
            problem={problem}
            onChange={(throw_deg) => onRing({ ...ring, throw_deg })}
          />
          <Choice
            label={t('ring-fields.turning-right-focuses')}
            value={ring.right_is_nearer ? 'near' : 'far'}
            options={[
              { value: 'far', label: t('ring-fields.farther') },
              { value: 'near', label: t('ring-fields.nearer') },
            ]}
            onChange={(way) => onRing({ ...ring, right_is_nearer: way === 'near' })}
          />
          <Button
            size="small"
            type="text"
            aria-label={t('ring-fields.forget-the-ring')}
            onClick={() => onRing(null)}
          >
            ✕
          </Button>
        </div>
      ) : (
        <div>
          <Button size="small" onClick={() => onRing(usual)}>
            {t('ring-fields.describe-it')}
          </Button>
        </div>
      )}
    </div>
  );
}
