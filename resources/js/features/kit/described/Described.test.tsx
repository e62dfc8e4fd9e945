import { screen, waitFor, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { type Answers, answers, asked, bodies, refused } from '../../../testing/answers';
import { open } from '../../../testing/open';
import { recorded } from '../../../testing/recorded';
import DescribedPage from './Described';

const body = { ...recorded('body').document, name: 'Cormora K7', words: {} };
const lens = { ...recorded('lens').document, name: 'CR 100-400', zoom: [] };
const said = {
  body,
  told: ['name', 'pixels_wide', 'sensor_width_mm'],
  like: { id: 'sample-fast-mirrorless', name: '24 MP stacked mirrorless' },
  lenses: [{ document: lens, told: ['name'] }],
  words: [
    { about: 'area', word: 'Zone, large', pictures: 3, key: 'area.block' },
    { about: 'area', word: 'Cluster D', pictures: 1, key: null },
  ],
} as never;
const terms = [
  { key: 'area.block', group: 'Areas', ours: 'Block' },
  { key: 'area.plus', group: 'Areas', ours: 'Plus' },
];
const ready = (fields: Answers = {}): Answers => ({
  'POST /api/kit/describe': said,
  'GET /api/shelf': { items: [], total: 0, more: false },
  'POST /api/kit/{type}/check': { figures: null, terms, reach: [] } as never,
  'POST /api/kit/{type}': ({ path, body: sent }) =>
    ({ id: '7', type: path.type, ...(sent as { document: object }), name: 'Cormora K7' }) as never,
  ...fields,
});
const page = () => open(<DescribedPage />, { at: '/kit/from-pictures', path: '/kit/from-pictures' });
const choose = async (user: ReturnType<typeof page>['user']) =>
  user.upload(screen.getByLabelText('Pictures from your camera'), new File(['x'], 'shot.jpg'));

describe('a camera that describes itself', () => {
  it('says what came from the picture and what is guessed, and is saved with its lens in one press', async () => {
    answers(ready());
    const { user, where } = page();
    await choose(user);
    const about = within(await screen.findByRole('region', { name: 'Body' }));
    expect(about.getByLabelText('Name')).toHaveValue('Cormora K7');
    expect(about.getAllByText('from your picture')).toHaveLength(2);
    expect(about.getByText(/^guessed: /)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Good enough, save' }));
    await waitFor(() => expect(where()).toBe('/kit'));
    const [first, second] = bodies('POST /api/kit/{type}') as {
      document: { name: string; words?: object };
    }[];
    // What sounds like one of our terms is named so; what only its owner can know is not.
    expect(first?.document.words).toEqual({ 'area.block': { label: 'Zone, large', where: '' } });
    expect(second?.document.name).toBe('CR 100-400');
  });

  it('offers what somebody here has described under its name, to be copied instead', async () => {
    const other = {
      id: 's1',
      type: 'bodies' as const,
      name: 'Cormora K7',
      by: 'Wren',
      put_up_at: '2020-06-03T00:00:00Z',
      outline: { ...recorded('bodies')[0]?.outline },
      taken: 2,
      mine: false,
      hidden: false,
    };
    answers(
      ready({
        'GET /api/shelf': { items: [other, { ...other, id: 's2', mine: true }], total: 2, more: false },
        'POST /api/shelf/{id}/take': { ...recorded('body'), id: 'mine' },
      }),
    );
    const { user, where } = page();
    await choose(user);
    const found = within(await screen.findByRole('region', { name: 'On the shelf' }));
    expect(found.getByText(/by Wren, 3 June 2020 · copied 2 times/)).toBeVisible();
    expect(asked.find(({ call }) => call === 'GET /api/shelf')?.query.search).toBe('Cormora K7');
    await user.click(found.getByRole('button', { name: 'Copy Cormora K7' }));
    await waitFor(() => expect(where()).toBe('/kit'));
  });

  it('leaves out what one does not want, and takes the words one gives', async () => {
    answers(ready());
    const { user } = page();
    await choose(user);
    await user.click(await screen.findByRole('checkbox', { name: /CR 100-400/ }));
    await user.click(screen.getByRole('combobox', { name: 'What “Cluster D” is' }));
    await user.click((await screen.findAllByTitle('Plus')).at(-1) as HTMLElement);
    await user.click(screen.getByRole('button', { name: 'Good enough, save' }));
    await waitFor(() => expect(bodies('POST /api/kit/{type}')).toHaveLength(1));
    expect(bodies('POST /api/kit/{type}')[0]).toMatchObject({
      document: { words: { 'area.plus': { label: 'Cluster D' } } },
    });
  });

  it('says why a picture says nothing, and lets one choose another', async () => {
    answers(ready({ 'POST /api/kit/describe': refused(422, 'None of these pictures names its camera.') }));
    const { user } = page();
    await choose(user);
    expect(await screen.findByRole('alert')).toHaveTextContent('names its camera');
    expect(screen.getByRole('button', { name: 'Choose pictures' })).toBeEnabled();
  });
});
