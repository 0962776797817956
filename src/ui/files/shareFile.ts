import { download } from './download';

/**
 * Hands a file of Retort to whatever the device shares with; where it shares nothing, it is saved.
 *
 * @param name of it, without its ending
 */
export async function shareFile(name: string, text: string): Promise<void> {
  const whole = `${name}.json`;
  const file = new File([text], whole, { type: 'application/json' });
  const able = typeof navigator.canShare === 'function' && navigator.canShare({ files: [file] });
  if (!able) {
    download(whole, text, 'application/json');
    return;
  }
  try {
    await navigator.share({ files: [file], title: name });
  } catch (error) {
    // Who closes the sheet of sharing wants nothing.
    if (!(error instanceof DOMException && error.name === 'AbortError'))
      download(whole, text, 'application/json');
  }
}
