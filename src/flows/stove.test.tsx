/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { act, waitFor } from '@testing-library/react';
import { change } from '@/store';
import {
  after,
  all,
  at,
  comes,
  enter,
  fill,
  find,
  follow,
  gone,
  handIn,
  here,
  keys,
  marked,
  press,
  pressAll,
  SAMPLE,
  saved,
  says,
  seen,
  serveAt,
  sheet,
  visit,
} from './testing/page';

const CHILI = 'Borlotti and venison chili';
const FUMET = 'Fish-frame fumet with fennel';

const title = (name: string): Promise<HTMLElement> => find('heading', name);

async function lockTheLid(batch: string): Promise<void> {
  follow(`/bench/${batch}`);
  await press('Start cooking');
  await at(/^\/stove\//);
  await press('Lid locked');
}

describe('a plan with stops', () => {
  const spite = (): HTMLElement | null => seen('region', 'Cooked despite a warning');

  it('goes on the stove only with a reason, which stays in sight to the log', async () => {
    const batches = SAMPLE.batches.map((batch) =>
      batch.id === 'b4'
        ? {
            ...batch,
            items: [
              ...batch.items,
              { id: 'x1', food: 'water', amount: { value: 1.2, unit: 'l' as const } },
              {
                id: 'x2',
                food: 'whole-chicken',
                amount: { value: 1.6, unit: 'kg' as const },
                startC: -18,
              },
            ],
            steps: [
              {
                id: 's1',
                kind: 'pressure' as const,
                holdMin: 0,
                release: { method: 'quick' as const },
              },
            ],
          }
        : batch,
    );
    visit('/bench/b4', { ...SAMPLE, batches });
    await press('Start cooking');
    await says(sheet, /foam line|fill line/);
    await says(sheet, 'not safe yet');
    expect(seen('button', 'Cook it anyway')?.matches(':disabled')).toBe(true);
    await press('Back to the plan');
    await gone(sheet);
    expect(here()).toBe('/bench/b4');

    await press('Start cooking');
    await fill('Why you cook it anyway', 'water, to show the foam');
    await press('Cook it anyway');
    await at(/^\/stove\//);
    await says(spite, /not safe yet: water, to show the foam/);
    await press('Lid locked');
    await title('Coming to pressure');
    await says(spite, 'not safe yet');
    await pressAll('At pressure', 'Valve opened', 'Pin down', 'Lid off');
    await says(spite, 'not safe yet');
    // Nor is it served without another reason.
    await find('region', 'Do not serve it yet');
    expect(seen('button', 'Write it in the log')).toBeNull();
    await fill('Why you serve it anyway', 'nobody eats it');
    await press('Serve it anyway');
    await says(spite, 'nobody eats it');
    await press('Write it in the log');
    await at(/^\/log\//);
    await says(spite, 'water, to show the foam');
  });

  it('is not asked about unasked: stops that went and came back open nothing', async () => {
    visit('/bench/b4');
    await press('Start cooking');
    await says(sheet, 'Over the foam line');
    const plan = SAMPLE.batches.find(({ id }) => id === 'b4');
    const lentils = SAMPLE.batches.find(({ id }) => id === 'b5');
    if (!plan || !lentils) throw new Error('the sample changed');
    const becomes = (batch: typeof plan): Promise<void> =>
      act(async () => {
        await change((h) => ({
          ...h,
          batches: h.batches.map((b) => (b.id === 'b4' ? batch : b)),
        }));
      });
    // Another tab changes the plan.
    await becomes({ ...plan, items: lentils.items, steps: lentils.steps ?? [] });
    await gone(sheet);
    await becomes(plan);
    await comes(() => marked('call-over-foam-line'));
    expect(sheet()).toBeNull();
  });

  it('without any goes on at once, and says nothing of it', async () => {
    visit('/bench/b5');
    await press('Start cooking');
    await at(/^\/stove\//);
    expect(spite()).toBeNull();
  });
});

describe('a pot', () => {
  it('is cooked by the clock, found again as it was, and stands in the Log', async () => {
    const left = (text: string): Promise<void> => says(() => marked('clock'), text);
    visit('/bench/b5');
    await press('Start cooking');
    await at(/^\/stove\//);
    const pot = here();
    await title('Add the food and lock the lid');
    await find('checkbox', /^4 carrot/);
    await after(2);
    await press('Lid locked');
    await title('Coming to pressure');
    await after(15);
    await press('At pressure');
    await left('4:00');
    await after(1.5);
    await left('2:30');
    // Another page, and back a minute later.
    follow('/log');
    await after(1);
    follow(pot);
    await left('1:30');
    await after(1.52);
    await title('Wait, valve shut');
    await after(10.02);
    await title('Open the valve');
    await says(() => document.body, 'steam scalds');
    await press('Valve opened');
    await after(1);
    await press('Pin down');
    await says(() => document.body, 'Never force the lid');
    // A mark pressed too early is taken back.
    await press('Undo the last mark');
    await title('Wait for the pin to drop');
    await pressAll('Pin down', 'Lid off');
    await title('Serve');
    await says(() => document.body, 'None of this is canning');
    await press('Write it in the log');

    await at(/^\/log\//);
    await says(() => seen('row', /Warm-up/), '15 min');
    const verdict = (): HTMLElement | null => seen('group', 'Verdict on carrot');
    await press(/over$/, { kind: 'radio', within: await comes(verdict) });
    await fill('Note', 'Two minutes less.');
    await pressAll('Hold: less', 'Hold: less', 'Water: more');
    follow('/log');
    await says(() => seen('list', 'Runs'), 'Two minutes less.');
    await press(/Two minutes less/, { kind: 'link' });
    await title('How was it?');
    expect(seen('radio', /over$/, await comes(verdict))?.getAttribute('aria-checked')).toBe('true');
    await pressAll('Cook again with these changes', 'Take it to the Bench');
    await at(/^\/bench\//);
    await find('button', 'hold 2 min, change');
    await says(() => marked('water'), '1.25 L');
  });

  it('has its hold ended by hand, and is found again from the place', async () => {
    visit('/bench/b2');
    await lockTheLid('b2');
    await press('At pressure');
    await after(5);
    await press('Heat off');
    await title('Let the pin drop by itself');
    follow('/stove');
    await title('Let the pin drop by itself');
  });

  it('leads on a cook who presses nothing but the lid', async () => {
    visit('/bench/b5');
    await lockTheLid('b5');
    await after(29);
    // Nobody has seen it at pressure: nothing is opened on a guess.
    await title('Is it at pressure?');
    await after(20);
    await title('Is it at pressure?');
    expect(seen('button', 'Valve opened')).toBeNull();
    await press('The pot’s countdown is over');
    await title('Wait, valve shut');
    await after(11);
    await title('Open the valve');
    await pressAll('Something happened', 'Lid off already');
    await title('Serve');
  });

  it('has its log opened, and what is none is refused in words', async () => {
    visit('/bench/b5');
    await press('Start cooking');
    await press('Marks');
    const field = 'Open a log of the pot (.jsonl)';
    await handIn(field, 'x.jsonl', '{}\nx');
    await says(() => seen('dialog'), 'Line 2 is not JSON.');
    await handIn(field, 'pot-link.jsonl', readFileSync('demo/pot-link.jsonl', 'utf8'));
    await says(() => seen('dialog'), 'Pin down');
    await keys('{Escape}');
    await title('Serve');
  });

  it('is asked what each run gave, at the stove and in the Log', async () => {
    visit('/bench/b2');
    await lockTheLid('b2');
    await pressAll('At pressure', 'Heat off', 'Pin down', 'Lid off');
    await title('Strain');
    const litres = 'Broth 1, L';
    await fill(litres, 'many');
    await says(() => document.body, 'Enter a number from 0 to 100 L');
    await fill(litres, '3.1');
    await pressAll('Done', 'Write it in the log');
    await at(/^\/log\//);
    await title('The broths');
    expect(((await find('field', litres)) as HTMLInputElement).value).toBe('3.1');
    await says(() => document.body, /predicted \d+ g a litre/);
    await press('soft jelly', { kind: 'radio' });
    const path = here();
    follow('/log');
    follow(path);
    const set = await find('radio', 'soft jelly');
    expect(set.getAttribute('aria-checked') ?? String((set as HTMLInputElement).checked)).toBe(
      'true',
    );
  });

  it('is on for one dish alone', async () => {
    visit('/bench/b7', undefined, '2026-11-24T15:00:00Z');
    for (const batch of ['b7', 'b5']) {
      follow(`/bench/${batch}`);
      await serveAt('18:30');
    }
    follow('/');
    await says(() => seen('region', 'The evening'), /both need Big enamel from/);
    follow('/bench/b7');
    await press('Start cooking');
    await at(/^\/stove\//);
    follow('/bench/b5');
    await press('Start cooking');
    await says(() => seen('alert', /Big enamel/), `is in use for ${CHILI}`);
    expect(here()).toBe('/bench/b5');
  });
});

describe('two valves at once', () => {
  const minuteOf = (time: string): number => Number(time.slice(0, 2)) * 60 + Number(time.slice(3));
  const timeOf = (minute: number): string =>
    [Math.floor(minute / 60), minute % 60].map((n) => String(n).padStart(2, '0')).join(':');
  const evening = (): HTMLElement | null => seen('region', 'The evening');

  async function wantedAt(batch: string, time: string): Promise<void> {
    follow(`/bench/${batch}`);
    await serveAt(time);
  }

  /** The moment at which a valve is to be opened, by the timetable of the evening. */
  async function valveOf(dish: string): Promise<string> {
    const list = await find('list', 'Timetable of the evening');
    const row = await comes(
      () =>
        all('item', /Open the valve/, list).find((one) => one.textContent?.includes(dish)) ?? null,
    );
    return row.querySelector('.figure')?.textContent?.trim() ?? '';
  }

  it('are told where an evening is planned, and one touch parts them', async () => {
    visit('/', undefined, '2026-11-24T15:00:00Z');
    await wantedAt('b7', '18:30');
    await wantedAt('b8', '18:30');
    follow('/');
    await says(evening, '2 dishes within a day');
    await press('Timetable for all');
    const [chili, fumet] = [await valveOf(CHILI), await valveOf(FUMET)];
    await press('Into a calendar');
    expect(await saved()).toContain('BEGIN:VCALENDAR');
    await keys('{Escape}');

    // Put on the table so that both are opened in one minute.
    await wantedAt('b8', timeOf(minuteOf('18:30') + minuteOf(chili) - minuteOf(fumet)));
    follow('/');
    await says(evening, /both valves open at \d\d:\d\d/);
    await press(/\d min earlier$/, { within: await comes(evening) });
    await waitFor(() => expect(evening()?.textContent).not.toMatch(/both valves/));
    await says(evening, '2 dishes within a day');
  });
});

describe('two pots and a pan', () => {
  const moves = (): Element | null => seen('list', 'Next moves of all pots');
  const due = (what: string): Promise<true> =>
    comes(() => {
      const list = moves();
      const rows = list ? all('item', /^now/, list) : [];
      return rows.some((row) => row.textContent?.includes(what)) ? true : null;
    }, `now: ${what}`);
  const pots = (): Promise<Element> =>
    comes(() => document.querySelector('nav[aria-label="Pots that are on"]'));
  const to = async (name: string): Promise<void> =>
    press(new RegExp(name), { kind: 'link', within: await pots() });
  /** Minutes pass until a move is due. */
  const until = async (what: string): Promise<void> => {
    for (let minute = 0; minute < 60; minute++) {
      const list = await comes(moves);
      if (all('item', new RegExp(`^now.*${what}`, 'i'), list).length > 0) return;
      await after(1);
    }
    throw new Error(`never due: ${what}`);
  };

  it('one late and one early, and no move is missed', async () => {
    visit('/bench/b7', undefined, '2026-11-24T17:10:00Z');
    await enter('Put in', 'rice apart, 18 min');
    await says(() => seen('list', 'Alongside'), 'rice apart');
    await lockTheLid('b7');
    await after(5);
    await lockTheLid('b8');

    // The chili is predicted at pressure at 17:32, the fumet at 17:40: that one comes early.
    await after(19);
    await title('Coming to pressure');
    await press('At pressure');
    await title('Hold');
    // The other one is late: 17:37.
    await after(3);
    await to(CHILI);
    await press('At pressure');
    await says(moves, 'Open the valve');
    // The fumet's valve, 17:49, while the chili stands large.
    await after(12);
    await due('Open the valve');
    await says(() => seen('link', new RegExp(FUMET)), 'now: Heat off');
    await to(FUMET);
    await pressAll('Heat off', 'Valve opened');
    await after(1);
    await pressAll('Pin down', 'Lid off');
    await after(1);
    await press('Done');
    await title('Serve');
    await press('Write it in the log');
    await at(/^\/log\//);

    // Rice is called, begun, and called again when it is ready.
    follow('/stove');
    await title('Hold');
    await until('Rice apart: begin');
    await press('Begun: rice apart');
    await until('Open the valve');
    await press('Valve opened');
    await after(1);
    await pressAll('Pin down', 'Lid off');
    await until('Rice apart: ready');
    await press('Done: rice apart');
    await gone(() => (/rice apart/i.test(moves()?.textContent ?? '') ? true : null));
    await press('Done');
    await title('Serve');
  });
});
