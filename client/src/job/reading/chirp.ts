let context: AudioContext | undefined;

/** A short rising chirp: a reading is kept. Silent where the browser has no sound. */
export function chirp(): void {
  try {
    context ??= new AudioContext();
    const from = context.currentTime;
    const tone = context.createOscillator();
    const loudness = context.createGain();
    tone.frequency.setValueAtTime(1800, from);
    tone.frequency.exponentialRampToValueAtTime(3200, from + 0.06);
    loudness.gain.setValueAtTime(0.12, from);
    loudness.gain.exponentialRampToValueAtTime(0.001, from + 0.09);
    tone.connect(loudness).connect(context.destination);
    tone.start(from);
    tone.stop(from + 0.1);
  } catch {
    // A reading counts whether or not it can be heard.
  }
}
