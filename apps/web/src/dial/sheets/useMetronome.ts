import { useEffect, useRef, useState } from 'react';

/** Clicks are put on the audio clock so far ahead, s: a busy page must not make one late. */
const ahead = 0.3;
const lookMs = 60;
const click = { hertz: 1400, seconds: 0.03 };

/** A beat every so many seconds, heard and counted, on the audio clock, which does not drift with the page. */
export function useMetronome(seconds: number, isMuted: boolean) {
  const [isRunning, setRunning] = useState(false);
  const [beat, setBeat] = useState(0);
  const muted = useRef(isMuted);
  useEffect(() => {
    muted.current = isMuted;
  }, [isMuted]);
  useEffect(() => {
    if (!isRunning) return;
    const audio = new AudioContext();
    const begun = audio.currentTime + 0.1;
    let next = 0;
    const timer = setInterval(() => {
      while (begun + next * seconds < audio.currentTime + ahead) {
        if (!muted.current) clickAt(audio, begun + next * seconds);
        next += 1;
      }
      setBeat(Math.max(0, Math.floor((audio.currentTime - begun) / seconds)));
    }, lookMs);
    return () => {
      clearInterval(timer);
      void audio.close();
    };
  }, [isRunning, seconds]);
  const start = () => {
    setBeat(0);
    setRunning(true);
  };
  return { isRunning, beat, start, stop: () => setRunning(false) };
}

function clickAt(audio: AudioContext, at: number): void {
  const tone = audio.createOscillator();
  const loudness = audio.createGain();
  tone.frequency.value = click.hertz;
  loudness.gain.setValueAtTime(0.4, at);
  loudness.gain.exponentialRampToValueAtTime(0.001, at + click.seconds);
  tone.connect(loudness).connect(audio.destination);
  tone.start(at);
  tone.stop(at + click.seconds);
}
