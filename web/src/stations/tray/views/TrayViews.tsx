import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { Spot, TrayPlan, TrayView, WayChoice } from '../../../api/types';
import { MINUTE_MS } from '../../../words/times';
import type { TrayNames } from '../trayNames';
import { CurveView } from './CurveView';
import { InsideView } from './InsideView';
import { PictureView } from './PictureView';
import { RecipeView } from './RecipeView';
import { TogetherView } from './TogetherView';
import { WaysView } from './WaysView';

const tabs = ['From above', 'Cut open', 'Curve', 'Finish together', 'Other ways', 'A recipe'];

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
    <TabGroup>
      <TabList aria-label="Looks at the tray" className="flex flex-wrap gap-x-1 border-hairline border-b pt-3">
        {tabs.map((tab) => (
          <Tab
            key={tab}
            className="min-h-11 border-transparent border-b-4 px-3 pt-1 font-display aria-selected:border-ink aria-selected:font-semibold"
          >
            {tab}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        <TabPanel>
          <PictureView
            view={view}
            minutes={minutes}
            names={names}
            chosen={props.chosen}
            onChoose={props.onChoose}
            onMove={props.onMove}
            onFresh={props.onFresh}
          />
        </TabPanel>
        <TabPanel>
          <InsideView view={view} lot={lot} minutes={minutes} name={nameOf(lot)} />
        </TabPanel>
        <TabPanel>
          <CurveView view={view} lot={lot} spoonAt={props.spoonAt} name={nameOf(lot)} />
        </TabPanel>
        <TabPanel>
          <TogetherView view={view} ready={props.ready} onAdopt={(proposal) => props.onAdopt(proposal.plan)} />
        </TabPanel>
        <TabPanel>
          <WaysView
            view={view}
            ways={props.ways}
            ready={props.ready}
            onAdopt={(report) => props.onAdopt(report.plan)}
          />
        </TabPanel>
        <TabPanel>
          <RecipeView view={view} names={nameOf} />
        </TabPanel>
      </TabPanels>
    </TabGroup>
  );
}
