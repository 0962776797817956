/**
 * The whole application in a test without a browser: every screen at its address, the sample kitchen or another
 * household in it, and hands that find things by their names. Its address, its links and its workers are the
 * replacements in `tsconfig.jest.json`.
 */
import { readFileSync } from 'node:fs';
import { act, cleanup, fireEvent, render, waitFor } from '@testing-library/react';
import { userEvent } from '@testing-library/user-event';
import type { ReactNode } from 'react';
import type { Bundle } from '@/core/batch/schema';
import { BatchesScreen } from '@/screens/batches/BatchesScreen';
import { BenchScreen } from '@/screens/bench/BenchScreen';
import { DeskScreen } from '@/screens/desk/DeskScreen';
import { FirstStart } from '@/screens/household/FirstStart';
import { Nav } from '@/screens/household/Nav';
import { idInPath } from '@/screens/household/path';
import { KitchenScreen } from '@/screens/kitchen/KitchenScreen';
import { LabelsScreen } from '@/screens/larder/LabelsScreen';
import { LarderScreen } from '@/screens/larder/LarderScreen';
import { CookScreen } from '@/screens/log/CookScreen';
import { LogScreen } from '@/screens/log/LogScreen';
import { StoveIndex } from '@/screens/stove/StoveIndex';
import { StoveScreen } from '@/screens/stove/StoveScreen';
import { fixedClock, type FixedClock } from '@/session/clock';
import { ClockContext, PageClockContext } from '@/ui/clock';
import { useApp } from '@/store';
import { useLessons } from '@/ui/learned/lessons';
import { useHousehold } from '@/ui/household';
import { keep } from '@/ui/testing/household';
import { begin, go, here, usePathname } from '@/ui/testing/navigation';

export { here };

export const SAMPLE = JSON.parse(readFileSync('demo/harrow-fell.json', 'utf8')) as Bundle;
/** An afternoon of the sample's week. */
const AFTERNOON = '2026-11-24T16:00:00.000Z';

// Methods of a browser that jsdom lacks.
Object.assign(Element.prototype, {
  scrollIntoView: () => undefined,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
  hasPointerCapture: () => false,
});

const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });

const SCREENS: Readonly<Record<string, (id: string) => ReactNode>> = {
  '': () => <BatchesScreen />,
  desk: () => <DeskScreen />,
  bench: (id) => <BenchScreen key={id} id={id} />,
  stove: (id) => (id ? <StoveScreen key={id} id={id} /> : <StoveIndex />),
  larder: (id) => (id ? <LabelsScreen /> : <LarderScreen />),
  log: (id) => (id ? <CookScreen key={id} id={id} /> : <LogScreen />),
  kitchen: () => <KitchenScreen />,
};

function Places() {
  const path = usePathname();
  useLessons(useHousehold().cooks);
  return (
    <>
      <Nav />
      {SCREENS[path.split('/')[1] ?? '']?.(idInPath(path))}
    </>
  );
}

function Page() {
  return useApp((s) => s.household === null) ? <FirstStart /> : <Places />;
}

let clock: FixedClock = fixedClock(0);

/**
 * Opens a page at a time that stands until `after` moves it.
 *
 * @param household null where none was begun yet
 */
export function visit(path: string, household: Bundle | null = SAMPLE, at = AFTERNOON): void {
  cleanup();
  if (household) keep(household);
  else useApp.setState({ household: null, status: 'new' });
  clock = fixedClock(Date.parse(at));
  begin(path);
  render(
    <PageClockContext value={clock}>
      <ClockContext value={clock}>
        <Page />
      </ClockContext>
    </PageClockContext>,
  );
}

/** Goes to another page of the household that is open. */
export const follow = (path: string): void => act(() => go(path));

/** Minutes pass, and what is worked out of them is drawn. */
export const after = (minutes: number): Promise<void> =>
  act(async () => {
    clock.moveTo(clock.now() + minutes * 60_000);
    await new Promise((done) => setTimeout(done));
  });

const KINDS = {
  button: 'button, [role="button"]',
  link: 'a[href]',
  menuitem: '[role="menuitem"]',
  option: '[role="option"]',
  tab: '[role="tab"]',
  radio: '[role="radio"], input[type="radio"]',
  checkbox: '[role="checkbox"], input[type="checkbox"]',
  switch: '[role="switch"]',
  slider: '[role="slider"], input[type="range"]',
  field: 'input, textarea, select',
  heading: 'h1, h2, h3',
  region: 'section, [role="region"]',
  group: '[role="group"], [role="radiogroup"], fieldset',
  list: 'ul, ol',
  item: 'li',
  table: 'table',
  row: 'tr',
  alert: '[role="alert"]',
  dialog: '[role="dialog"]',
} as const;

export type Kind = keyof typeof KINDS;
type Name = string | RegExp;

const textOf = (node: Element | null | undefined): string =>
  (node?.textContent ?? '').replace(/\s+/g, ' ').trim();

/** Name of an element: its label, its labelling element's text, or its own text. */
function nameOf(node: Element): string {
  const label = node.getAttribute('aria-label');
  if (label !== null) return label;
  const labelled = node.getAttribute('aria-labelledby');
  if (labelled !== null)
    return labelled
      .split(' ')
      .map((id) => textOf(document.getElementById(id)))
      .join(' ');
  if (node instanceof HTMLTableElement && node.caption) return textOf(node.caption);
  const { labels } = node as HTMLInputElement;
  return labels?.length ? [...labels].map(textOf).join(' ') : textOf(node);
}

/** All of a kind that are called so, beneath a sheet that is open too. */
export function all(kind: Kind, name: Name = /./, within: ParentNode = document): Element[] {
  return [...within.querySelectorAll(KINDS[kind])].filter((node) => {
    const called = nameOf(node);
    return typeof name === 'string' ? called === name : name.test(called);
  });
}

/** The first of a kind that is called so and can be reached; null where there is none. */
export function seen(kind: Kind, name?: Name, within?: ParentNode): HTMLElement | null {
  const found = all(kind, name, within).find((node) => !node.closest('[inert]'));
  return (found as HTMLElement | undefined) ?? null;
}

/** The sheet that is open; null where none is. */
export const sheet = (): HTMLElement | null => seen('dialog');

/** By its test id. */
export const marked = (id: string): HTMLElement | null =>
  document.querySelector(`[data-testid="${id}"]`);

/** Waits for what comes. @throws where it does not, and says what stands there */
export function comes<T>(look: () => T | null, what = 'it'): Promise<T> {
  return waitFor(() => {
    const found = look();
    if (found === null) throw new Error(`${what} never came: ${textOf(document.body)}`);
    return found;
  });
}

/** Waits until the page is there. */
export const at = (place: RegExp): Promise<string> =>
  comes(() => (place.test(here()) ? here() : null), String(place));

export const find = (kind: Kind, name?: Name, within?: ParentNode): Promise<HTMLElement> =>
  comes(() => seen(kind, name, within), `${kind} ${String(name)}`);

/** Waits until a thing is there and says so. */
export const says = (look: () => Element | null, what: Name): Promise<void> =>
  waitFor(() => {
    const text = textOf(look());
    if (typeof what === 'string') expect(text).toContain(what);
    else expect(text).toMatch(what);
  });

/** Waits until a thing is gone. */
export const gone = (look: () => unknown): Promise<void> =>
  waitFor(() => expect(look()).toBeNull());

/** Waits until a thing of this kind can be touched, and touches it. */
export async function press(
  name: Name,
  { kind = 'button', within }: { readonly kind?: Kind; readonly within?: ParentNode } = {},
): Promise<void> {
  const ready = (): HTMLElement | null => {
    const node = seen(kind, name, within);
    return node?.matches(':disabled, [aria-disabled="true"]') ? null : node;
  };
  const node = await comes(ready, `${kind} ${String(name)}`);
  // A menu listens to the pointer; what can be dragged as well needs more of a pointer than there is here.
  if (node.hasAttribute('aria-haspopup')) await user.click(node);
  else {
    act(() => node.focus());
    fireEvent.click(node);
  }
}

/** One after the other. */
export async function pressAll(...names: readonly Name[]): Promise<void> {
  for (const name of names) await press(name);
}

/** Takes the keys to a thing. */
export async function focus(kind: Kind, name: Name): Promise<HTMLElement> {
  const node = await find(kind, name);
  act(() => node.focus());
  return node;
}

/** Writes into a field; a slider is let go there. */
export async function fill(label: Name, text: string): Promise<void> {
  const field = await focus('field', label);
  fireEvent.change(field, { target: { value: text } });
  if (field.matches('[type="range"]')) fireEvent.keyUp(field);
}

/** Writes into a field and keeps it by Enter. */
export async function enter(label: Name, text: string): Promise<void> {
  await fill(label, text);
  await keys('{Enter}');
}

/** Says when it is to be on the table, as a cook would. */
export async function serveAt(time: string): Promise<void> {
  await enter('ready at', time);
  await gone(() => document.querySelector('[aria-label="Likely times"]'));
}

/** Chooses what a list of choices calls so. */
export async function choose(label: Name, option: string): Promise<void> {
  await user.selectOptions(await find('field', label), option);
}

/** Keys, as they are named in `{…}`. */
export const keys = (typed: string): Promise<void> => user.keyboard(typed);

/** Hands a file to a field. */
export async function handIn(label: Name, name: string, text: string): Promise<void> {
  const given = Object.assign(new File([text], name), { text: () => Promise.resolve(text) });
  await user.upload(await find('field', label), given);
}

let file: Promise<string> | null = null;
URL.createObjectURL = (given): string => {
  file = new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.readAsText(given as Blob);
  });
  return 'blob:file';
};
URL.revokeObjectURL = (): void => undefined;

/** The text of the file that the page saves next. */
export async function saved(): Promise<string> {
  const text = await comes(() => file, 'a file');
  file = null;
  return text;
}

/** From the batches to a batch with nothing in it. */
export async function beginEmpty(): Promise<void> {
  await press('Plan a batch', { kind: 'link' });
  await press('Begin with an empty pot');
  await at(/^\/bench\//);
}
