/** Centre temperatures, lectin, and how thick a piece is. */
import { casesOf, hold, plan, quick, step } from '../types';

const W = '1.5 l water';
const simmer = (minutes: number) => [step('s1', 'simmer', minutes)];

export const COOKED = [
  ...casesOf('centre', 'poultry', [
    [
      'Chicken thighs put into the boiling pot for 3 min',
      'stop',
      plan(
        [W, '400 g potatoes', ['4 chicken thighs', 'b']],
        [hold('s1', 8, quick), step('b', 'simmer', 3)],
      ),
    ],
    [
      'Chicken thighs, 12 min under pressure',
      'nothing',
      plan([W, '4 chicken thighs'], [hold('s1', 12)]),
    ],
    [
      'A whole frozen chicken of 1.8 kg, 10 min and a quick release',
      'stop',
      plan([W, '1.8 kg whole chicken, frozen'], [hold('s1', 10, quick)]),
    ],
    [
      'A whole chicken of 1.5 kg, 28 min and the pin drops by itself',
      'nothing',
      plan([W, '1.5 kg whole chicken'], [hold('s1', 28)]),
    ],
    [
      'Minced turkey frozen in a block of 1 kg, 6 min',
      'stop',
      plan([W, '1 kg minced turkey, frozen block'], [hold('s1', 6, quick)]),
    ],
    [
      'Frozen chicken breasts, 3 min and a quick release',
      'stop',
      plan([W, '3 chicken breasts, frozen'], [hold('s1', 3, quick)]),
    ],
    [
      'Chicken breasts, 9 min and 10 min of rest',
      'nothing',
      plan([W, '3 chicken breasts'], [hold('s1', 9, { method: 'timed', afterMin: 10 })]),
    ],
    [
      'Chicken livers stirred in at a rest',
      'stop',
      plan(
        [W, '400 g potatoes', ['300 g chicken livers', 'b']],
        [hold('s1', 8, quick), step('b', 'rest', 3)],
      ),
    ],
    [
      'A food of this kitchen called chicken breast, like courgette',
      'stop',
      plan([W, '600 g chicken breast like courgette'], simmer(4)),
    ],
    [
      'Turkey frame stock, 60 min',
      'nothing',
      plan(['2 l water', '1.2 kg turkey frame'], [hold('s1', 60)]),
    ],
  ]),
  ...casesOf('centre', 'minced', [
    ['Meatballs of 45 mm simmered 4 min', 'stop', plan([W, '600 g meatballs, 45 mm'], simmer(4))],
    ['Meatballs simmered 25 min', 'nothing', plan([W, '600 g meatballs'], simmer(25))],
    [
      'Minced beef, crumbled, 15 min under pressure',
      'nothing',
      plan([W, '500 g minced beef, crumbled'], [hold('s1', 15)]),
    ],
    [
      'Minced beef frozen in a block of 1.2 kg, 10 min',
      'stop',
      plan([W, '1.2 kg minced beef, frozen block'], [hold('s1', 10, quick)]),
    ],
    [
      'Raw sausages stirred in for 3 min at the end',
      'stop',
      plan(
        [W, '400 g potatoes', ['500 g sausages', 'b']],
        [hold('s1', 8, quick), step('b', 'simmer', 3)],
      ),
    ],
    [
      'Raw sausages, 12 min under pressure',
      'nothing',
      plan([W, '500 g sausages'], [hold('s1', 12)]),
    ],
  ]),
  ...casesOf('centre', 'whole-cut', [
    [
      'A frozen chuck roast of 1.5 kg, 35 min',
      'stop',
      plan([W, '1.5 kg chuck roast, frozen'], [hold('s1', 35, quick)]),
    ],
    [
      'A thawed chuck roast of 1.5 kg, 80 min',
      'nothing',
      plan([W, '1.5 kg chuck roast'], [hold('s1', 80)]),
    ],
    [
      'Pork shoulder of 2 kg in one piece, frozen, 30 min',
      'stop',
      plan([W, '2 kg pork shoulder in one piece, frozen'], [hold('s1', 30, quick)]),
    ],
    [
      'Pork shoulder in cubes of 40 mm, 30 min',
      'nothing',
      plan([W, '1 kg pork shoulder, 40 mm cubes'], [hold('s1', 30)]),
    ],
    [
      'A joint of lamb of 2 kg, frozen, 40 min',
      'stop',
      plan([W, '2 kg lamb shoulder joint, frozen'], [hold('s1', 40, quick)]),
    ],
    [
      'Lamb neck in pieces of 40 mm, 35 min',
      'nothing',
      plan([W, '1 kg lamb neck, 40 mm pieces'], [hold('s1', 35)]),
    ],
  ]),
  ...casesOf('centre', 'game', [
    [
      'Venison in pieces of 40 mm put in for 2 min',
      'stop',
      plan(
        [W, '400 g potatoes', ['600 g stewing venison, 40 mm cubes', 'b']],
        [hold('s1', 8, quick), step('b', 'simmer', 2)],
      ),
    ],
    [
      'Venison in cubes of 30 mm, 30 min',
      'nothing',
      plan([W, '800 g stewing venison, 30 mm cubes'], [hold('s1', 30)]),
    ],
    [
      'Wild boar in one piece of 1.8 kg, frozen, 30 min',
      'stop',
      plan([W, '1.8 kg wild boar in one piece, frozen'], [hold('s1', 30, quick)]),
    ],
    ['Rabbit pieces, 25 min', 'nothing', plan([W, '1 kg rabbit pieces'], [hold('s1', 25)])],
  ]),
  ...casesOf('centre', 'fish', [
    [
      'Cod of 40 mm stirred in as the heat goes off, 1 min',
      'stop',
      plan(
        [W, '400 g potatoes', ['500 g cod, frozen, 40 mm pieces', 'b']],
        [hold('s1', 6, quick), step('b', 'open', 1)],
      ),
    ],
    [
      'Cod in pieces simmered 8 min',
      'nothing',
      plan(
        [W, '400 g potatoes', ['500 g cod, 30 mm pieces', 'b']],
        [hold('s1', 6, quick), step('b', 'simmer', 8)],
      ),
    ],
    ['Prawns simmered 4 min', 'nothing', plan([W, ['300 g prawns', 's1']], simmer(4))],
  ]),
  ...casesOf('centre', 'egg', [
    [
      'Eggs whisked in off the heat with a litre of cold broth',
      'stop',
      plan(
        [W, '400 g potatoes', ['4 eggs', 'b'], ['1.5 l broth', 'b']],
        [hold('s1', 6, quick), step('b', 'rest', 2)],
      ),
    ],
    [
      'Eggs whisked into the simmering soup for 2 min',
      'nothing',
      plan([W, '400 g potatoes', ['3 eggs', 'b']], [hold('s1', 6, quick), step('b', 'simmer', 2)]),
    ],
  ]),
  ...casesOf('lectin', 'lectin', [
    [
      'Soaked red kidney beans on keep-warm for 8 h',
      'stop',
      plan([W, '400 g red kidney beans, soaked'], [step('b', 'rest', 480, { keepWarm: true })]),
    ],
    [
      'Soaked red kidney beans, 18 min under pressure',
      'nothing',
      plan([W, '400 g red kidney beans, soaked'], [hold('s1', 18)]),
    ],
    [
      'Soaked kidney beans, 0 min and a quick release',
      'stop',
      plan([W, '300 g red kidney beans, soaked'], [hold('s1', 0, quick)]),
    ],
    ['Cannellini simmered 10 min', 'stop', plan([W, '300 g cannellini, soaked'], simmer(10))],
    ['Borlotti, 28 min', 'nothing', plan([W, '300 g borlotti, soaked'], [hold('s1', 28)])],
    [
      'Bean soup mix kept warm 4 h',
      'stop',
      plan([W, '400 g bean soup mix'], [step('b', 'rest', 240, { keepWarm: true })]),
    ],
    ['Butter beans simmered 8 min', 'stop', plan([W, '300 g butter beans, soaked'], simmer(8))],
    ['Black beans simmered 12 min', 'stop', plan([W, '300 g black beans, soaked'], simmer(12))],
    [
      'Kidney beans simmered 60 min at 3,000 m, where water boils at 90 °C',
      'stop',
      plan([W, '300 g red kidney beans, soaked'], simmer(60), { kitchen: { altitudeM: 3000 } }),
    ],
    [
      'Kidney beans simmered 60 min at sea level',
      'nothing',
      plan(['2 l water', '300 g red kidney beans, soaked'], simmer(60), {
        kitchen: { altitudeM: 0 },
      }),
    ],
    ['Canned kidney beans simmered 5 min', 'nothing', plan([W, '1 can kidney beans'], simmer(5))],
    [
      'A food called red kidney beans, like celery',
      'stop',
      plan([W, '400 g red kidney beans like celery'], simmer(12)),
    ],
    ['Rajma, like carrot', 'stop', plan([W, '400 g rajma like carrot'], simmer(12))],
    [
      'A food called garden beans, like red kidney beans',
      'stop',
      plan([W, '400 g garden treasures like red kidney beans'], simmer(12)),
    ],
    ['Chickpeas simmered 20 min', 'nothing', plan([W, '300 g chickpeas, soaked'], simmer(20))],
    ['Red lentils simmered 12 min', 'nothing', plan([W, '300 g red lentils'], simmer(12))],
    ['Black-eyed peas simmered 20 min', 'nothing', plan([W, '300 g black-eyed peas'], simmer(20))],
    ['A dry mix of 15 beans simmered 10 min', 'stop', plan([W, '400 g 15 bean mix'], simmer(10))],
    [
      'Kidney beans at the stove, the hold ended after 1 min',
      'stop',
      {
        kind: 'cook',
        lines: [W, '300 g red kidney beans, soaked'],
        steps: [hold('s1', 20, quick)],
        marks: [
          ['lid-locked', 1],
          ['at-pressure', 15],
          ['hold-over', 16],
          ['valve-opened', 16],
          ['pin-down', 18],
          ['lid-off', 19],
        ],
        nowMin: 20,
        asks: 'to the table',
      },
    ],
    [
      'Kidney beans at the stove, the whole hold',
      'nothing',
      {
        kind: 'cook',
        lines: [W, '300 g red kidney beans, soaked'],
        steps: [hold('s1', 25)],
        marks: [
          ['lid-locked', 1],
          ['at-pressure', 15],
          ['pin-down', 60],
          ['lid-off', 61],
        ],
        nowMin: 62,
        asks: 'to the table',
      },
    ],
  ]),
  ...casesOf('size', 'size', [
    [
      '1.5 kg chuck roast, frozen',
      'stop',
      { kind: 'size', line: '1.5 kg chuck roast, frozen', leastMm: 85, mostMm: 130 },
    ],
    [
      '2 kg pork shoulder in one piece',
      'stop',
      { kind: 'size', line: '2 kg pork shoulder in one piece', leastMm: 90, mostMm: 150 },
    ],
    [
      '1 kg minced beef, frozen block',
      'stop',
      { kind: 'size', line: '1 kg minced beef, frozen block', leastMm: 45, mostMm: 120 },
    ],
    [
      '1.2 kg lamb shoulder joint',
      'stop',
      { kind: 'size', line: '1.2 kg lamb shoulder joint', leastMm: 75, mostMm: 120 },
    ],
    [
      '800 g beef brisket, whole',
      'stop',
      { kind: 'size', line: '800 g beef brisket, whole', leastMm: 45, mostMm: 100 },
    ],
    [
      '1 kg stewing beef, 30 mm cubes',
      'nothing',
      { kind: 'size', line: '1 kg stewing beef, 30 mm cubes', leastMm: 25, mostMm: 40 },
    ],
    [
      '1 kg lamb neck, pieces of 40 mm',
      'nothing',
      { kind: 'size', line: '1 kg lamb neck, 40 mm pieces', leastMm: 35, mostMm: 50 },
    ],
    [
      '600 g diced pork',
      'nothing',
      { kind: 'size', line: '600 g pork shoulder, diced', leastMm: 8, mostMm: 40 },
    ],
  ]),
];
