/** Time between cold and hot: before, between and after heat. */
import { casesOf, hold, plan, step, quick } from '../types';

const W = '1.5 l water';

export const STANDING = [
  ...casesOf('standing-raw', 'danger-zone', [
    [
      'Chicken legs stand 10 h in the pot before heat',
      'stop',
      plan([W, '6 chicken legs'], [step('a', 'prep', 600), hold('s1', 20)]),
    ],
    [
      'Chicken legs are prepared in 30 min',
      'nothing',
      plan([W, '6 chicken legs'], [step('a', 'prep', 30), hold('s1', 20)]),
    ],
    [
      'Lamb neck waits 4 h in the pot for a delayed start',
      'stop',
      plan([W, '1 kg lamb neck, 40 mm pieces'], [step('a', 'rest', 240), hold('s1', 40)]),
    ],
    [
      'Lamb neck waits 45 min in the pot',
      'nothing',
      plan([W, '1 kg lamb neck, 40 mm pieces'], [step('a', 'rest', 45), hold('s1', 40)]),
    ],
    [
      'Raw chicken stands 90 min in a kitchen of 34 °C',
      'stop',
      plan([W, '6 chicken legs'], [step('a', 'prep', 90), hold('s1', 20)], {
        kitchen: { ambientC: 34 },
      }),
    ],
    [
      'Raw chicken stands 40 min in a kitchen of 34 °C',
      'nothing',
      plan([W, '6 chicken legs'], [step('a', 'prep', 40), hold('s1', 20)], {
        kitchen: { ambientC: 34 },
      }),
    ],
    [
      'Fish frames stand 3 h before heat',
      'stop',
      plan([W, '1 kg fish frames'], [step('a', 'rest', 180), hold('s1', 20)]),
    ],
    [
      'Dry beans soak 8 h in the pot',
      'nothing',
      plan([W, '400 g borlotti'], [step('a', 'rest', 480), hold('s1', 30)]),
    ],
    [
      'Frozen beef thaws 5 h in the pot on the counter',
      'stop',
      plan([W, '1 kg stewing beef, frozen, 30 mm cubes'], [step('a', 'rest', 300), hold('s1', 40)]),
    ],
    [
      'Chicken goes in after five hours of stock',
      'nothing',
      plan(
        ['2 l water', '1 kg beef knuckle bones', ['4 chicken thighs', 's2']],
        [hold('s1', 240), hold('s2', 15)],
      ),
    ],
    [
      'Cream stands in the pot 5 h before heat',
      'stop',
      plan([W, '200 ml cream', '500 g potatoes'], [step('a', 'prep', 300), hold('s1', 8)]),
    ],
    [
      'Broth from the fridge stands 5 h before heat',
      'stop',
      plan(['1.5 l broth', '300 g carrots'], [step('a', 'prep', 300), hold('s1', 8)]),
    ],
    [
      'Cut carrots stand 6 h in their water',
      'caught',
      plan([W, '500 g carrots, sliced'], [step('a', 'prep', 360), hold('s1', 8)]),
    ],
    [
      'Salted pork mince stands 3 h',
      'stop',
      plan([W, '500 g minced pork'], [step('a', 'open', 180), hold('s1', 15)]),
    ],
    [
      'Lid locked two hours and a half after the chicken went in',
      'stop',
      {
        kind: 'cook',
        lines: [W, '6 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [
          ['lid-locked', 150],
          ['at-pressure', 165],
        ],
        nowMin: 170,
        asks: 'to the table',
      },
    ],
    [
      'Lid locked ten minutes after the chicken went in, and all went its way',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '6 chicken legs'],
        steps: [hold('s1', 25)],
        marks: [
          ['lid-locked', 10],
          ['at-pressure', 25],
          ['pin-down', 75],
          ['lid-off', 76],
        ],
        nowMin: 80,
        asks: 'to the table',
      },
    ],
  ]),
  ...casesOf('cooling', 'cooling', [
    [
      'Chili left 10 h with the heat off',
      'stop',
      plan(
        [W, '800 g stewing beef, 25 mm cubes'],
        [hold('s1', 35), step('b', 'rest', 600, { keepWarm: false })],
      ),
    ],
    [
      'Soup left 12 h in a pot, nobody said whether it keeps warm',
      'stop',
      plan([W, '800 g stewing beef, 25 mm cubes'], [hold('s1', 35), step('b', 'rest', 720)]),
    ],
    [
      'Soup rests 20 min with the lid on',
      'nothing',
      plan([W, '800 g stewing beef, 25 mm cubes'], [hold('s1', 35), step('b', 'rest', 20)]),
    ],
    [
      'Soup is kept warm by the pot for 3 h',
      'nothing',
      plan(
        [W, '800 g stewing beef, 25 mm cubes'],
        [hold('s1', 35), step('b', 'rest', 180, { keepWarm: true })],
      ),
    ],
    [
      'A stovetop pot cannot keep anything warm for 12 h',
      'stop',
      plan(
        [W, '800 g stewing beef, 25 mm cubes'],
        [hold('s1', 35), step('b', 'rest', 720, { keepWarm: true })],
        { pot: 'hob' },
      ),
    ],
    [
      'Broth stands open 8 h between two boils',
      'stop',
      plan(
        [W, '1 kg beef knuckle bones'],
        [hold('s1', 120), step('b', 'open', 480), step('c', 'simmer', 10)],
      ),
    ],
    [
      'Broth stands open 20 min between two boils',
      'nothing',
      plan(
        [W, '1 kg beef knuckle bones'],
        [hold('s1', 120), step('b', 'open', 20), step('c', 'simmer', 10)],
      ),
    ],
    [
      'Beans stand lukewarm for 10 h, then chicken goes in and is boiled',
      'stop',
      plan(
        [W, '300 g borlotti, soaked', ['4 chicken thighs', 'c']],
        [hold('s1', 30), step('b', 'rest', 600), step('c', 'simmer', 25)],
      ),
    ],
    [
      'It is cooled in a step of its own',
      'nothing',
      plan(
        [W, '1 kg beef knuckle bones'],
        [hold('s1', 120), step('b', 'strain', 5), step('c', 'cool', 120)],
      ),
    ],
    [
      'Shallow pans, 15 °C after 100 min, 4 °C after 5 h',
      'nothing',
      {
        kind: 'cool',
        way: 'pans',
        litres: 1.5,
        readings: [
          [100, 15],
          [300, 4],
        ],
        nowMin: 305,
      },
    ],
    [
      'Shallow pans, still 30 °C after 150 min',
      'stop',
      { kind: 'cool', way: 'pans', litres: 1.5, readings: [[150, 30]], nowMin: 155 },
    ],
    [
      'Ice bath, 8 °C after 7 h',
      'stop',
      { kind: 'cool', way: 'ice', litres: 2, readings: [[420, 8]], nowMin: 425 },
    ],
    [
      'Jars in water, 18 °C after 90 min',
      'nothing',
      { kind: 'cool', way: 'jars', litres: 2, readings: [[90, 18]], nowMin: 100 },
    ],
    [
      'Left in the pot overnight, off',
      'stop',
      { kind: 'cool', way: 'pot-base', litres: 3, readings: [], nowMin: 600 },
    ],
    [
      'A stew boiled up twice a day for two days',
      'stop',
      { kind: 'cool', way: 'twice-a-day', litres: 3, readings: [], nowMin: 700 },
    ],
    [
      '57 to 21 °C in 90 min, then 4 h more to 5 °C',
      'nothing',
      {
        kind: 'history',
        raw: false,
        spans: [
          [60, 100, 100],
          [90, 21, 57],
          [240, 5, 21],
          [600, 3, 5],
        ],
      },
    ],
    [
      '57 to 21 °C in 150 min',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [60, 100, 100],
          [150, 22, 57],
          [60, 5, 21],
        ],
      },
    ],
    [
      '21 °C in 60 min, then 6 h more above 5 °C',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [60, 100, 100],
          [60, 21, 57],
          [360, 6, 21],
        ],
      },
    ],
    [
      '1 h lukewarm, boiled again, 1 h lukewarm, cold in 4 h',
      'nothing',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [60, 30, 57],
          [10, 95, 100],
          [60, 21, 57],
          [180, 5, 21],
          [60, 3, 4],
        ],
      },
    ],
    [
      'Two hours at 40 °C, a chill to 3 °C, two hours at 40 °C',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [70, 30, 57],
          [30, 5, 21],
          [120, 3, 4],
          [70, 30, 40],
        ],
      },
    ],
    [
      'Frozen between two stretches of 80 min at 30 °C',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [80, 25, 57],
          [6000, -18, -18],
          [80, 25, 30],
        ],
      },
    ],
  ]),
  ...casesOf('hot-holding', 'hot-holding', [
    [
      'Keep-warm, 45 °C read at 3 h',
      'stop',
      { kind: 'cool', way: 'keep-warm', litres: 3, readings: [[180, 45]], nowMin: 185 },
    ],
    [
      'Keep-warm, 65 °C read at 3 h',
      'nothing',
      { kind: 'cool', way: 'keep-warm', litres: 3, readings: [[180, 65]], nowMin: 185 },
    ],
    [
      'Keep-warm, 57 °C read at 6 h',
      'nothing',
      {
        kind: 'cool',
        way: 'keep-warm',
        litres: 3,
        readings: [
          [60, 70],
          [360, 57],
        ],
        nowMin: 365,
      },
    ],
    [
      'Keep-warm, 50 °C at 2 h and 62 °C at 5 h',
      'stop',
      {
        kind: 'cool',
        way: 'keep-warm',
        litres: 3,
        readings: [
          [120, 50],
          [300, 62],
        ],
        nowMin: 310,
      },
    ],
    [
      'Held at 58 °C for 10 h',
      'nothing',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [600, 58, 62],
        ],
      },
    ],
    [
      'Held at 52 °C for 3 h',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [180, 52, 56],
        ],
      },
    ],
  ]),
  ...casesOf('toxin', 'toxin', [
    [
      'Rice soup 5 h at 28 °C, then boiled for 20 min',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [300, 25, 30],
          [20, 100, 100],
        ],
      },
    ],
    [
      'Raw chicken 8 h at 20 °C, then cooked under pressure',
      'stop',
      {
        kind: 'history',
        raw: true,
        spans: [
          [480, 5, 20],
          [40, 100, 116],
        ],
      },
    ],
    [
      'Raw chicken 60 min at 20 °C, then cooked',
      'nothing',
      {
        kind: 'history',
        raw: true,
        spans: [
          [60, 5, 20],
          [40, 100, 116],
        ],
      },
    ],
    [
      'A pot that stood lukewarm 10 h is boiled in the plan',
      'stop',
      plan(
        [W, '300 g white rice', '500 g chicken thighs'],
        [hold('s1', 15), step('b', 'rest', 600, { keepWarm: false }), step('c', 'simmer', 30)],
      ),
    ],
    [
      'Food that was lost stays lost in the freezer',
      'stop',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [400, 20, 40],
          [20000, -18, -18],
          [20, 100, 100],
        ],
      },
    ],
    [
      'Cooled in time and boiled again',
      'nothing',
      {
        kind: 'history',
        raw: false,
        spans: [
          [30, 100, 100],
          [60, 21, 57],
          [200, 5, 21],
          [2000, 3, 4],
          [20, 100, 100],
        ],
      },
    ],
  ]),
  ...casesOf('reheating', 'reheating', [
    [
      'Frozen stock goes in at a rest and is never hot again',
      'stop',
      plan(
        ['1 l water', '500 g stewing beef, 25 mm cubes', ['1.5 l broth, frozen', 'b']],
        [hold('s1', 35), step('b', 'rest', 30, { keepWarm: false })],
      ),
    ],
    [
      'Stock from the fridge goes in at a simmer of 10 min',
      'nothing',
      plan(
        ['1 l water', '500 g stewing beef, 25 mm cubes', ['0.5 l broth', 'b']],
        [hold('s1', 35), step('b', 'simmer', 10)],
      ),
    ],
    [
      'A cupful of cold broth goes in as the pot is opened',
      'nothing',
      plan(
        ['2 l water', '800 g stewing beef, 25 mm cubes', ['100 ml broth', 'b']],
        [hold('s1', 35, quick), step('b', 'open', 3)],
      ),
    ],
    [
      'Two litres of cold broth go in as the pot is opened',
      'stop',
      plan(
        ['0.8 l water', '500 g stewing beef, 25 mm cubes', ['2 l broth', 'b']],
        [hold('s1', 35, quick), step('b', 'open', 3)],
      ),
    ],
  ]),
];
