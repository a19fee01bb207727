const LOUD = 0.2

/** A short tone; a computer without sound stays silent. */
export function beep(hz = 660, seconds = 0.25) {
  try {
    const audio = new AudioContext()
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    volume.gain.value = LOUD
    tone.frequency.value = hz
    tone.connect(volume).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + seconds)
    tone.onended = () => void audio.close()
  } catch {
    // no sound here
  }
}
