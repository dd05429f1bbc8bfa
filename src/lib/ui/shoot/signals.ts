// Sound, speech, vibration and a lit screen, each where the machine has it; none is promised.

/** A short tone. @param high for the moments that matter */
export function beep(context: AudioContext | null, high: boolean): void {
  if (context?.state !== 'running') return;
  const tone = context.createOscillator();
  const gain = context.createGain();
  tone.frequency.value = high ? 1320 : 880;
  gain.gain.setValueAtTime(0.2, context.currentTime);
  gain.gain.exponentialRampToValueAtTime(0.001, context.currentTime + (high ? 0.35 : 0.12));
  tone.connect(gain).connect(context.destination);
  tone.start();
  tone.stop(context.currentTime + 0.4);
}

/** Says a word aloud. */
export function speak(words: string): void {
  if (!('speechSynthesis' in window)) return;
  window.speechSynthesis.cancel();
  window.speechSynthesis.speak(new SpeechSynthesisUtterance(words));
}

/** A shake in the hand. */
export function shake(milliseconds: number): void {
  if ('vibrate' in navigator) navigator.vibrate(milliseconds);
}

/** Asks that the screen stay lit. @returns what lets it sleep again; nothing happens where that is not to be had */
export async function keepAwake(): Promise<() => void> {
  try {
    const lock = await navigator.wakeLock.request('screen');
    return () => void lock.release();
  } catch {
    return () => undefined;
  }
}
