import { Pause, Play, StepBack, StepForward } from 'lucide-react';
import { useEffect, useState } from 'react';

interface HeatClockProps {
  /** How many frames there are. */
  frames: number;
  /** When a frame is, in words. */
  sayMoment: (frame: number) => string;
  frame: number;
  onFrame: (frame: number) => void;
  /** Frames a second while it plays; heat's lie closer together where things are quick. */
  playedPerSecond?: number;
}

/** Goes through heat in time: play, a step back or on, and a slide to any moment. */
export function HeatClock({ frames, sayMoment, frame, onFrame, playedPerSecond = 15 }: HeatClockProps) {
  const [isPlaying, setPlaying] = useState(false);
  const last = frames - 1;
  useEffect(() => {
    if (!isPlaying) return undefined;
    const timer = setTimeout(() => {
      if (frame >= last) setPlaying(false);
      else onFrame(frame + 1);
    }, 1000 / playedPerSecond);
    return () => clearTimeout(timer);
  }, [isPlaying, frame, last, onFrame, playedPerSecond]);
  const play = () => {
    if (!isPlaying && frame >= last) onFrame(0);
    setPlaying(!isPlaying);
  };
  const goTo = (to: number) => {
    setPlaying(false);
    onFrame(Math.min(last, Math.max(0, to)));
  };
  return (
    <div className="flex items-center gap-1">
      <ClockButton name={isPlaying ? 'Pause' : 'Play'} icon={isPlaying ? Pause : Play} onPress={play} />
      <ClockButton name="A step back" icon={StepBack} onPress={() => goTo(frame - 1)} />
      <ClockButton name="A step on" icon={StepForward} onPress={() => goTo(frame + 1)} />
      <input
        type="range"
        className="range touch-always min-w-0 grow range-primary range-sm [--range-fill:0]"
        min={0}
        max={last}
        value={frame}
        aria-label="Moment"
        aria-valuetext={sayMoment(frame)}
        onChange={(event) => goTo(Number(event.target.value))}
      />
      <span className="w-40 text-right text-sm">{sayMoment(frame)}</span>
    </div>
  );
}

function ClockButton({
  name,
  icon: Icon,
  onPress,
}: {
  name: string;
  icon: typeof Play;
  onPress: () => void;
}) {
  return (
    <button
      type="button"
      className="btn btn-square touch btn-ghost btn-sm"
      aria-label={name}
      onClick={onPress}
    >
      <Icon className="size-5" aria-hidden="true" />
    </button>
  );
}
