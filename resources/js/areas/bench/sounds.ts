import { useEffect, useRef, useState } from 'react';
import { type Sound, soundOf } from '@/lib/sounds';
import type { Bench } from './useRun';

/** Height in hertz, and from when to when in seconds: short and high, long and low, three that rise. */
const NOTES: Record<Sound, [number, number, number][]> = {
  good: [[1320, 0, 0.07]],
  not_good: [
    [330, 0, 0.22],
    [262, 0.26, 0.55],
  ],
  round: [
    [880, 0, 0.09],
    [1108, 0.11, 0.2],
    [1320, 0.22, 0.42],
  ],
};
const LOUD = 0.25;
const KEY = 'tekkal.sounds';

const isOn = () => localStorage.getItem(KEY) !== 'off';
let speaker: AudioContext | null = null;

function play(sound: Sound): void {
  if (!isOn() || typeof AudioContext === 'undefined') return;
  speaker ??= new AudioContext();
  const now = speaker.currentTime;
  for (const [height, from, to] of NOTES[sound]) {
    const [tone, level] = [speaker.createOscillator(), speaker.createGain()];
    tone.type = 'triangle';
    tone.frequency.value = height;
    // It fades out: cut off, it would crack.
    level.gain.setValueAtTime(LOUD, now + from);
    level.gain.exponentialRampToValueAtTime(0.001, now + to);
    tone.connect(level).connect(speaker.destination);
    tone.start(now + from);
    tone.stop(now + to);
  }
}

/** What the screen shows is heard too: whoever pulls does not look at it. */
export function useSounds({ view, notice }: Bench): void {
  const before = useRef(view);
  useEffect(() => {
    const sound = view && soundOf(before.current, view);
    before.current = view;
    if (sound) play(sound);
  }, [view]);
  useEffect(() => {
    if (notice) play('not_good');
  }, [notice]);
}

/** They are on until somebody switches them off at this bench. */
export function useSoundSwitch(): { on: boolean; flip: () => void } {
  const [on, setOn] = useState(isOn);
  const flip = () => {
    localStorage.setItem(KEY, on ? 'off' : 'on');
    setOn(!on);
  };
  return { on, flip };
}
