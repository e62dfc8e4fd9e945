import { Input, Select } from 'antd';
import type { Subject, SubjectProfile } from '../../api/client';
import { options } from '../../lang/labels';
import { t } from '../../lang/subjects';
import { Choice } from '../../ui/Choice';
import { NumberField } from '../../ui/NumberField';
import { ShareField } from '../../ui/ShareField';
import { SpeedFinder } from './SpeedFinder';

type Props = {
  profile: SubjectProfile;
  refused: (Error & { field?: string | null }) | null;
  onChange: (profile: SubjectProfile) => void;
};

/** Correcting a subject. */
export function SubjectFields({ profile: draft, refused, onChange }: Props) {
  const { subject } = draft;
  const set = (fields: Partial<SubjectProfile>) => onChange({ ...draft, ...fields });
  const setSubject = (fields: Partial<Subject>) => set({ subject: { ...subject, ...fields } });
  const parts: PartProps = { draft, set, setSubject };
  return (
    <div className="subject-edit">
      {refused && (
        <p className="guide-refused" role="alert">
          {refused.message}
        </p>
      )}
      <div className="fields">
        <div className="field">
          <label htmlFor="subject-name">{t('subject-fields.name')}</label>
          <Input
            id="subject-name"
            maxLength={120}
            value={subject.name}
            onChange={(e) => setSubject({ name: e.target.value })}
          />
        </div>
        <div className="field">
          <label htmlFor="subject-group">{t('subject-fields.listed-under')}</label>
          <Input
            id="subject-group"
            maxLength={40}
            value={draft.group}
            onChange={(e) => set({ group: e.target.value })}
          />
        </div>
      </div>
      <Figures {...parts} refused={refused} />
      <SpeedFinder
        lengthM={subject.length_m}
        lengthError={draft.size_uncertainty}
        onUse={(speed, share) =>
          set({
            subject: { ...subject, speed_mps: Number(speed.toFixed(1)) },
            speed_uncertainty: Number(Math.min(1, share).toFixed(2)),
            burst_mps: Math.max(draft.burst_mps ?? 0, Number(speed.toFixed(1))),
          })
        }
      />
      <Traits {...parts} />
      <div className="field">
        <label htmlFor="subject-habit">{t('subject-fields.before-it-moves')}</label>
        <Input.TextArea
          id="subject-habit"
          autoSize
          maxLength={400}
          value={draft.habit}
          onChange={(e) => set({ habit: e.target.value })}
        />
      </div>
      <div className="field">
        <label htmlFor="subject-source">{t('subject-fields.where-the-figures-come')}</label>
        <Input.TextArea
          id="subject-source"
          autoSize
          maxLength={400}
          value={draft.source}
          onChange={(e) => set({ source: e.target.value })}
        />
      </div>
    </div>
  );
}

type PartProps = {
  draft: SubjectProfile;
  set: (fields: Partial<SubjectProfile>) => void;
  setSubject: (fields: Partial<Subject>) => void;
};

/** How large it is and how fast, and how sure that is. */
function Figures({ draft, set, setSubject, refused }: PartProps & Pick<Props, 'refused'>) {
  const { subject } = draft;
  const number = (name: keyof Subject, label: string, quantity: 'size' | 'speed' | 'length') => (
    <NumberField
      label={label}
      quantity={quantity}
      value={Number(subject[name])}
      problem={refused?.field === `subject.${name}` ? refused.message : null}
      onChange={(v) => setSubject({ [name]: v } as Partial<Subject>)}
    />
  );
  return (
    <div className="fields three">
      {number('length_m', t('subject-fields.length'), 'size')}
      {number('height_m', t('subject-fields.height'), 'size')}
      {number('depth_m', t('subject-fields.depth'), 'size')}
      {number('aim_size_m', t('subject-fields.aim-point'), 'size')}
      {number('speed_mps', t('subject-fields.cruises-at'), 'speed')}
      <NumberField
        label={t('subject-fields.at-its-fastest')}
        quantity="speed"
        value={draft.burst_mps ?? subject.speed_mps}
        onChange={(burst_mps) => set({ burst_mps })}
      />
      {number('limb_speed_mps', t('subject-fields.wings-or-legs'), 'speed')}
      <NumberField
        label={t('subject-fields.sizes-give-or-take')}
        quantity="share"
        value={draft.size_uncertainty}
        onChange={(v) => set({ size_uncertainty: v })}
      />
      <NumberField
        label={t('subject-fields.speeds-give-or-take')}
        quantity="share"
        value={draft.speed_uncertainty}
        onChange={(v) => set({ speed_uncertainty: v })}
      />
    </div>
  );
}

/** What it looks like, to the eye and to a camera. */
function Traits({ draft, set, setSubject }: PartProps) {
  const { subject } = draft;
  return (
    <>
      <div className="fields three">
        <Choice
          label={t('subject-fields.drawn-as')}
          value={subject.figure}
          options={options('figure')}
          onChange={(v) => setSubject({ figure: (v ?? 'plain') as NonNullable<Subject['figure']> })}
        />
        <Choice
          label={t('subject-fields.detected-as')}
          value={subject.kind}
          options={options('subject-kind')}
          onChange={(v) => setSubject({ kind: (v ?? 'animal') as NonNullable<Subject['kind']> })}
        />
        <div className="field">
          <label htmlFor="subject-hazards">{t('subject-fields.hazards')}</label>
          <Select
            id="subject-hazards"
            mode="multiple"
            placeholder={t('subject-fields.nothing')}
            value={draft.hazards}
            options={options('hazard')}
            onChange={(v) => set({ hazards: v as NonNullable<SubjectProfile['hazards']> })}
          />
        </div>
      </div>
      <div className="fields three">
        <ShareField
          label={t('subject-fields.erratic')}
          low={t('subject-fields.keeps-its-line')}
          high={t('subject-fields.all-over')}
          value={subject.erratic}
          onChange={(v) => setSubject({ erratic: v })}
        />
        <ShareField
          label={t('subject-fields.detail-on-it')}
          low={t('subject-fields.plain')}
          high={t('subject-fields.crisp')}
          value={subject.contrast}
          onChange={(v) => setSubject({ contrast: v })}
        />
        <ShareField
          label={t('subject-fields.stands-out')}
          low={t('subject-fields.blends-in')}
          high={t('subject-fields.unlike-all-else')}
          value={subject.distinct}
          onChange={(v) => setSubject({ distinct: v })}
        />
      </div>
    </>
  );
}
