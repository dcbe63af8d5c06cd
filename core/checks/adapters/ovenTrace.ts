import { meanC, traceFacts, type OvenTrace } from '../../src/oven/ovenTrace.ts';
import { nums, type Adapter } from '../checkFile.ts';

/** What a trace tells, and how far its plateau is from the dial. */
export const ovenTrace: Adapter = (entry) => {
  const trace = entry.input['traceMinC'] as OvenTrace | undefined;
  const plateau = entry.input['plateauMin'] as readonly [number, number] | undefined;
  const given = nums(entry, 'atLeastC', 'aboveC', 'dialC');
  if (trace === undefined || plateau === undefined || given === undefined) return {};
  const [atLeastC, aboveC, dialC] = given;
  return {
    ...traceFacts(trace, atLeastC, aboveC),
    meanOffsetC: meanC(trace, ...plateau) - dialC,
  };
};
