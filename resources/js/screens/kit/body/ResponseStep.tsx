import { Checkbox, Select } from 'antd';
import { useId } from 'react';
import type { Body } from '../../../api/client';
import { options } from '../../../parts/words';
import type { Change } from './change';
import { Offers } from './Offers';
import { Presets } from './Presets';
import { Steps } from './Steps';

/** What it looks for, and how it behaves when what it sees changes. */
export function ResponseStep({ body, set }: { body: Body; set: Change }) {
  const kindsId = useId();
  return (
    <>
      <h2>Detection</h2>
      <div className="field">
        <label htmlFor={kindsId}>Kinds of subject it can look for</label>
        <Select
          id={kindsId}
          mode="multiple"
          placeholder="None"
          options={options('detection', ['off'])}
          value={body.detects}
          onChange={(detects) => set({ detects })}
        />
      </div>
      <h2>Response to change</h2>
      <p className="quiet">
        Patience is how long your camera waits before it believes that what it sees now is the subject.
        Nimbleness is how far it believes a change of speed: 0 expects steady speed, 1 believes every start
        and stop.
      </p>
      <Checkbox checked={body.free_response} onChange={(e) => set({ free_response: e.target.checked })}>
        Both can be set by themselves, not only as presets
      </Checkbox>
      {body.free_response && (
        <div className="response-steps">
          <Steps
            what="patience"
            most={3}
            steps={body.patience_steps}
            words={body.words}
            onChange={(patience_steps, words) => set({ patience_steps, words })}
          />
          <Steps
            what="nimble"
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
