import { Button } from 'antd';
import type { Hold } from '../../api/client';
import type { Assigned, Layout, LayoutPins } from '../../api/layout';
import { within } from '../../lang/labels';
import { inside, quoted } from '../../lang/language';
import { t } from '../../lang/layouts';
import { fingerOf } from './Hands';

type Line = Layout['rest_lines'][number];

/** Settings with the camera's own word beside ours. */
export function Settings({ lines }: { lines: Line[] }) {
  return (
    <dl className="set-lines">
      {lines.map((line) => (
        <div key={line.setting}>
          <dt>{line.name}</dt>
          <dd>
            {line.label}
            {line.own && <em title={line.own.where}> {quoted(line.own.label)}</em>}
          </dd>
        </div>
      ))}
    </dl>
  );
}

type Props = {
  controls: Assigned[];
  pins: LayoutPins;
  chosen: string | null;
  onChoose: (place: string) => void;
  onPin: (place: string, set: Hold | null | undefined) => void;
};

/** Every control in use with its duty, and the set it holds; a set can be kept, or its control left free. */
export function Controls({ controls, pins, chosen, onChoose, onPin }: Props) {
  const freed = Object.keys(pins).filter((place) => pins[place] === null);
  return (
    <>
      <ol className="control-list">
        {controls.map((control, i) => (
          <li key={control.place} className={control.place === chosen ? 'chosen' : undefined}>
            <button type="button" className="control-name" onClick={() => onChoose(control.place)}>
              <i aria-hidden="true">{i + 1}</i>
              <b>{control.own?.label ?? control.name}</b>{' '}
              <span className="quiet">
                {control.own ? `${inside(control.name)}, ` : ''}
                {fingerOf(control.place)}
              </span>
            </button>
            <p>
              {control.says}
              {control.serves.length > 0 && (
                <span className="quiet"> {t('controls.for', { serves: control.serves.join(', ') })}</span>
              )}
            </p>
            {control.set && (
              <>
                <Settings lines={control.lines} />
                <p className="control-does">
                  {pins[control.place] ? (
                    <Button size="small" onClick={() => onPin(control.place, undefined)}>
                      {t('controls.let-go')}
                    </Button>
                  ) : (
                    <Button size="small" onClick={() => onPin(control.place, control.set as Hold)}>
                      {t('controls.keep-this-set-here')}
                    </Button>
                  )}
                  <Button size="small" type="text" onClick={() => onPin(control.place, null)}>
                    {t('controls.leave-it-free')}
                  </Button>
                </p>
              </>
            )}
          </li>
        ))}
      </ol>
      {freed.length > 0 && (
        <p className="quiet">
          {t('controls.left-free')} {freed.map((place) => within('control-place', place)).join(', ')}.{' '}
          <Button
            size="small"
            onClick={() => {
              for (const place of freed) onPin(place, undefined);
            }}
          >
            {t('controls.use-them-again')}
          </Button>
        </p>
      )}
    </>
  );
}
