/** Whether this browser can speak at all. */
export const hasVoice = (): boolean =>
  typeof speechSynthesis === 'object' && typeof SpeechSynthesisUtterance === 'function';
/** Says something with the browser's own voice, in place of what it was saying; without one, nothing. */
export function speak(text: string): void {
  if (!hasVoice()) return;
  speechSynthesis.cancel();
  const said = new SpeechSynthesisUtterance(text);
  said.lang = 'en';
  speechSynthesis.speak(said);
}
/** Falls silent. */
export function hush(): void {
  if (hasVoice()) speechSynthesis.cancel();
}
