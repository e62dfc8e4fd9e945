import { Button } from 'antd';
import type { Lens } from '../../../api/client';
import { t } from '../../../lang/kit';
import { NumberField } from '../../../ui/NumberField';

type Range = Lens['ranges'][number];

/** Positions that a range switch may have. */
const most = 6;

/** The positions of a lens’s range switch. */
export function RangeFields({
  ranges,
  nearestM,
  onRanges,
}: {
  ranges: Range[];
  nearestM: number;
  onRanges: (ranges: Range[]) => void;
}) {
  const put = (i: number, fields: Partial<Range>) =>
    onRanges(ranges.map((range, at) => (at === i ? { ...range, ...fields } : range)));
  return (
    <div className="field">
      <span className="label">{t('range-fields.positions-of-its-focus')}</span>
      <div className="range-list">
        {ranges.map((range, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: only told by its place
          <div key={`range ${i + 1}`} className="fields zoom-step">
            <NumberField
              label={t('range-fields.from')}
              quantity="length"
              value={range.near_m}
              onChange={(near_m) => put(i, { near_m })}
            />
            {range.far_m === null ? (
              <div className="field">
                <span className="label">{t('range-fields.to')}</span>
                <Button onClick={() => put(i, { far_m: range.near_m * 4 })}>
                  {t('range-fields.infinity')}
                </Button>
              </div>
            ) : (
              <NumberField
                label={t('range-fields.to')}
                quantity="length"
                value={range.far_m}
                onChange={(far_m) => put(i, { far_m })}
              />
            )}
            <Button
              size="small"
              type="text"
              aria-label={t('range-fields.remove-range', { i: i + 1 })}
              onClick={() => onRanges(ranges.filter((_, at) => at !== i))}
            >
              ✕
            </Button>
          </div>
        ))}
        <Button
          size="small"
          disabled={ranges.length >= most}
          onClick={() => onRanges([...ranges, { near_m: 3 * nearestM, far_m: null }])}
        >
          {t('range-fields.add-a-position')}
        </Button>
      </div>
    </div>
  );
}
