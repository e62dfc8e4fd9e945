import { fireEvent, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { Refusal } from '../api/client';
import { answers, sample } from '../testing/answers';
import { open } from '../testing/open';
import { Choice } from './Choice';
import { NearlyFull } from './NearlyFull';
import { PictureTable } from './PictureTable';
import { RemovableRow } from './RemovableRow';
import { Restored } from './Restored';
import { ShareField } from './ShareField';
import { UploadButton } from './UploadButton';
import { useConflict } from './useConflict';

describe('parts that screens share', () => {
  it('let a share be judged between two words, in steps of five', () => {
    const change = vi.fn();
    open(<ShareField label="Wind" low="still" high="storm" value={0.3} onChange={change} />);
    const slider = screen.getByRole('slider');
    expect(slider).toHaveAttribute('aria-valuenow', '0.3');
    expect(screen.getByText('30%')).toBeVisible();
    fireEvent.keyDown(slider, { key: 'ArrowRight', keyCode: 39 });
    expect(change).toHaveBeenCalledWith(0.35);
  });

  it('let a choice be left open, and tell that from a choice', async () => {
    const change = vi.fn();
    const options = [
      { value: 'bird', label: 'Bird' },
      { value: 'off', label: 'Off' },
    ];
    const { user } = open(
      <Choice label="Finds" none="Not known" value={null} options={options} onChange={change} />,
    );
    await user.click(screen.getByLabelText('Finds'));
    await user.click(await screen.findByTitle('Bird'));
    expect(change).toHaveBeenLastCalledWith('bird');
    await user.click(screen.getByLabelText('Finds'));
    const offered = await screen.findAllByTitle('Not known');
    await user.click(offered.at(-1) as HTMLElement);
    expect(change).not.toHaveBeenCalledWith('');
  });

  it('keep the last row of its kind', async () => {
    const remove = vi.fn();
    const { user, rerender } = open(
      <RemovableRow what="corner 2" onRemove={remove}>
        <span />
      </RemovableRow>,
    );
    await user.click(screen.getByRole('button', { name: 'Remove corner 2' }));
    expect(remove).toHaveBeenCalledOnce();
    rerender(
      <RemovableRow what="corner 1" needed onRemove={remove}>
        <span />
      </RemovableRow>,
    );
    expect(screen.getByRole('button', { name: 'Remove corner 1' })).toBeDisabled();
  });

  it('have the same as a table behind a picture, and the picture again', async () => {
    const { user } = open(
      <PictureTable caption="Light" head={['At', 'EV']} rows={() => [['05:00', 8]]}>
        <svg role="img" aria-label="the light" />
      </PictureTable>,
    );
    await user.click(screen.getByRole('button', { name: 'Table: Light' }));
    expect(screen.getByRole('table', { name: 'Light' })).toBeVisible();
    expect(screen.getAllByRole('columnheader').map((head) => head.textContent)).toEqual(['At', 'EV']);
    expect(screen.getByRole('cell', { name: '05:00' })).toBeVisible();
    expect(screen.queryByRole('img')).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Picture: Light' }));
    expect(screen.getByRole('img', { name: 'the light' })).toBeVisible();
  });

  it('take the same file twice', async () => {
    const take = vi.fn();
    const { user } = open(
      <UploadButton label="Document" onFile={take}>
        Upload
      </UploadButton>,
    );
    const file = new File(['{}'], 'a.json', { type: 'application/json' });
    await user.upload(screen.getByLabelText('Document'), file);
    await user.upload(screen.getByLabelText('Document'), file);
    expect(take).toHaveBeenCalledTimes(2);
  });

  it('say that unsaved work is here again, until it is dropped or kept', async () => {
    const drop = vi.fn();
    const { user, rerender } = open(<Restored shown onDrop={drop} />);
    await user.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(screen.queryByRole('status')).toBeNull();
    expect(drop).not.toHaveBeenCalled();
    rerender(<Restored key="again" shown onDrop={drop} />);
    await user.click(screen.getByRole('button', { name: 'Drop it' }));
    expect(drop).toHaveBeenCalledOnce();
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('say nothing of room while there is enough, and what the server says when there is not', async () => {
    const usage = { used: sample('Amounts'), most: sample('Amounts') };
    answers({ 'GET /api/account/usage': { ...usage, notice: '980 of 1000 rushes.' } });
    open(<NearlyFull />);
    expect(await screen.findByRole('status')).toHaveTextContent('980 of 1000 rushes.');
  });
});

function Saving({ refusal, copy, other }: { refusal: Refusal; copy: () => void; other: () => void }) {
  const settle = useConflict();
  return (
    <button type="button" onClick={() => settle(refusal, copy, other)}>
      Save
    </button>
  );
}

describe('saving that is refused', () => {
  it('lets one choose between mine and the other where it was changed elsewhere', async () => {
    const [copy, other] = [vi.fn(), vi.fn()];
    const refusal = new Refusal('It was saved elsewhere at 10:04.', 409, null);
    const { user } = open(<Saving {...{ refusal, copy, other }} />);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('It was saved elsewhere at 10:04.')).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Save mine as a copy' }));
    expect(copy).toHaveBeenCalledOnce();
    expect(other).not.toHaveBeenCalled();
  });

  it('just says anything else', async () => {
    const [copy, other] = [vi.fn(), vi.fn()];
    const refusal = new Refusal('A name has at most 120 characters.', 422, 'name');
    const { user } = open(<Saving {...{ refusal, copy, other }} />);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText('A name has at most 120 characters.')).toBeInTheDocument();
    expect(screen.queryByText('Changed in another window')).toBeNull();
  });
});
