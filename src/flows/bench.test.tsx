/** @jest-environment jsdom */
import 'fake-indexeddb/auto';
import {
  all,
  beginEmpty,
  choose,
  comes,
  enter,
  fill,
  find,
  focus,
  follow,
  gone,
  keys,
  marked,
  press,
  pressAll,
  says,
  seen,
  sheet,
  visit,
} from './testing/page';
import { kept } from '@/ui/testing/household';

const readings = (): Element | null => document.querySelector('[aria-label="Answers"]');
const figures = (): Element | null => document.querySelector('[aria-label="Figures"]');
const by = (id: string) => (): HTMLElement | null => marked(id);

const nameNow = (): string =>
  (seen('field', 'Name of the batch') as HTMLInputElement | null)?.value ?? '';

async function fromMore(item: string): Promise<void> {
  await press('More');
  await press(item, { kind: 'menuitem' });
}

describe('what goes in', () => {
  it('is corrected in place; wrong input is said beside the field', async () => {
    visit('/bench/b1');
    await press(/lamb neck/, { within: await comes(by('lane-lamb-neck')) });
    await fill('Amount', '-3');
    await press('Keep');
    await says(() => seen('alert', undefined, sheet() ?? document), 'Enter a number above 0');
    await fill('Amount', '1.1');
    await choose('Unit', 'kg');
    await choose('Goes in', 'frozen');
    await press('Keep');
    await gone(sheet);
    await says(by('lane-lamb-neck'), '1.1 kg, 40 mm, frozen');
  });

  it('is no food where no table has it, and a list is taken whole', async () => {
    visit('/bench/b8');
    // A stock shows its broths first; what is put in turns to the lanes.
    await comes(by('run-1'));
    await fill('Put in', '1 unicorn');
    await find('alert', /I do not know this food/);
    expect((seen('button', 'Add') as HTMLButtonElement).disabled).toBe(true);
    await fill('Put in', '2 parsnips, 20 mm pieces\n1 unicorn\n3 cloves garlic');
    await press('Add');
    await comes(by('lane-parsnip'));
    await comes(by('lane-garlic'));
    expect((await find('field', 'Put in')) as HTMLInputElement).toHaveProperty(
      'value',
      '1 unicorn',
    );
  });

  it('has its cut and its temperature changed on its lane', async () => {
    visit('/bench/b1');
    const lane = by('lane-carrot');
    await press(/^Wish, cut and temperature of carrot/);
    await press('carrot, frozen', { kind: 'switch' });
    await says(lane, 'frozen');
    await fill('Cut of carrot', '31');
    await says(lane, '31 mm');
    await keys('{Escape}');
    await press('Undo');
    await says(lane, '30 mm');
  });
});

describe('steps', () => {
  it('are changed, added and left out', async () => {
    visit('/bench/b1');
    await press('hold 20 min, change');
    await fill('Hold, minutes', 'many');
    await press('Keep');
    await says(
      () => seen('alert', undefined, sheet() ?? document),
      'Enter a number from 0 to 600 min',
    );
    await fill('Hold, minutes', '31');
    await choose('Release', 'natural');
    await press('Keep');
    await find('button', 'hold 31 min, change');
    await press('Add a step');
    await choose('What', 'rest');
    await press('Add it');
    await press('rest 10 min, change');
    await press('Leave this step out');
    await gone(() => seen('button', 'rest 10 min, change'));
  });

  it('keep their bursts under the hand', async () => {
    visit('/bench/b1');
    await press('hold 20 min, change');
    await choose('Release', 'pulsed');
    await fill('Wait before it, minutes', 'none');
    await press('Keep');
    await find('alert', undefined, sheet() ?? document);
    await fill('Wait before it, minutes', '2');
    await press('Keep');
    const valve = (): string | null =>
      seen('slider', 'Valve opens')?.getAttribute('aria-valuetext') ?? null;
    await comes(() => (valve()?.includes('in bursts') ? true : null));
    await focus('slider', 'Valve opens');
    await keys('{ArrowRight}');
    await comes(() =>
      seen('slider', 'Valve opens')?.getAttribute('aria-valuenow') === '3' ? true : null,
    );
    expect(valve()).toContain('in bursts');
    await comes(() => {
      const [step] = kept().batches.find(({ id }) => id === 'b1')?.steps ?? [];
      return step?.kind === 'pressure' && step.release?.method === 'pulsed' ? step : null;
    });
  });
});

describe('when it is on the table', () => {
  it('is typed as it is said, touched, or left open', async () => {
    visit('/bench/b1', undefined, '2026-11-24T14:30:00Z');
    const field = (value: string) => (): HTMLElement | null => {
      const found = seen('field', 'ready at') as HTMLInputElement | null;
      return found?.value === value ? found : null;
    };
    await enter('ready at', 'tonight 7');
    await comes(field('19:00'));
    await fill('ready at', 'tomorrow noon');
    await says(() => document.body, 'tomorrow 12:00');
    await keys('{Enter}');
    await comes(field('Wed 25 Nov 12:00'));
    await enter('ready at', 'whenever');
    await says(() => document.body, 'That is not a time still to come');
    await press('18:30');
    await comes(field('18:30'));
    await press('ready at', { kind: 'field' });
    await fill('another day', '2026-12-24T18:00');
    await keys('{Escape}');
    await comes(field('Thu 24 Dec 18:00'));
    await press('ready at', { kind: 'field' });
    await press('no time');
    await comes(field(''));
  });
});

describe('how full, and when', () => {
  it('is five moments to touch, the fullest marked', async () => {
    visit('/bench/b1');
    const strip = await find('group', 'How full, and when');
    expect(all('button', undefined, strip)).toHaveLength(5);
    await says(() => seen('button', /fullest/, strip), 'valve');
    await press(/hold end/, { within: strip });
    await says(by('moment'), 'hold');
    await says(by('moment'), '115 °C');
    await press(/hold end/, { within: strip });
    await says(by('moment'), 'As it starts');
  });
});

describe('calls', () => {
  it('are put by with a reason, and taken up again', async () => {
    visit('/bench/b1');
    const call = by('call-noodles-drink');
    await press(/^Dismiss/, { within: await comes(call) });
    await fill('Why you dismiss it', 'eaten at once');
    await press('Keep', { within: await comes(call) });
    await gone(call);
    // The reason is kept with the batch.
    follow('/');
    follow('/bench/b1');
    await says(() => document.body, '“eaten at once”');
    await press(/^Bring back/);
    await comes(call);
  });

  it('of a full pot of peas: what the valve does, and one touch mends it', async () => {
    visit('/bench/b4');
    const spray = by('call-spray-risk');
    await says(spray, /liquid comes out/);
    await says(figures, /wait at least|short bursts/);
    await says(() => document.body, /One change fixes \d/);
    await press('hold 25 min, change');
    const ways = await find('table', 'Ways to release the pressure');
    const rows = all('row', undefined, ways);
    await says(() => rows[1] ?? null, /at once.*spits \d in 10/);
    await says(() => rows.at(-1) ?? null, /let it drop.*shut/);
    await press('Cancel');

    // A remedy has been tried: what it says comes true.
    const first = await find('button', /^Wait \d+ min first/);
    const promised = /(\d+) min in all/.exec(first.textContent ?? '')?.[1];
    await press(/^Wait \d+ min first/);
    await gone(spray);
    await says(readings, `${promised} min`);
    await press('Undo');
    await comes(spray);
  });
});

describe('the order', () => {
  it('is found, taken, and undone', async () => {
    visit('/bench/b4');
    await comes(by('call-undercooked'));
    await press('Fix the timing for me');
    await choose('Open the lid in between', '0');
    await press('Find a timing');
    await says(by('proposal'), 'proposed');
    await press('Take it');
    await gone(sheet);
    await gone(by('call-undercooked'));
    await gone(by('call-overcooked'));
    await press('Undo');
    await comes(by('call-undercooked'));
  });
});

describe('a first batch', () => {
  it('is planned in the pot that is chosen, and a call’s remedy clears it', async () => {
    visit('/');
    await beginEmpty();
    await says(() => document.body, 'Nothing in the pot yet');
    await enter('Name of the batch', 'Split pea, tried out');
    await press(/^Pot:/);
    await press(/Hob cooker/, { kind: 'option' });
    await press('Pot: Hob cooker');
    await press(/Big enamel/, { kind: 'option' });
    await fill(
      'Put in',
      '600 g split peas\n1 smoked turkey wing\n3 carrots, 20 mm pieces\n1 onion, diced\n2 bay leaves\n2.4 l water',
    );
    await press('Add');
    const call = by('call-over-foam-line');
    await says(call, 'over the foam line');
    await says(readings, 'no');
    await press('why', { within: await comes(call) });
    await says(call, 'manual always wins');
    await press(/^Use .* of water in all/, { within: await find('list', 'Open warnings') });
    await gone(call);
    await says(readings, 'yes');
  });

  it('goes from nothing to a plan for half past six', async () => {
    visit('/');
    await beginEmpty();
    await enter('Name of the batch', 'Lamb neck, barley and leek, tonight');
    await fill('Servings', '6');
    await fill(
      'Put in',
      '900 g lamb neck, 40 mm pieces\n120 g pearl barley\n2 onions, diced\n2 leeks, 15 mm rings\n2 bay leaves\n2 tsp salt\n1.4 l water',
    );
    await press('Add');
    await enter('ready at', '18:30');
    await comes(by('call-undercooked'));
    await pressAll('Fix the timing for me', 'Find a timing', 'Take it');
    await gone(by('call-undercooked'));
    await gone(by('call-overcooked'));
    await says(readings, 'yes');
    for (const lane of ['lamb-neck', 'pearl-barley']) await says(by(`lane-${lane}`), 'tender');
    await says(by('lane-leek'), 'very soft');
  });
});

describe('what no table has', () => {
  it('is made one of my foods, known by its name, changed, and cooked', async () => {
    visit('/bench/b5');
    await fill('Put in', '4 skirrets, halved');
    await find('alert', /I do not know this food/);
    await enter('skirrets cooks like', 'parsnip, 60 g a piece');
    await says(() => seen('list', 'As understood'), 'skirrets · like parsnip · 4 · 240 g');
    await press('Add');
    await says(by('lane-skirrets'), 'skirrets');

    // From here on its name is enough, and the kitchen knows it.
    await fill('Put in', '2 skirrets');
    await says(() => seen('list', 'As understood'), 'like parsnip · 2');
    await fill('Put in', '');
    follow('/kitchen');
    await says(by('food-skirret'), 'like parsnip, 60 g a piece · in 1 plan');
    await press('Change skirrets');
    await fill('It cooks', 'like parsnip, 90 g a piece, gives juice');
    await press('Keep');
    await says(by('food-skirret'), '90 g a piece, shrinks to 0.8');
    expect(kept().foods).toContainEqual(
      expect.objectContaining({ name: 'skirrets', like: 'parsnip' }),
    );

    follow('/bench/b5');
    await says(by('lane-skirrets'), 'skirrets');
    await press('Start cooking');
    await find('heading', 'Add the food and lock the lid');
    await says(() => document.querySelector('main'), 'skirrets');
  });
});

describe('a school', () => {
  it('is chosen, becomes the habit, and is kept by the next batch', async () => {
    visit('/bench/b6');
    await fromMore('Our habits');
    await press(/^apart/, { kind: 'radio' });
    await press('Noodles and pasta: remember as our habit', { kind: 'checkbox' });
    await says(sheet, 'our habit');
    await press('Done');
    await says(by('lane-ditalini'), 'cooked separately');
    follow('/');
    await beginEmpty();
    await enter('Put in', '200 g ditalini');
    await says(by('lane-ditalini'), 'cooked separately');
  });
});

describe('bones', () => {
  it('are run again, and poultry is refused', async () => {
    visit('/bench/b2');
    await says(by('advice'), 'No further broth: turkey frame');
    await press('Use the bones again');
    await comes(by('run-2'));
    const call = by('call-bones-spent');
    await says(call, 'splinters');
    await press(/^Stop after the first broth/);
    await gone(by('run-2'));
    await gone(call);

    follow('/bench/b3');
    await press('Leave out broth 2 and later ones');
    await gone(by('run-2'));
    await says(by('blend'), 'in the glass');
    await press('Use the bones again');
    await comes(by('run-2'));
    await says(by('blend'), 'all poured together');
  });

  it('are run as often as what is wanted asks for', async () => {
    visit('/bench/b3');
    await press('How many broths?');
    await fill('Hours you have', 'soon');
    await press('Find it');
    await says(sheet, 'Enter a number from 0.25 to 48 hours, or nothing');
    await fill('Hours you have', '');
    await choose('When cold, it', 'soft set');
    await press('Find it');
    const options = await comes(by('run-options'));
    expect(all('radio', undefined, options)).toHaveLength(2);
    await says(() => options, '2 broths at most');
    const [, second] = all('radio', undefined, options) as HTMLElement[];
    second?.click();
    await press('Take it');
    await gone(by('run-3'));
    await comes(by('run-2'));
    await says(by('blend-set'), 'soft jelly');
    await says(() => document.body, 'bones a litre of soft jelly');
  });
});

describe('a batch that is too much', () => {
  it('is split in two', async () => {
    visit('/bench/b1');
    await fromMore('Scale, move or split it');
    await says(sheet, /fits,/);
    await press('in two batches', { kind: 'radio' });
    await press('Take it');
    await comes(() => (/first half$/.test(nameNow()) ? true : null));
    follow('/');
    await find('link', /second half/);
  });
});

describe('the keys', () => {
  it('open what they say', async () => {
    visit('/bench/b1');
    await comes(by('lane-leek'));
    await keys('?');
    await says(sheet, 'fix the timing');
    await keys('{Escape}');
    await gone(sheet);
    await keys('f');
    await says(sheet, 'Leave in place');
    await keys('{Escape}');
    await gone(sheet);
    await keys('a');
    expect(document.activeElement).toBe(seen('field', 'Put in'));
  });
});
