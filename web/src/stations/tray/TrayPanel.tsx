import { X } from 'lucide-react';
import { type ReactNode, useEffect, useRef } from 'react';
import { useSearchParams } from 'wouter';
import type { components } from '../../api/schema';
import type { TrayPlan, TrayView } from '../../api/types';
import { IconButton } from '../../ui/IconButton';
import { Tabs } from '../../ui/Tabs';
import { MINUTE_MS } from '../../words/times';
import type { TrayNames } from '../../words/trayNames';
import { clockFrom, windowSentence } from '../../words/windows';
import { type Chosen, laneId } from './chosen';
import { withBird } from './draft/changes';
import type { DraftProps } from './draft/trayDraft';
import { chickenTitle } from './lots/lotWords';
import { type Forms, useForms } from './useForms';
import { TogetherView } from './views/TogetherView';

type PanelProps = DraftProps & {
  view: TrayView;
  choices: components['schemas']['ChoicesView'];
  names: TrayNames;
  spoonAt: number;
  ready: boolean;
  chosen: Chosen;
  /** Which of the looks at a lot is open: 0 its fields. */
  look: number;
  onLook: (look: number) => void;
  /** And which at the tray as a whole. */
  trayLook: number;
  onTrayLook: (look: number) => void;
  onChoose: (chosen: Chosen) => void;
  onShow: (view: TrayView) => void;
  onAdopt: (plan: TrayPlan) => void;
};

const moment = <p className="py-4 text-lg">A moment…</p>;

/** Whose curve is looked at: its row of the rail draws it. */
export function curveOf(chosen: Chosen, look: number, trayLook: number, lead: number | undefined): number | null {
  if (chosen === null) return trayLook === CURVE_OF_TRAY ? (lead ?? null) : null;
  return typeof chosen === 'number' && look === CURVE_OF_LOT ? chosen : null;
}

/** Where the curve stands among the looks below. */
const CURVE_OF_LOT = 2;
const CURVE_OF_TRAY = 4;

/** Beside the picture: what is chosen, or the tray as a whole. */
export function TrayPanel(props: PanelProps) {
  const forms = useForms();
  const { chosen, draft, view, names } = props;
  const form = { draft, problem: props.problem, onChange: props.onChange };
  const minutes = view.answer ? (props.spoonAt - Date.parse(view.answer.timing.inAt)) / MINUTE_MS : 0;
  const close = () => props.onChoose(null);
  if (chosen !== null && !forms) return moment;
  if (chosen === 'bird' && forms) return <WholeBird {...props} Bird={forms.BirdPanel} onClose={close} />;
  if (chosen === 'oven' && forms)
    return (
      <Panel of="oven" title="Oven and trays" onClose={close}>
        <div className="grid grid-cols-1 gap-4 pt-2">
          <forms.OvenFields {...form} />
          <forms.DoneFields {...form} profiles={props.choices.profiles} />
        </div>
      </Panel>
    );
  if (chosen === 'hands' && forms)
    return (
      <Panel of="hands" title="Tending" onClose={close}>
        <div className="grid grid-cols-1 gap-4 pt-2">
          <forms.TendingFields {...form} view={view} ready={props.ready} onShow={props.onShow} />
        </div>
      </Panel>
    );
  const looksAt = (lot: number) => [
    {
      name: 'Inside',
      content: forms ? (
        <forms.InsideView view={view} lot={lot} minutes={minutes} name={names.of(view.plan, lot)} />
      ) : (
        moment
      ),
    },
    {
      name: 'Curve',
      content: forms ? (
        <forms.CurveView view={view} lot={lot} spoonAt={props.spoonAt} name={names.of(view.plan, lot)} />
      ) : (
        moment
      ),
    },
  ];
  const meat = draft.chicken.find((lot) => lot.id === chosen);
  const vegetable = draft.vegetables.find((lot) => lot.id === chosen);
  // A food that is gone, as after an undo, leaves the tray as a whole.
  if (typeof chosen === 'number' && forms && (meat || vegetable)) {
    const forecast = view.answer?.forecast.lots.find((lot) => lot.lot === chosen);
    const window = forecast && windowSentence(forecast, clockFrom(Date.parse(view.answer?.timing.inAt ?? '')));
    const fields = (
      <div className="grid grid-cols-1 gap-3 pt-3">
        {window && <p className="figures leading-snug">{window}</p>}
        <forms.LotPanel {...form} lot={chosen} view={view} choices={props.choices} names={names} onGone={close} />
      </div>
    );
    return (
      <Panel
        of={chosen}
        title={meat ? chickenTitle(meat, names) : vegetable ? names.vegetable(vegetable) : ''}
        onClose={close}
      >
        {/* Always the same tree: fields must not be made anew, and shut, when their first answer comes. */}
        <Tabs
          label="Looks at this food"
          at={props.look}
          onChange={props.onLook}
          tabs={[{ name: 'What it is', content: fields }, ...looksAt(chosen)]}
        />
      </Panel>
    );
  }
  if (!view.answer) return null;
  return (
    <Tabs
      label="Looks at the tray"
      at={props.trayLook}
      onChange={props.onTrayLook}
      tabs={[
        {
          name: 'Finish together',
          content: (
            <TogetherView view={view} ready={props.ready} onAdopt={(proposal) => props.onAdopt(proposal.plan)} />
          ),
        },
        {
          name: 'Other ways',
          content: forms ? (
            <forms.WaysView
              view={view}
              ways={props.choices.ways}
              ready={props.ready}
              onAdopt={(report) => props.onAdopt(report.plan)}
            />
          ) : (
            moment
          ),
        },
        {
          name: 'A recipe',
          content: forms ? <forms.RecipeView view={view} names={(lot) => names.of(view.plan, lot)} /> : moment,
        },
        ...looksAt(view.answer.forecast.lead),
      ]}
    />
  );
}

/** A bird that was weighed, at the counter or here, in its parts. */
function WholeBird(props: PanelProps & { Bird: Forms['BirdPanel']; onClose: () => void }) {
  const { choices, Bird } = props;
  const [address, setAddress] = useSearchParams();
  const close = () => {
    setAddress({}, { replace: true });
    props.onClose();
  };
  return (
    <Panel of="bird" title="A whole bird, cut up" onClose={close}>
      <Bird
        bird={choices.bird}
        massG={Number(address.get('bird')) || choices.bird.usualMassG}
        onAdd={(massG) => {
          props.onChange(withBird(props.draft, massG, choices.bird, choices.cuts));
          close();
        }}
        onLeave={close}
      />
    </Panel>
  );
}

function Panel(props: { of: Chosen; title: string; onClose: () => void; children: ReactNode }) {
  const { of } = props;
  const top = useRef<HTMLDivElement>(null);
  // On a narrow screen the panel lies below the rail: what was asked for comes into view, once, whatever is typed in it then.
  useEffect(() => {
    if (of !== null && !matchMedia('(min-width: 64rem)').matches) top.current?.scrollIntoView({ block: 'start' });
  }, [of]);
  // The button that closed it is gone: its row is where a keyboard goes on.
  const close = () => {
    props.onClose();
    document.getElementById(laneId(of))?.focus();
  };
  return (
    <div>
      <div ref={top} className="flex scroll-mt-2 items-center justify-between gap-3">
        <h2 className="font-semibold text-xl leading-tight first-letter:uppercase">{props.title}</h2>
        <IconButton name="Back to the whole tray" onClick={close}>
          <X aria-hidden className="size-5" />
        </IconButton>
      </div>
      {props.children}
    </div>
  );
}
