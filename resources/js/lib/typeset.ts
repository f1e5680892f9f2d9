/** "24 Nov 2026" in the shop's zone. */
export function day(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone }).format(new Date(iso));
}

/** "24 Nov, 08:40" in the shop's zone. */
export function dayAndTime(iso: string, timeZone: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', timeZone }).format(new Date(iso));
}

/** "2026-11-24": the calendar day that it is now in a zone. */
export function dateIn(timeZone: string, now = new Date()): string {
  const parts = new Intl.DateTimeFormat('en-GB', { day: '2-digit', month: '2-digit', year: 'numeric', timeZone }).formatToParts(now);
  const of = (type: string) => parts.find((p) => p.type === type)?.value ?? '';
  return `${of('year')}-${of('month')}-${of('day')}`;
}

/** A calendar day that is no instant: "2026-11-06" → "6 Nov 2026". */
export function calendarDay(date: string): string {
  return day(`${date}T12:00:00Z`, 'UTC');
}

/** "1 step", "16 steps". */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${String(n)} ${n === 1 ? one : many}`;
}

/** A share as a percentage that claims neither all nor none where it is less, or more, than that. */
export function expected(share: number): string {
  if (share > 0.99 && share < 1) return 'more than 99 %';
  if (share > 0 && share < 0.01) return 'less than 1 %';
  return `${String(Math.round(share * 100))} %`;
}

/** A calendar day without its year: "2026-12-01" → "1 Dec". */
export function shortDay(date: string): string {
  return new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(new Date(`${date}T12:00:00Z`));
}

/** A deviation with its sign, a true minus, and so many decimals: "+6.4", "−0.50", "0.0". */
export function signed(value: number, decimals: number): string {
  const size = Math.abs(value).toFixed(decimals);
  return Number(size) === 0 ? size : `${value < 0 ? '\u2212' : '+'}${size}`;
}

/** "Friday 27 November": the day of an instant, by the shop's clock. */
export function dayInWords(iso: string, timeZone: string): string {
  const parts = new Intl.DateTimeFormat('en-GB', { timeZone, weekday: 'long', day: 'numeric', month: 'long' }).formatToParts(new Date(iso));
  const of = (type: Intl.DateTimeFormatPartTypes) => parts.find((p) => p.type === type)?.value ?? '';
  return `${of('weekday')} ${of('day')} ${of('month')}`;
}
