'use client';

import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import { useState, type ReactNode } from 'react';
import { addExtraction } from '@/core/batch/plan';
import { Button } from '@/ui/Button';
import { RunOffs, type RunOffsProps } from './RunOffs';

const TAB =
  'min-h-9 border-b-2 border-transparent px-3 text-small text-quiet data-selected:border-copper data-selected:font-semibold data-selected:text-ink max-lg:min-h-11';

/** Of a stock or broth: what the bones are worth first, and the lanes of what is in the pot. */
export function BrothPlan({
  lanes,
  ...props
}: RunOffsProps & {
  readonly lanes: ReactNode;
}) {
  const { batch, onBatch } = props;
  const more = addExtraction(batch);
  const [tab, setTab] = useState(0);
  const [steps, setSteps] = useState(batch.steps?.length);
  const [items, setItems] = useState(batch.items.length);
  if (items === batch.items.length) {
    if (steps !== batch.steps?.length) setSteps(batch.steps?.length);
  } else {
    // A food just put in appears in its lane; a run's water is no reason to turn away.
    if (batch.items.length > items && batch.steps?.length === steps) setTab(1);
    setItems(batch.items.length);
    setSteps(batch.steps?.length);
  }
  return (
    <TabGroup selectedIndex={tab} onChange={setTab}>
      <div className="flex flex-wrap items-center justify-between gap-x-2 px-3">
        <TabList className="flex">
          <Tab className={TAB}>Broths</Tab>
          <Tab className={TAB}>Lanes</Tab>
        </TabList>
        <div className="flex gap-2">
          <Button look="plain" size="small" disabled={more === batch} onClick={() => onBatch(more)}>
            Use the bones again
          </Button>
        </div>
      </div>
      <TabPanels className="pt-1">
        <TabPanel tabIndex={-1}>
          <RunOffs {...props} />
        </TabPanel>
        <TabPanel tabIndex={-1}>{lanes}</TabPanel>
      </TabPanels>
    </TabGroup>
  );
}
