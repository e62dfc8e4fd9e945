import { Checkbox, Select } from 'antd';
import { useId } from 'react';
import type { Body } from '../../../api/client';
import { t } from '../../../lang/kit';
import { options } from '../../../lang/labels';
import type { Change } from './change';
import { Offers } from './Offers';
import { Presets } from './Presets';
import { Steps } from './Steps';

/** What it looks for, and how it behaves when what it sees changes. */
export function ResponseStep({ body, set }: { body: Body; set: Change }) {
  const kindsId = useId();
  return (
    <>
      <h2>{t('response-step.detection')}</h2>
      <div className="field">
        <label htmlFor={kindsId}>{t('response-step.kinds-of-subject-it')}</label>
        <Select
          id={kindsId}
          mode="multiple"
          placeholder={t('response-step.none')}
          options={options('detection', ['off'])}
          value={body.detects}
          onChange={(detects) => set({ detects })}
        />
      </div>
      <h2>{t('response-step.response-to-change')}</h2>
      <p className="quiet">{t('response-step.patience-is-how-long')}</p>
      <Checkbox checked={body.free_response} onChange={(e) => set({ free_response: e.target.checked })}>
        {t('response-step.both-can-be-set')}
      </Checkbox>
      {body.free_response && (
        <div className="response-steps">
          <Steps
            scale="patience"
            most={3}
            steps={body.patience_steps}
            words={body.words}
            onChange={(patience_steps, words) => set({ patience_steps, words })}
          />
          <Steps
            scale="nimble"
            most={1}
            steps={body.nimble_steps}
            words={body.words}
            onChange={(nimble_steps, words) => set({ nimble_steps, words })}
          />
        </div>
      )}
      <Presets body={body} set={set} />
      <Offers body={body} set={set} />
    </>
  );
}
