/** Time left, or how late it is, as a clock shows it. */
export function clockWords(leftMs: number): string {
  const seconds = Math.ceil(Math.abs(leftMs) / 1000);
  const [days, hours, minutes] = [
    Math.floor(seconds / 86_400),
    Math.floor(seconds / 3600) % 24,
    Math.floor(seconds / 60) % 60,
  ];
  const two = (value: number) => String(value).padStart(2, '0');
  const shown =
    days > 0
      ? `${days} d ${hours} h`
      : hours > 0
        ? `${hours}:${two(minutes)}:${two(seconds % 60)}`
        : `${minutes}:${two(seconds % 60)}`;
  if (leftMs <= -1000) return `late by ${shown}`;
  return leftMs <= 0 ? 'due now' : shown;
}
