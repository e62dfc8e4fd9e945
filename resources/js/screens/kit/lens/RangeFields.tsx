import { Button } from 'antd';
import type { Lens } from '../../../api/client';
import { NumberField } from '../../../parts/NumberField';

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
      <span className="label">Positions of its focus limiter, apart from the full one</span>
      <div className="range-list">
        {ranges.map((range, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: only told by its place
          <div key={`range ${i + 1}`} className="fields zoom-step">
            <NumberField
              label="From"
              quantity="length"
              value={range.near_m}
              onChange={(near_m) => put(i, { near_m })}
            />
            {range.far_m === null ? (
              <div className="field">
                <span className="label">To</span>
                <Button onClick={() => put(i, { far_m: range.near_m * 4 })}>infinity</Button>
              </div>
            ) : (
              <NumberField
                label="To"
                quantity="length"
                value={range.far_m}
                onChange={(far_m) => put(i, { far_m })}
              />
            )}
            <Button
              size="small"
              type="text"
              aria-label={`Remove range ${i + 1}`}
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
          Add a position
        </Button>
      </div>
    </div>
  );
}
