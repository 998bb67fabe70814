import { X } from 'lucide-react';
import { lazy, type ReactNode, Suspense, useEffect, useRef } from 'react';
import { useSearchParams } from 'react-router';
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
import { TogetherView } from './views/TogetherView';

const forms = () => import('./panelForms');
const BirdPanel = lazy(() => forms().then((m) => ({ default: m.BirdPanel })));
const LotPanel = lazy(() => forms().then((m) => ({ default: m.LotPanel })));
const DoneFields = lazy(() => forms().then((m) => ({ default: m.DoneFields })));
const OvenFields = lazy(() => forms().then((m) => ({ default: m.OvenFields })));
const TendingFields = lazy(() => forms().then((m) => ({ default: m.TendingFields })));
const CurveView = lazy(() => forms().then((m) => ({ default: m.CurveView })));
const InsideView = lazy(() => forms().then((m) => ({ default: m.InsideView })));
const RecipeView = lazy(() => forms().then((m) => ({ default: m.RecipeView })));
const WaysView = lazy(() => forms().then((m) => ({ default: m.WaysView })));

/** The tray is drawn first; what its panel needs comes right after, also for when the server goes. */
const FETCH_FORMS_AFTER_MS = 300;

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
  onChoose: (chosen: Chosen) => void;
  onShow: (view: TrayView) => void;
  onAdopt: (plan: TrayPlan) => void;
};

/** Beside the picture: what is chosen, or the tray as a whole. */
export function TrayPanel(props: PanelProps) {
  useEffect(() => {
    const later = setTimeout(() => void forms().catch(() => undefined), FETCH_FORMS_AFTER_MS);
    return () => clearTimeout(later);
  }, []);
  return (
    <Suspense fallback={<p className="py-4 text-lg">A moment…</p>}>
      <Shown {...props} />
    </Suspense>
  );
}

function Shown(props: PanelProps) {
  const { chosen, draft, view, names } = props;
  const form = { draft, problem: props.problem, onChange: props.onChange };
  const minutes = view.answer ? (props.spoonAt - Date.parse(view.answer.timing.inAt)) / MINUTE_MS : 0;
  const close = () => props.onChoose(null);
  if (chosen === 'bird') return <WholeBird {...props} onClose={close} />;
  if (chosen === 'oven')
    return (
      <Panel of="oven" title="Oven and trays" onClose={close}>
        <div className="grid grid-cols-1 gap-4 pt-2">
          <OvenFields {...form} />
          <DoneFields {...form} profiles={props.choices.profiles} />
        </div>
      </Panel>
    );
  if (chosen === 'hands')
    return (
      <Panel of="hands" title="Tending" onClose={close}>
        <div className="grid grid-cols-1 gap-4 pt-2">
          <TendingFields {...form} view={view} ready={props.ready} onShow={props.onShow} />
        </div>
      </Panel>
    );
  const looksAt = (lot: number) => [
    {
      name: 'Inside',
      content: <InsideView view={view} lot={lot} minutes={minutes} name={names.of(view.plan, lot)} />,
    },
    {
      name: 'Curve',
      content: <CurveView view={view} lot={lot} spoonAt={props.spoonAt} name={names.of(view.plan, lot)} />,
    },
  ];
  const meat = draft.chicken.find((lot) => lot.id === chosen);
  const vegetable = draft.vegetables.find((lot) => lot.id === chosen);
  // A food that is gone, as after an undo, leaves the tray as a whole.
  if (chosen !== null && (meat || vegetable)) {
    const forecast = view.answer?.forecast.lots.find((lot) => lot.lot === chosen);
    const window = forecast && windowSentence(forecast, clockFrom(Date.parse(view.answer?.timing.inAt ?? '')));
    const fields = (
      <div className="grid grid-cols-1 gap-3 pt-3">
        {window && <p className="figures leading-snug">{window}</p>}
        <LotPanel {...form} lot={chosen} view={view} choices={props.choices} names={names} onGone={close} />
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
      tabs={[
        {
          name: 'Finish together',
          content: (
            <TogetherView view={view} ready={props.ready} onAdopt={(proposal) => props.onAdopt(proposal.plan)} />
          ),
        },
        {
          name: 'Other ways',
          content: (
            <WaysView
              view={view}
              ways={props.choices.ways}
              ready={props.ready}
              onAdopt={(report) => props.onAdopt(report.plan)}
            />
          ),
        },
        { name: 'A recipe', content: <RecipeView view={view} names={(lot) => names.of(view.plan, lot)} /> },
        ...looksAt(view.answer.forecast.lead),
      ]}
    />
  );
}

/** A bird that was weighed, at the counter or here, in its parts. */
function WholeBird(props: PanelProps & { onClose: () => void }) {
  const { choices } = props;
  const [address, setAddress] = useSearchParams();
  const close = () => {
    setAddress({}, { replace: true });
    props.onClose();
  };
  return (
    <Panel of="bird" title="A whole bird, cut up" onClose={close}>
      <BirdPanel
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
