import type { Spot, TrayPlan, TrayView, WayChoice } from '../../../api/types';
import { Tabs } from '../../../ui/Tabs';
import { MINUTE_MS } from '../../../words/times';
import type { TrayNames } from '../../../words/trayNames';
import { CurveView } from './CurveView';
import { InsideView } from './InsideView';
import { PictureView } from './PictureView';
import { RecipeView } from './RecipeView';
import { TogetherView } from './TogetherView';
import { WaysView } from './WaysView';

/** Six looks at the same tray. */
export function TrayViews(props: {
  view: TrayView;
  ready: boolean;
  spoonAt: number;
  names: TrayNames;
  ways: readonly WayChoice[];
  chosen: number | null;
  onChoose: (lot: number | null) => void;
  onMove: (spot: Spot) => void;
  onFresh: () => void;
  onAdopt: (plan: TrayPlan) => void;
}) {
  const { view, names } = props;
  const { answer, plan } = view;
  if (!answer) return null;
  const minutes = (props.spoonAt - Date.parse(answer.timing.inAt)) / MINUTE_MS;
  const isThere = answer.forecast.lots.some((lot) => lot.lot === props.chosen);
  const lot = isThere && props.chosen !== null ? props.chosen : answer.forecast.lead;
  const nameOf = (id: number) => names.of(plan, id);
  return (
    <Tabs
      label="Looks at the tray"
      tabs={[
        {
          name: 'From above',
          content: (
            <PictureView
              view={view}
              minutes={minutes}
              names={names}
              chosen={props.chosen}
              onChoose={props.onChoose}
              onMove={props.onMove}
              onFresh={props.onFresh}
            />
          ),
        },
        {
          name: 'Cut open',
          content: <InsideView view={view} lot={lot} minutes={minutes} name={nameOf(lot)} />,
        },
        {
          name: 'Curve',
          content: <CurveView view={view} lot={lot} spoonAt={props.spoonAt} name={nameOf(lot)} />,
        },
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
              ways={props.ways}
              ready={props.ready}
              onAdopt={(report) => props.onAdopt(report.plan)}
            />
          ),
        },
        {
          name: 'A recipe',
          content: <RecipeView view={view} names={nameOf} />,
        },
      ]}
    />
  );
}
