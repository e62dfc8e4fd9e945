import { useEffect, useRef } from 'react';
import type { Plan, PlanLine } from '../../api/client';
import type { Item } from '../../api/kit';
import { t } from '../../lang/desk';
import { quoted } from '../../lang/language';
import { AskWord } from './AskWord';

const small = (n: number) => (n >= 100 ? Math.round(n) : Number(n.toPrecision(2)));

type Props = {
  plan: Plan;
  line: PlanLine;
  body: Item<'bodies'> | undefined;
  onWord: (body: Item<'bodies'>) => void;
  onPin: (setting: string, value: unknown) => void;
};

/** Why a setting stands as it does, what it would cost otherwise, and the other choices. */
export function LineDetail({ plan, line, body, onWord, onPin }: Props) {
  const detail = useRef<HTMLDivElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a new line starts at its top
  useEffect(() => {
    detail.current?.scrollTo(0, 0);
  }, [line.setting]);
  const tried = plan.why?.filter((w) => w.setting === line.setting) ?? [];
  return (
    <div className="hold-detail" ref={detail} aria-live="polite">
      {(line.own ?? line.own_setting) && (
        <p className="own-word">
          {line.own_setting && <>{t('line-detail.on-your-camera', { label: line.own_setting.label })}</>}
          {line.own &&
            (line.own_setting ? (
              <>: {quoted(line.own.label)}</>
            ) : (
              t('line-detail.on-your-camera', { label: line.own.label })
            ))}
          {(line.own?.where || line.own_setting?.where) && (
            <span className="quiet">, {line.own?.where || line.own_setting?.where}</span>
          )}
        </p>
      )}
      <p className="hold-reason">
        <b>{line.name}</b> {line.reason}
      </p>
      {tried.length > 0 && <p className="hold-cost">{tried.map((w) => w.says).join('; ')}.</p>}
      {line.margin && (
        <p className="quiet hold-margin">
          {t('line-detail.of', {
            used: small(line.margin.used),
            allowed: small(line.margin.allowed),
            unit: line.margin.unit,
            name: line.margin.name,
          })}
        </p>
      )}
      {/* Only of what came out in the end, not of what the formulas show on the way there. */}
      {body && plan.ranking && line.ask && !body.document.words[line.ask] && (
        <AskWord key={line.ask} line={line} body={body} onNamed={onWord} />
      )}
      {line.alternatives.length > 0 && (
        <ul>
          {line.alternatives.map((a) => (
            <li key={String(a.value) + a.because} className={a.possible ? '' : 'out'}>
              <button
                type="button"
                onClick={() => onPin(line.setting, a.value)}
                title={t('line-detail.pin', { label: a.label })}
                disabled={!a.possible}
              >
                {a.label}
              </button>
              <span className="quiet">{a.because}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
