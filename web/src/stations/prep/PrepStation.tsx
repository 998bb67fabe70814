import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'wouter';
import { Problem } from '../../api/problem';
import type { PrepView } from '../../api/types';
import { Station } from '../../frame/Station';
import { useUnits } from '../../kitchen/household';
import { usePrep, useSavePrep } from '../../kitchen/prepQueries';
import { prepRequestFrom } from '../../kitchen/prepRequest';
import { useChoices } from '../../kitchen/queries';
import { Tabs } from '../../ui/Tabs';
import { WhyButton } from '../../ui/WhyButton';
import { TrayNames } from '../../words/trayNames';
import { sayMass, type Units } from '../../words/units';
import { BuyView } from './buy/BuyView';
import { CutView } from './cut/CutView';
import { MarinadeView } from './marinade/MarinadeView';
import { MixPage } from './mix/MixPage';
import { OrderView } from './order/OrderView';
import { RecipesView } from './recipes/RecipesView';

/** Everything before the oven, for tonight's tray. */
export function PrepStation({ connected }: { connected: boolean }) {
  const prep = usePrep();
  return (
    <Station room="day" connected={connected}>
      {prep.data ? (
        <Counter view={prep.data} />
      ) : (
        <p className="p-8 text-xl">
          {prep.error instanceof Problem && prep.error.status < 500 && prep.error.status > 0
            ? prep.error.message
            : 'Looking at tonight’s tray…'}
        </p>
      )}
    </Station>
  );
}

function Counter({ view }: { view: PrepView }) {
  const units = useUnits();
  const save = useSavePrep(view.trayId, prepRequestFrom(view.choice));
  const choices = useChoices();
  const [at, setAt] = useState(0);
  const names = choices && new TrayNames(choices);
  return (
    <div className="mx-auto grid max-w-[84rem] grid-cols-1 gap-2 px-5 py-4">
      <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <h1 className="font-semibold text-2xl leading-tight">{view.trayName}</h1>
          <p className="text-ink-soft">{meatWords(view, units)}</p>
        </div>
        <div className="flex items-center gap-2">
          <WhyButton reasons={view.why} />
          <Link
            to="/print"
            className="inline-flex min-h-11 items-center gap-2 rounded-md border border-control-line px-4 leading-tight"
          >
            <Printer aria-hidden className="size-5" />
            The whole plan on paper
          </Link>
        </div>
      </div>
      <Tabs
        label="Work before the oven"
        at={at}
        onChange={setAt}
        tabs={[
          { name: 'Mix', content: <MixPage view={view} save={save} /> },
          { name: 'Order of work', content: <OrderView view={view} save={save} /> },
          { name: 'Cut', content: names && <CutView view={view} names={names} /> },
          { name: 'Marinate', content: <MarinadeView view={view} save={save} /> },
          {
            name: 'Buy and portion',
            content: choices && <BuyView view={view} save={save} cuts={choices.cuts} />,
          },
          {
            name: 'Recipes',
            content: names && <RecipesView view={view} names={names} onDone={() => setAt(0)} />,
          },
        ]}
      />
    </div>
  );
}

function meatWords({ meat }: PrepView, units: Units): string {
  if (meat.pieces === 0) return 'No chicken on the tray yet: put some on, and amounts appear here.';
  return `${meat.pieces} piece${meat.pieces === 1 ? '' : 's'}, ${sayMass(meat.massG, units)}`;
}
