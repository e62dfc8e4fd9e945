import { andDotted } from '../../lang/lists';
import './practice.css';
import './buttons.css';
import { Checkbox } from 'antd';
import { type ComponentProps, useRef, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { useKit } from '../../api/kit';
import { type DrillDocument, useLayoutOf } from '../../api/practice';
import { label } from '../../lang/labels';
import { t } from '../../lang/practice';
import { Choice } from '../../ui/Choice';
import { useTitle } from '../../ui/useTitle';
import { ButtonsResult } from './ButtonsResult';
import { DrillFrame } from './DrillFrame';
import { HandKeys } from './HandKeys';
import { doesOf, type HandKey } from './hand';
import { Scene } from './Scene';
import { useSound } from './sound';
import { useCalls } from './useCalls';
import { usePresses } from './usePresses';
import { useTurn } from './useTurn';

/** A situation is called, and the right button of one’s own layout has to be found without looking. */
export default function ButtonsDrill() {
  useTitle(label('exercise', 'buttons'));
  const given = (useLocation().state as { document?: DrillDocument } | null)?.document;
  const [query] = useSearchParams();
  const bodies = useKit('bodies').data ?? [];
  const [body, setBody] = useState<string | null>(null);
  const [sound, setSound] = useSound();
  const [shut, setShut] = useState(false);
  const [blind, setBlind] = useState(false);
  const turn = useTurn();
  const presses = usePresses(sound === 'on');
  const field = useRef<HTMLDivElement>(null);
  const chosen = body ?? bodies.find((b) => !b.sample)?.id ?? null;
  // Before the start: the controls as they will be asked.
  const preview = useLayoutOf(chosen, given);
  const layout: HandKey[] = turn.course?.layout ?? preview ?? [];

  const { call, number, soon, begin, stop } = useCalls(turn, presses, field, { shut, sound, chosen });

  async function start() {
    stop();
    const seed = query.get('seed');
    const found = await turn.begin(
      given
        ? { drill: 'buttons', document: given }
        : { drill: 'buttons', body: chosen, ...(seed ? { seed: Number(seed) } : {}) },
    );
    if (found) begin(found);
  }

  const running = turn.stage === 'running';
  const places = layout.map((k) => k.place);
  const asked = turn.course?.asked ?? [];
  const said =
    call === null
      ? null
      : call === -1
        ? t('buttons-drill.now')
        : (asked.find((a) => a.key === call)?.call ?? null);
  return (
    <DrillFrame
      title={label('exercise', 'buttons')}
      says={t('buttons-drill.a-situation-is-called')}
      turn={turn}
      onStart={() => void start()}
      honest={t('buttons-drill.it-trains-which-not')}
      settings={
        given ? (
          <p className="quiet">{t('buttons-drill.this-turn-was-given')}</p>
        ) : (
          <Choice
            label={t('buttons-drill.buttons-of')}
            disabled={running}
            value={chosen ?? 'sample-fast-mirrorless'}
            options={bodies.map((b) => ({ value: b.id, label: b.name }))}
            onChange={setBody}
          />
        )
      }
      aids={
        <Aids
          shut={shut}
          onShut={setShut}
          blind={blind}
          onBlind={setBlind}
          sound={sound}
          onSound={setSound}
          running={running}
        />
      }
      result={turn.stage === 'done' && turn.kept ? <ButtonsResult kept={turn.kept} layout={layout} /> : null}
    >
      <div
        ref={field}
        className={running ? 'buttons-field running' : 'buttons-field'}
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: keys stand for the buttons here
        tabIndex={0}
        aria-label={t('buttons-drill.a-situation-and-the')}
        data-call={call ?? ''}
        {...presses.keys(places)}
      >
        <Call turn={turn} said={said} shut={shut} soon={soon} number={number} there={layout.length > 0} />
        {layout.length > 0 ? (
          <HandKeys
            layout={layout}
            held={presses.held}
            onPress={presses.mark}
            says={(key, i) =>
              !(blind && running && soon === 0) && (
                <Does hand={key} shut={shut} pulse={asked.findIndex((a) => a.key === i)} />
              )
            }
          />
        ) : (
          <p className="buttons-hint">{t('buttons-drill.the-controls-of-your')}</p>
        )}
      </div>
    </DrillFrame>
  );
}

type AidsProps = {
  shut: boolean;
  onShut: (shut: boolean) => void;
  blind: boolean;
  onBlind: (blind: boolean) => void;
  sound: 'on' | 'off';
  onSound: (sound: 'on' | 'off') => void;
  running: boolean;
};

function Aids({ shut, onShut, blind, onBlind, sound, onSound, running }: AidsProps) {
  return (
    <>
      <Checkbox checked={shut} disabled={running} onChange={(e) => onShut(e.target.checked)}>
        {t('buttons-drill.eyes-shut-pulses-only')}
      </Checkbox>
      <Checkbox checked={blind} onChange={(e) => onBlind(e.target.checked)}>
        {t('buttons-drill.hide-what-they-do')}
      </Checkbox>
      <Checkbox checked={sound === 'on'} onChange={(e) => onSound(e.target.checked ? 'on' : 'off')}>
        {t('buttons-drill.sound')}
      </Checkbox>
    </>
  );
}

/** What a control does, and with eyes shut by how many pulses it is called. */
function Does({ hand, shut, pulse }: { hand: HandKey; shut: boolean; pulse: number }) {
  return (
    <span className="hand-does">
      {doesOf(hand)}
      {andDotted(shut && pulse >= 0 && t('buttons-drill.pulses', { pulse: pulse + 2 }))}
    </span>
  );
}

type CallProps = {
  turn: ReturnType<typeof useTurn>;
  said: ComponentProps<typeof Scene>['call'] | null;
  shut: boolean;
  /** Seconds until the first call. */
  soon: number;
  number: number;
  /** Whether the controls are known. */
  there: boolean;
};

/** What is called, and how many calls are to come. */
function Call({ turn, said, shut, soon, number, there }: CallProps) {
  const running = turn.stage === 'running';
  return (
    <div className="buttons-call">
      {said && !shut && <Scene call={said} />}
      <p className="buttons-said" aria-live="off">
        {said && !shut && label('call', said)}
        {running && shut && said && t('buttons-drill.listen-or-feel')}
        {running &&
          !said &&
          (soon > 0
            ? t('buttons-drill.look-at-your-controls', { isShut: shut ? 'yes' : 'no', soon })
            : t('buttons-drill.hands-on-the-controls'))}
        {turn.stage === 'ready' && there && t('buttons-drill.your-controls-start-when')}
        {turn.stage === 'loading' && t('buttons-drill.loading')}
        {turn.stage === 'scoring' && t('buttons-drill.counting')}
      </p>
      {running && soon === 0 && (
        <span className="quiet figures">
          {t('buttons-drill.of', { number, calls: turn.course?.calls?.length ?? 0 })}
        </span>
      )}
    </div>
  );
}
