/** Lid, valve, lines, fat and spirits; and what is offered while it cooks. */
import { casesOf, hold, plan, quick, step } from '../types';

const W = '1.5 l water';

export const POT_CASES = [
  ...casesOf('valve', 'never-quick', [
    [
      'Split peas and a quick release',
      'caught',
      plan([W, '400 g split peas'], [hold('s1', 12, quick)]),
    ],
    [
      'Split peas, the pin drops by itself',
      'nothing',
      plan([W, '400 g split peas'], [hold('s1', 12)]),
    ],
    [
      'Split peas, opened in bursts',
      'caught',
      plan([W, '400 g split peas'], [hold('s1', 12, { method: 'pulsed' })]),
    ],
    [
      'Rolled oats and a quick release',
      'caught',
      plan([W, '250 g rolled oats'], [hold('s1', 4, quick)]),
    ],
    [
      'Pearl barley and a quick release',
      'caught',
      plan(['2 l water', '250 g pearl barley'], [hold('s1', 20, quick)]),
    ],
    [
      'Pearl barley, the pin drops by itself',
      'nothing',
      plan(['2 l water', '150 g pearl barley'], [hold('s1', 20)]),
    ],
    [
      'Macaroni under pressure and a quick release',
      'caught',
      plan([W, '300 g short pasta'], [hold('s1', 4, quick)]),
    ],
    [
      'Macaroni in the open pot',
      'nothing',
      plan(
        [W, '400 g carrots', ['200 g short pasta', 'b']],
        [hold('s1', 6, quick), step('b', 'simmer', 9)],
      ),
    ],
    [
      'Apple sauce under pressure and a quick release',
      'caught',
      plan(['0.5 l water', '1 kg apple sauce'], [hold('s1', 5, quick)]),
    ],
    [
      'Rhubarb under pressure and a quick release',
      'caught',
      plan(['0.5 l water', '1 kg rhubarb'], [hold('s1', 3, quick)]),
    ],
    [
      'Cranberries under pressure and a quick release',
      'caught',
      plan(['0.5 l water', '800 g cranberries'], [hold('s1', 3, quick)]),
    ],
    [
      'A clear stock of two litres and a quick release',
      'nothing',
      plan(['2 l water', '1 kg beef knuckle bones'], [hold('s1', 60, quick)]),
    ],
    [
      'Oats, and cold water over the lid of a stovetop pot',
      'caught',
      plan([W, '250 g rolled oats'], [hold('s1', 4, { method: 'coldwater' })], { pot: 'hob' }),
    ],
    [
      'A food called yellow split peas, like carrot, and a quick release',
      'caught',
      plan([W, '400 g yellow split peas like carrot'], [hold('s1', 8, quick)]),
    ],
  ]),
  ...casesOf('fill', 'fill-lines', [
    [
      'Four litres of water and bones in a pot of 5.7 l',
      'stop',
      plan(['4 l water', '800 g beef knuckle bones'], [hold('s1', 60)]),
    ],
    [
      'Two litres of water and bones in a pot of 5.7 l',
      'nothing',
      plan(['2 l water', '800 g beef knuckle bones'], [hold('s1', 60)]),
    ],
    [
      'Lentils and water over half',
      'stop',
      plan(['3 l water', '500 g red lentils'], [hold('s1', 8)]),
    ],
    [
      'Lentils and water under half',
      'nothing',
      plan(['1.6 l water', '300 g red lentils'], [hold('s1', 8)]),
    ],
  ]),
  ...casesOf('fat', 'fat', [
    [
      '600 ml of oil and chicken under pressure',
      'never',
      plan(['600 ml olive oil', '4 chicken thighs'], [hold('s1', 10)]),
    ],
    [
      'A litre of oil in a litre of water',
      'never',
      plan(['1 l water', '1 l olive oil', '500 g potatoes'], [hold('s1', 10)]),
    ],
    [
      '2 tbsp of oil in 1.5 l',
      'nothing',
      plan([W, '2 tbsp olive oil', '500 g potatoes'], [hold('s1', 8)]),
    ],
    [
      '200 ml of oil in 1.5 l',
      'stop',
      plan([W, '200 ml olive oil', '500 g potatoes'], [hold('s1', 8)]),
    ],
    [
      '500 g of lard and pork under pressure',
      'never',
      plan(['500 g lard', '1 kg pork shoulder, 40 mm cubes'], [hold('s1', 40)]),
    ],
    [
      '50 g of butter to soften onions',
      'nothing',
      plan(['50 g butter', '2 onions', [W, 's1']], [step('a', 'saute', 8), hold('s1', 8)]),
    ],
  ]),
  ...casesOf('spirits', 'spirits', [
    [
      'Half a litre of brandy in 1.5 l',
      'stop',
      plan([W, '500 ml brandy', '800 g stewing beef, 30 mm cubes'], [hold('s1', 35)]),
    ],
    [
      '2 tbsp of brandy in 2 l',
      'nothing',
      plan(['2 l water', '2 tbsp brandy', '800 g stewing beef, 30 mm cubes'], [hold('s1', 35)]),
    ],
    [
      '300 ml of wine in 1.5 l',
      'nothing',
      plan([W, '300 ml wine', '800 g stewing beef, 30 mm cubes'], [hold('s1', 35)]),
    ],
    [
      '200 ml of rum flamed in the open pot',
      'stop',
      plan(
        ['500 ml water', '200 ml rum', '800 g stewing beef, 30 mm cubes'],
        [step('a', 'saute', 8), hold('s1', 35)],
      ),
    ],
  ]),
  ...casesOf('fizzy', 'fizzy', [
    [
      'A litre of cola under pressure',
      'caught',
      plan(['1 l cola', '1 kg pork shoulder, 40 mm cubes'], [hold('s1', 40)]),
    ],
    [
      'A litre of lemonade under pressure',
      'caught',
      plan(['1 l lemonade', '1 kg pork shoulder, 40 mm cubes'], [hold('s1', 40)]),
    ],
    [
      'A litre of apple juice under pressure',
      'nothing',
      plan(['1 l apple juice', '1 kg pork shoulder, 40 mm cubes'], [hold('s1', 40)]),
    ],
    [
      'Sparkling water for stock',
      'caught',
      plan(['1.5 l sparkling water', '1 kg beef knuckle bones'], [hold('s1', 60)]),
    ],
  ]),
  ...casesOf('lid', 'under-the-lid', [
    ['Cream under the lid', 'caught', plan([W, '300 ml cream', '500 g potatoes'], [hold('s1', 8)])],
    [
      'Cream stirred in after opening',
      'nothing',
      plan([W, '500 g potatoes', ['200 ml cream', 'b']], [hold('s1', 8), step('b', 'simmer', 2)]),
    ],
    [
      '60 g of starch under the lid',
      'caught',
      plan([W, '60 g starch', '500 g potatoes'], [hold('s1', 8)]),
    ],
    [
      'Grated cheese under the lid',
      'caught',
      plan([W, '200 g hard cheese', '500 g potatoes'], [hold('s1', 8)]),
    ],
    [
      'The lid goes on again over cream, starch and macaroni',
      'caught',
      {
        kind: 'offer',
        before: {
          lines: [
            W,
            '500 g potatoes',
            ['200 ml cream', 'b'],
            ['30 g starch', 'b'],
            ['200 g short pasta', 'b'],
          ],
          steps: [hold('s1', 6, quick), step('b', 'simmer', 5)],
        },
        after: {
          lines: [
            W,
            '500 g potatoes',
            ['200 ml cream', 'b'],
            ['30 g starch', 'b'],
            ['200 g short pasta', 'b'],
          ],
          steps: [hold('s1', 6, quick), step('b', 'simmer', 5), hold('s2', 6, quick)],
        },
      },
    ],
    [
      'The lid goes on again over macaroni, and the pin drops by itself',
      'caught',
      {
        kind: 'offer',
        before: {
          lines: [W, '500 g potatoes', ['200 g short pasta', 'b']],
          steps: [hold('s1', 6, quick), step('b', 'simmer', 5)],
        },
        after: {
          lines: [W, '500 g potatoes', ['200 g short pasta', 'b']],
          steps: [hold('s1', 6, quick), step('b', 'simmer', 5), hold('s2', 6)],
        },
      },
    ],
    [
      'The lid goes on again over potatoes and water',
      'nothing',
      {
        kind: 'offer',
        before: {
          lines: [W, '500 g potatoes'],
          steps: [hold('s1', 2, quick), step('b', 'open', 3)],
        },
        after: {
          lines: [W, '500 g potatoes'],
          steps: [hold('s1', 2, quick), step('b', 'open', 3), hold('s2', 4, quick)],
        },
      },
    ],
  ]),
  ...casesOf('centre', 'offers', [
    [
      'A hold is made 7 min shorter because it is late, and the chicken is not done',
      'caught',
      {
        kind: 'offer',
        before: { lines: [W, '1.6 kg whole chicken'], steps: [hold('s1', 24, quick)] },
        after: { lines: [W, '1.6 kg whole chicken'], steps: [hold('s1', 2, quick)] },
      },
    ],
    [
      'A hold is made longer',
      'nothing',
      {
        kind: 'offer',
        before: { lines: [W, '4 chicken legs'], steps: [hold('s1', 15)] },
        after: { lines: [W, '4 chicken legs'], steps: [hold('s1', 22)] },
      },
    ],
    [
      'Chicken goes in for the last minute',
      'caught',
      {
        kind: 'offer',
        before: { lines: [W, '4 chicken legs'], steps: [hold('s1', 15), step('b', 'simmer', 1)] },
        after: {
          lines: [W, ['4 chicken legs', 'b']],
          steps: [hold('s1', 15), step('b', 'simmer', 1)],
        },
      },
    ],
  ]),
  ...casesOf('valve', 'offers', [
    [
      'The valve is opened at once on split peas, since it is late',
      'caught',
      {
        kind: 'offer',
        before: {
          lines: ['2 l water', '800 g split peas'],
          steps: [hold('s1', 15, { method: 'timed', afterMin: 36 })],
        },
        after: { lines: ['2 l water', '800 g split peas'], steps: [hold('s1', 15, quick)] },
      },
    ],
    [
      'The valve is opened at once on a clear stock',
      'nothing',
      {
        kind: 'offer',
        before: {
          lines: ['2 l water', '1 kg beef knuckle bones'],
          steps: [hold('s1', 60, { method: 'timed', afterMin: 15 })],
        },
        after: { lines: ['2 l water', '1 kg beef knuckle bones'], steps: [hold('s1', 60, quick)] },
      },
    ],
  ]),
  ...casesOf('fill', 'offers', [
    [
      'More water takes it over the line',
      'caught',
      {
        kind: 'offer',
        before: { lines: ['2 l water', '500 g potatoes'], steps: [hold('s1', 8)] },
        after: { lines: ['4.5 l water', '500 g potatoes'], steps: [hold('s1', 8)] },
      },
    ],
  ]),
  ...casesOf('lectin', 'offers', [
    [
      'Beans are held 2 min and simmered on for 3',
      'caught',
      {
        kind: 'offer',
        before: { lines: [W, '300 g red kidney beans, soaked'], steps: [hold('s1', 25)] },
        after: {
          lines: [W, '300 g red kidney beans, soaked'],
          steps: [hold('s1', 0, quick), step('b', 'simmer', 3)],
        },
      },
    ],
  ]),
  ...casesOf('cooling', 'offers', [
    [
      'Keep-warm is switched off for a rest of 10 h',
      'caught',
      {
        kind: 'offer',
        before: {
          lines: [W, '800 g stewing beef, 25 mm cubes'],
          steps: [hold('s1', 35), step('b', 'rest', 600, { keepWarm: true })],
        },
        after: {
          lines: [W, '800 g stewing beef, 25 mm cubes'],
          steps: [hold('s1', 35), step('b', 'rest', 600, { keepWarm: false })],
        },
      },
    ],
  ]),
  ...casesOf('presumed', 'presumed', [
    [
      'Only the lid was locked, then nothing for two hours',
      'caught',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 15, quick)],
        marks: [['lid-locked', 2]],
        nowMin: 122,
        asks: 'open the valve',
      },
    ],
    [
      'At pressure was pressed, and the hold is over by the clock',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 15, quick)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
        ],
        nowMin: 33,
        asks: 'open the valve',
      },
    ],
    [
      'A pot read at 60 °C under the lid is not at pressure',
      'caught',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 15, quick)],
        marks: [
          ['lid-locked', 2],
          ['temperature', 40, 60],
        ],
        nowMin: 60,
        asks: 'open the valve',
      },
    ],
  ]),
  ...casesOf('forgotten', 'forgotten', [
    [
      'Nine hours after the lid came off',
      'caught',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 60],
          ['lid-off', 61],
        ],
        nowMin: 600,
        asks: 'how warm is it',
      },
    ],
    [
      'Twenty minutes after the lid came off',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 60],
          ['lid-off', 61],
        ],
        nowMin: 81,
        asks: 'how warm is it',
      },
    ],
    [
      'The pin dropped, and nobody came for seven hours',
      'caught',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 60],
        ],
        nowMin: 480,
        asks: 'how warm is it',
      },
    ],
    [
      'Nobody pressed anything after the lid, for ten hours',
      'caught',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [['lid-locked', 2]],
        nowMin: 602,
        asks: 'how warm is it',
      },
    ],
    [
      'Read at 70 °C ten minutes ago',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '4 chicken legs'],
        steps: [hold('s1', 20)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 60],
          ['lid-off', 61],
          ['temperature', 150, 70],
        ],
        nowMin: 160,
        asks: 'how warm is it',
      },
    ],
  ]),
  ...casesOf('centre', 'thermometer', [
    [
      'A thermometer reads 64 °C in the chicken as the lid comes off',
      'stop',
      {
        kind: 'cook',
        lines: [W, '1.6 kg whole chicken'],
        steps: [hold('s1', 25)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 70],
          ['lid-off', 71],
          ['temperature', 72, 64],
        ],
        nowMin: 73,
        asks: 'to the table',
      },
    ],
    [
      'A thermometer reads 84 °C in the chicken',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '1.6 kg whole chicken'],
        steps: [hold('s1', 25)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 16],
          ['pin-down', 70],
          ['lid-off', 71],
          ['temperature', 72, 84],
        ],
        nowMin: 73,
        asks: 'to the table',
      },
    ],
    [
      'The hold of a frozen bird was ended after 4 min',
      'stop',
      {
        kind: 'cook',
        lines: [W, '1.8 kg whole chicken, frozen'],
        steps: [hold('s1', 40, quick)],
        marks: [
          ['lid-locked', 2],
          ['at-pressure', 30],
          ['hold-over', 34],
          ['valve-opened', 34],
          ['pin-down', 37],
          ['lid-off', 38],
        ],
        nowMin: 39,
        asks: 'to the table',
      },
    ],
  ]),
];
