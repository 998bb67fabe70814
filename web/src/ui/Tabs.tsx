import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { ReactNode } from 'react';

/** Several looks at the same thing, one at a time. */
export function Tabs(props: {
  label: string;
  tabs: readonly { name: string; content: ReactNode }[];
  at?: number;
  onChange?: (at: number) => void;
}) {
  const controlled = props.at === undefined ? {} : { selectedIndex: props.at };
  return (
    <TabGroup {...controlled} {...(props.onChange ? { onChange: props.onChange } : {})}>
      <TabList aria-label={props.label} className="flex flex-wrap gap-x-1 border-hairline border-b pt-3">
        {props.tabs.map((tab) => (
          <Tab
            key={tab.name}
            className="min-h-11 border-transparent border-b-4 px-3 pt-1 font-display aria-selected:border-ink aria-selected:font-semibold"
          >
            {tab.name}
          </Tab>
        ))}
      </TabList>
      <TabPanels>
        {props.tabs.map((tab) => (
          <TabPanel key={tab.name}>{tab.content}</TabPanel>
        ))}
      </TabPanels>
    </TabGroup>
  );
}
