import { App, Button, Select } from 'antd';
import type { Body, Lens, Rush } from '../../api/client';
import { useFetchKit, useKit, useKitItem } from '../../api/kit';

type Props = {
  rush: Rush;
  onChange: (part: keyof Rush, fields: Record<string, unknown>, merge?: string) => void;
  onChooseLens: () => void;
};

/** The same fields with the same values, whatever their order, as numbers in files go. */
const same = (a: unknown, b: unknown): boolean => {
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return a === b;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((k) => same((a as Record<string, unknown>)[k], (b as Record<string, unknown>)[k]));
};

/** Which body and lens are used; a rush keeps a copy of both, so that it plans the same wherever it is taken. */
export function KitFields({ rush, onChange, onChooseLens }: Props) {
  const bodies = useKit('bodies');
  const lenses = useKit('lenses');
  const body = rush.kit?.body as Body | undefined;
  const lens = rush.kit?.lens as Lens | undefined;
  const shelfBody =
    bodies.data?.find((b) => !b.sample && b.name === body?.name) ??
    bodies.data?.find((b) => b.name === body?.name);
  const shelfLens =
    lenses.data?.find((l) => !l.sample && l.name === lens?.name) ??
    lenses.data?.find((l) => l.name === lens?.name);
  const described = useKitItem('bodies', shelfBody && !shelfBody.sample ? shelfBody.id : undefined).data
    ?.document;
  const changed = body && described && !same({ ...described }, { ...body });
  const fetchKit = useFetchKit();
  const { message } = App.useApp();
  const failed = (error: Error) => message.error(error.message);
  const shelf = (items: { id: string; name: string; sample: boolean }[] | undefined) => {
    const list = (sample: boolean) =>
      (items ?? []).filter((i) => i.sample === sample).map((i) => ({ value: i.id, label: i.name }));
    return [
      { label: 'Yours', options: list(false) },
      { label: 'Samples', options: list(true) },
    ].filter((g) => g.options.length > 0);
  };

  return (
    <>
      <div className="stacked">
        <span>Body</span>
        <Select
          aria-label="Body"
          className="wide"
          showSearch={{ optionFilterProp: 'label' }}
          options={shelf(bodies.data)}
          value={shelfBody?.id ?? body?.name ?? null}
          onChange={(id) => {
            fetchKit('bodies', id).then(
              (picked) => onChange('kit', { body: picked.document }, `kit.body ${id}`),
              failed,
            );
          }}
        />
        {changed && (
          <p className="quiet kit-changed">
            Your description of it has changed since.{' '}
            <Button size="small" onClick={() => onChange('kit', { body: described }, 'kit.body again')}>
              Use it
            </Button>
          </p>
        )}
      </div>
      <div className="stacked">
        <span>Lens</span>
        <Select
          aria-label="Lens"
          className="wide"
          showSearch={{ optionFilterProp: 'label' }}
          options={shelf(lenses.data)}
          value={shelfLens?.id ?? (lens?.name || 'As below')}
          onChange={(id) => {
            fetchKit('lenses', id).then(
              (picked) => onChange('kit', { lens: picked.document, extender: 1 }, `kit.lens ${id}`),
              failed,
            );
          }}
        />
        <Button size="small" className="which-lens" onClick={onChooseLens}>
          Which of my lenses suits this?
        </Button>
      </div>
    </>
  );
}
