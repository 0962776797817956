import { clockText, dateAndTime, dayAndTime, timeOf, weekdayOf } from './clockText';

describe('the clock of a plan', () => {
  it('tells the clock once there is a serving time', () => {
    expect(clockText(undefined, 90)(12.4)).toBe('12 min');
    expect(clockText('2026-11-24T18:30:00', 90)(0)).toBe('17:00');
    expect(clockText('2026-11-24T18:30:00', 90)(90)).toBe('18:30');
  });

  it('tells the day where it is another', () => {
    const at = new Date(2026, 10, 24, 18, 5);
    expect(timeOf(at)).toBe('18:05');
    expect(dayAndTime(at, new Date(2026, 10, 24, 7))).toBe('18:05');
    expect(dayAndTime(at, new Date(2026, 10, 23, 23))).toBe('Tue 24 Nov 18:05');
    expect(dateAndTime(at)).toBe('24 November 2026, 18:05');
  });

  it('names every day and month as the language does', () => {
    for (let day = 0; day < 366; day++) {
      const at = new Date(2028, 0, 1 + day, 9);
      const said = new Intl.DateTimeFormat('en-GB', { dateStyle: 'full' }).format(at);
      expect(`${weekdayOf(at)} ${dateAndTime(at)}`).toBe(`${said.replace(',', '')}, 09:00`);
    }
  });
});
