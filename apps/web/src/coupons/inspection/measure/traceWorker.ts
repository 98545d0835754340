import { traceFusionLine, type FusionLine, type TraceTask } from '@lone-heron/core';

/** What the worker answers: the line, or why there is none. */
export type TraceAnswer = { readonly line: FusionLine } | { readonly fault: string };

onmessage = ({ data }: MessageEvent<TraceTask>) => {
  let answer: TraceAnswer;
  try {
    answer = { line: traceFusionLine(data) };
  } catch (fault) {
    answer = { fault: fault instanceof Error ? fault.message : String(fault) };
  }
  postMessage(answer);
};
