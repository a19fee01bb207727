/** A short tone; a computer without sound stays silent. */
export function beep() {
  try {
    const audio = new AudioContext()
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    volume.gain.value = 0.2
    tone.frequency.value = 660
    tone.connect(volume).connect(audio.destination)
    tone.start()
    tone.stop(audio.currentTime + 0.25)
    tone.onended = () => void audio.close()
  } catch {
    // no sound here
  }
}
