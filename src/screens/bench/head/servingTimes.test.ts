import fc from 'fast-check';
import { likelyServings, oddHour, readServing, servingWords } from './servingTimes';

/** Thursday 26 November 2026, half past two. */
const NOW = new Date(2026, 10, 26, 14, 30);

describe('a serving time in words', () => {
  it.each<[string, string]>([
    ['18:30', '26 18:30'],
    ['18.30', '26 18:30'],
    ['1830', '26 18:30'],
    ['7', '26 19:00'],
    ['7pm', '26 19:00'],
    ['7 p.m.', '26 19:00'],
    ['at 7', '26 19:00'],
    ["7 o'clock", '26 19:00'],
    ['tonight 7', '26 19:00'],
    ['tonight at 7', '26 19:00'],
    ['7 tonight', '26 19:00'],
    ['7:30 tonight', '26 19:30'],
    ['this evening 8', '26 20:00'],
    ['tonight', '26 19:00'],
    ['dinner', '26 19:00'],
    ['half past seven', '26 19:30'],
    ['quarter to 8', '26 19:45'],
    ['quarter past six', '26 18:15'],
    ['19h', '26 19:00'],
    ['19h30', '26 19:30'],
    ['in 2 h', '26 16:30'],
    ['in 2 hours', '26 16:30'],
    ['in 1.5 h', '26 16:00'],
    ['in 90 min', '26 16:00'],
    ['in 2h30', '26 17:00'],
    ['in an hour and a half', '26 16:00'],
    ['2 hours from now', '26 16:30'],
    ['tomorrow noon', '27 12:00'],
    ['tomorrow at 12', '27 12:00'],
    ['tomorrow 7', '27 19:00'],
    ['tomorrow morning 8', '27 08:00'],
    ['tomorrow evening 6:30', '27 18:30'],
    ['lunch', '27 12:30'],
    ['noon', '27 12:00'],
    ['11', '27 11:00'],
    ['07:15', '27 07:15'],
    ['sat 7', '28 19:00'],
    ['sunday 1pm', '29 13:00'],
    ['sunday lunch', '29 12:30'],
    ['in two and a half hours', '26 17:00'],
    ['in an hour and three quarters', '26 16:15'],
    ['in three quarters of an hour', '26 15:15'],
    ['in three hours', '26 17:30'],
    ['in half an hour', '26 15:00'],
    ['6ish', '26 18:00'],
    ['eightish', '26 20:00'],
    ['7pm sharp', '26 19:00'],
    ['dinner at 6:30', '26 18:30'],
    ['tea at 5', '26 17:00'],
    ["for 7 o'clock", '26 19:00'],
    ['around seven', '26 19:00'],
    ['about 7:15', '26 19:15'],
    ['by half past six tonight', '26 18:30'],
    ['half 8', '26 20:30'],
    ['tomorrow evening at half six', '27 18:30'],
    ['ten past six', '26 18:10'],
    ['five past seven', '26 19:05'],
    ['twenty-five past six', '26 18:25'],
    ['20 to 8', '26 19:40'],
    ['twenty to eight', '26 19:40'],
    ['a quarter to 7', '26 18:45'],
    ['quarter past six this evening', '26 18:15'],
    ['day after tomorrow at 12', '28 12:00'],
    ['the day after tomorrow at 7', '28 19:00'],
    ['supper tomorrow', '27 19:00'],
    ['sunday evening at seven', '29 19:00'],
    ['tomorrow 6.45pm', '27 18:45'],
    ['May 18 at 7 pm', '18 19:00'],
    ['18 May at 7', '18 19:00'],
    ['serve at half seven', '26 19:30'],
    ['we eat at 7', '26 19:00'],
    ['ready for 18:45', '26 18:45'],
    ['friday night', '27 19:00'],
    ['fri 7.30', '27 19:30'],
    ['next saturday at 1', '5 13:00'],
    ['saturday at 1pm', '28 13:00'],
    ['in 45', '26 15:15'],
    ['in 45 minutes', '26 15:15'],
    ['two hours', '26 16:30'],
    ['midnight', '27 00:00'],
    ['half past noon', '27 12:30'],
    ['24 Dec 6pm', '24 18:00'],
    ['tomorrow lunchtime', '27 12:30'],
    ['in 3/4 hour', '26 15:15'],
    ['in 1 1/2 hours', '26 16:00'],
    ['seven thirty', '26 19:30'],
    ['six fifteen pm', '26 18:15'],
    ['8 in the morning', '27 08:00'],
    ['tomorrow at eight in the morning', '27 08:00'],
  ])('reads “%s”', (text, wanted) => {
    const at = readServing(text, NOW)?.at ?? null;
    const day = at?.getDate();
    const time =
      at && `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`;
    expect(at && `${day} ${time}`).toBe(wanted);
  });

  it.each([
    '',
    'blah',
    'soon',
    '25:99',
    'tomorrow',
    'yesterday 7pm',
    'as soon as possible',
    'asap',
    'when the kids are home',
    '7 or 7:30',
    'between 6 and 7',
    '6-7',
    '12/24',
    'christmas eve at 6',
    '25:00',
    '7:75',
    'ten to',
    'guests at 8, eat at half past',
    '3 carrots',
    '11/12',
    '3/4',
    '2 eggs',
  ])('takes no time from “%s”', (text) => {
    expect(readServing(text, NOW)).toBeNull();
  });

  it('is said so that it reads back the same, within the year (law)', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 * 24 * 30 }), (minutes) => {
        const at = new Date(NOW.getTime() + minutes * 60_000);
        expect(readServing(servingWords(at, NOW), NOW)?.at.getTime()).toBe(at.getTime());
      }),
    );
  });
});

describe('likely times', () => {
  it('are the soonest and the next meals after it', () => {
    const said = (hour: number, minute: number, total: number) => {
      const now = new Date(2026, 10, 26, hour, minute);
      return likelyServings(now, total).map((at) => servingWords(at, now));
    };
    expect(said(14, 32, 95)).toEqual(['16:10', '18:30', '19:30']);
    expect(said(18, 0, 45)).toEqual(['18:45', '19:30', 'tomorrow 12:30']);
    expect(said(23, 0, 420)).toEqual(['tomorrow 06:00', 'tomorrow 12:30', 'tomorrow 18:30']);
  });
});

describe('the nights when the clocks change', () => {
  const SPRING = new Date(2026, 2, 28, 12);
  const AUTUMN = new Date(2026, 9, 24, 12);

  it.each([
    [
      SPRING,
      'tomorrow 1:30 am',
      'There is no 01:30 that night, the clocks go forward: 02:30 is taken.',
    ],
    [
      AUTUMN,
      'tomorrow 01:30',
      '01:30 comes twice that night, the clocks go back: the first is taken.',
    ],
    [SPRING, 'tomorrow 2:30 am', null],
    [AUTUMN, 'tomorrow 12:30', null],
    [SPRING, 'in 13 h', null],
  ])('are said: %s, %s', (now, text, odd) => {
    expect(readServing(text, now)?.odd).toBe(odd);
  });

  it('tell the second of two alike', () => {
    const second = new Date(Date.UTC(2026, 9, 25, 1, 30));
    expect(oddHour(second, '01:30')).toContain('this is the second');
  });
});
