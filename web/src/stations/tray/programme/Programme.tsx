import type { ProfileChoice, TrayView } from '../../../api/types';
import { Section } from '../../../ui/Section';
import { stepWords, vesselWords } from '../../../words/food';
import { unitSign } from '../../../words/temperatures';
import type { DraftProps } from '../draft/trayDraft';
import { keyWords } from '../keys/useTrayKeys';
import { DinnerField } from './DinnerField';
import { DoneFields } from './DoneFields';
import { OvenFields } from './OvenFields';
import { TendingFields } from './TendingFields';

/** When dinner is, the oven and its trays, what is done meanwhile, and when it counts as done. */
export function Programme(
  props: DraftProps & {
    view: TrayView;
    profiles: readonly ProfileChoice[];
    ready: boolean;
    onShow: (view: TrayView) => void;
  },
) {
  const { draft } = props;
  const form = { draft, problem: props.problem, onChange: props.onChange };
  const trays = draft.vessels.map((vessel) => vesselWords[vessel.kind].split(',')[0]).join(', ');
  return (
    <div>
      <div className="grid grid-cols-1 gap-2 pb-3">
        <DinnerField {...form} />
      </div>
      <Section
        title="Oven and trays"
        summary={`${draft.ovenMode} ${draft.oven} ${unitSign(draft.unit)}, ${trays}`}
        defaultOpen={true}
      >
        <OvenFields {...form} />
      </Section>
      <Section
        title="Tending"
        summary={draft.steps.map((step) => `${stepWords[step.kind]} ${step.at}`).join(', ') || 'nothing'}
      >
        <TendingFields {...form} view={props.view} ready={props.ready} onShow={props.onShow} />
      </Section>
      <Section
        title="Safe and rested"
        summary={`${props.profiles.find((choice) => choice.id === draft.profile)?.name} rule, rest ${draft.rest} min`}
      >
        <DoneFields {...form} profiles={props.profiles} />
      </Section>
      <Section title="Keys" summary="for a keyboard">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {keyWords.map(([key, what]) => (
            <div key={key} className="contents">
              <dt className="font-semibold">{key}</dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Section>
    </div>
  );
}
