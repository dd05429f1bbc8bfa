// What the one small place in the head says.

/** The state of the queue in a word or two, for the one small place. */
export function sayState(state: {
  readonly waiting: number;
  readonly asked: number;
  readonly sending: boolean;
  readonly away: boolean;
}): string {
  if (state.asked > 0) return state.asked === 1 ? '1 needs you' : `${state.asked} need you`;
  if (state.sending) return `Sending ${state.waiting}`;
  if (state.waiting > 0) return `${state.waiting} waiting`;
  return state.away ? 'Away' : 'All sent';
}
