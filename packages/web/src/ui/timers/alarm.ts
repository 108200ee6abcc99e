const BEAT_MS = 900
const BEEP_S = 0.35
const HIGH_HZ = 1046
const LOW_HZ = 784

let context: AudioContext | null = null
/** A page may make a sound only once somebody has pressed something on it: called where a timer is started. */
export function armAlarm(): void {
  if (typeof AudioContext === 'undefined' || ('userActivation' in navigator && !navigator.userActivation.hasBeenActive)) return
  context ??= new AudioContext()
  if (context.state === 'suspended') void context.resume()
}

/** Two notes in turn until it is told to be quiet. */
export function soundAlarm(): () => void {
  if (typeof AudioContext === 'undefined') return () => undefined
  let beat = 0
  const beep = (): void => {
    // After a reload it waits for the first press on the page.
    armAlarm()
    if (context?.state !== 'running') return
    const tone = context.createOscillator()
    const volume = context.createGain()
    tone.frequency.value = beat++ % 2 === 0 ? HIGH_HZ : LOW_HZ
    volume.gain.setValueAtTime(0.4, context.currentTime)
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + BEEP_S)
    tone.connect(volume).connect(context.destination)
    tone.start()
    tone.stop(context.currentTime + BEEP_S)
  }
  beep()
  const beats = setInterval(beep, BEAT_MS)
  return () => clearInterval(beats)
}
