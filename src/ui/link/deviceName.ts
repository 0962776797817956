/** A name for this device until it gets another. */
export const deviceName = (): string =>
  /Mobi|Android|iPhone|iPad/.test(navigator.userAgent) ? 'Phone' : 'Computer';
